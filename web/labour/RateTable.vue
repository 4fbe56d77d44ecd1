<script setup lang="ts">
import type { LabourRate } from '@/data/labour';
import { dayWords, todayHere } from '@/shared/days';
import { counted, pretty } from '@/shared/pretty';
import { rateName } from './labourWords';

/** Seconds for one piece: by the table, for hands that know it and new ones, and as the shop has timed it. */
const { rates } = defineProps<{ rates: LabourRate[] }>();
const seconds = (of: number | null) => (of === null ? '–' : String(Math.round(of * 10) / 10));
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>One piece, in seconds</th>
        <th class="number">practised</th>
        <th class="number">new</th>
        <th class="own">timed here</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="rate in rates" :key="`${rate.op} ${rate.method}`">
        <td>
          {{ rateName(rate) }} <small class="muted">{{ rate.tools.map(pretty).join(', ') }}</small>
        </td>
        <td class="number mono">{{ seconds(rate.practised) }}</td>
        <td class="number mono">{{ seconds(rate.new) }}</td>
        <td class="own">
          <span v-if="!rate.own.length" class="muted">not yet</span>
          <span v-for="one in rate.own" :key="one.entry" class="one">
            <b class="mono">{{ seconds(one.each) }}</b>
            {{ one.person ?? 'somebody'
            }}<template v-if="rate.tools.length > 1">, {{ pretty(one.tool) }}</template
            >, {{ counted(one.pieces, 'piece') }}, {{ dayWords(one.on, todayHere()) }}
          </span>
        </td>
      </tr>
    </tbody>
  </table>
  <p class="muted note">
    The table is common practice. What is timed here decides: the hand’s own where one is picked, else the
    mean of all hands; for a tool that nobody has timed, what others take that work in the same way. A piece
    is timed on its card, at the bench.
  </p>
</template>

<style scoped src="./table.css"></style>

<style scoped>
.number {
  padding-right: 14px;
  text-align: right;
  white-space: nowrap;
}

.one {
  display: block;
  font-size: 13px;
}

.note {
  margin: 6px 0 0;
  font-size: 12.5px;
}
</style>
