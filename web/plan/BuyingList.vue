<script setup lang="ts">
import { computed } from 'vue';
import type { PlanAsked } from '@/data/plans';
import FileLink from '@/frame/FileLink.vue';
import { prose } from '@/shared/pretty';
import { writtenAsked } from './beside';

/** What to come by, for whoever buys: what each thing must do, and a model as an example; as a file and on paper. */
const props = defineProps<{ rows: string[][]; asked: PlanAsked }>();
const body = computed(() => props.rows.slice(1));
const asked = computed(() => writtenAsked(props.asked));
const printPage = () => window.print();
</script>

<template>
  <section v-if="body.length" class="list" aria-labelledby="list-head">
    <header>
      <h2 id="list-head">Buying list</h2>
      <FileLink class="act" :href="`/api/v1/plan/buying-list?${asked}`">As CSV</FileLink>
      <a class="act" :href="`/api/v1/plan/buying-list.pdf?${asked}`" target="_blank" rel="noopener">As PDF</a>
      <button type="button" class="act" @click="printPage()">Print</button>
    </header>
    <table>
      <thead>
        <tr>
          <th scope="col">How</th>
          <th scope="col">Wanted</th>
          <th scope="col">For example</th>
          <th scope="col" class="end">Cost</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="([how, wanted, example, count, cost], at) in body" :key="at">
          <td>{{ how }}</td>
          <td>{{ wanted ? prose(wanted) : 'What another of these needs to work' }}</td>
          <td>
            <span class="mono">{{ count }} ×</span> {{ example }}
          </td>
          <td class="end mono">{{ cost }}</td>
        </tr>
      </tbody>
    </table>
    <p class="muted">
      Anything that does what is wanted is as good as the example. Local codes and licensed practice come
      first.
    </p>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
header {
  display: flex;
  gap: 18px;
  align-items: baseline;
}

.act {
  min-height: var(--touch);
  color: var(--copper);
  font-size: 13px;
  text-decoration: underline;
  cursor: pointer;
}

td:first-child {
  white-space: nowrap;
}

p {
  margin: 6px 0 0;
  font-size: 12.5px;
}

@media print {
  .act {
    display: none;
  }
}
</style>
