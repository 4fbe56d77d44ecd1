<script setup lang="ts">
import type { Bag } from '@/data/bag';
import { counted, pretty, prose } from '@/shared/pretty';
import { operationWords } from '@/shared/status';

/** Operation by operation the one tool of the kit, and of the shop, that alone does most; and what is lost without the others. */
defineProps<{ one: Bag['one'] }>();
type Does = NonNullable<Bag['one'][number]['ofKit']>;
const done = ({ proper, makeshift }: Does) => `${proper}${makeshift ? ` + ${makeshift} makeshift` : ''}`;
const isBetter = ({ ofKit, ofShop }: Bag['one'][number]) =>
  ofShop !== null && (ofKit === null || ofShop.tool !== ofKit.tool);
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">Operation</th>
        <th scope="col">Of the kit</th>
        <th scope="col" class="number">Terminations</th>
        <th scope="col" class="number">Sizes</th>
        <th scope="col">Lost without the others</th>
        <th scope="col">Of the shop</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in one" :key="row.op">
        <th scope="row">{{ operationWords[row.op] }}</th>
        <template v-if="row.ofKit">
          <td>{{ pretty(row.ofKit.name) }}</td>
          <td class="number mono">{{ done(row.ofKit) }} of {{ row.asked }}</td>
          <td class="number mono" :title="row.ofKit.sizes.join(', ')">
            {{ row.ofKit.sizes.length }} of {{ row.askedSizes }}
          </td>
          <td>
            <template v-if="!row.ofKit.lost.length">nothing</template>
            <details v-else>
              <summary>{{ counted(row.ofKit.lost.length, 'line') }}</summary>
              <ul>
                <li v-for="(line, at) in row.ofKit.lost" :key="at">{{ prose(line) }}</li>
              </ul>
            </details>
          </td>
        </template>
        <template v-else>
          <td class="none">no tool</td>
          <td class="number mono">0 of {{ row.asked }}</td>
          <td class="number mono">0 of {{ row.askedSizes }}</td>
          <td class="none">all of it</td>
        </template>
        <td>
          <template v-if="isBetter(row) && row.ofShop"
            >{{ pretty(row.ofShop.name) }}
            <span class="mono muted">{{ done(row.ofShop) }} of {{ row.asked }}</span></template
          >
          <span v-else class="muted">{{ row.ofShop ? 'the same' : 'none does any' }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  font-size: 13.5px;
}

th,
td {
  padding: 5px 14px 5px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
  vertical-align: top;
}

thead th {
  border-bottom-color: var(--ink);
  font-size: 12.5px;
}

tbody th {
  font-weight: 560;
}

.number {
  text-align: right;
  white-space: nowrap;
}

.none {
  color: var(--hole);
}

summary {
  min-height: var(--touch-tight);
  cursor: pointer;
}

ul {
  margin: 0;
  padding: 0 0 0 14px;
  font-size: 12.5px;
}
</style>
