<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { money } from '@/shared/currency';
import { counted } from '@/shared/pretty';
import { breakEven, meansWords, mendingWords } from './planWords';

/** What comes into the kit, how and for how much; each can be held fast or left out, and the plan answers. */
const props = defineProps<{
  plan: Schemas['Plan'];
  tools: Record<string, Schemas['Tool']>;
  pinned: string[];
  barred: string[];
  kitNames: Record<string, string>;
}>();
defineEmits<{ pin: [tool: string]; bar: [tool: string] }>();

const nameOf = (id: string) => props.tools[id]?.name ?? id;
const linesOf = (add: Schemas['Plan']['add'][number]) => new Set(add.closes.map(({ line }) => line)).size;
/** Paid by the piece: one row for each tool. */
function paidByTool(): { tool: string; cost: number; lines: number }[] {
  const of = new Map<string, { tool: string; cost: number; lines: number }>();
  for (const { tool, cost } of props.plan.paid) {
    const one = of.get(tool) ?? { tool, cost: 0, lines: 0 };
    of.set(tool, { tool, cost: one.cost + cost, lines: one.lines + 1 });
  }
  return [...of.values()];
}
</script>

<template>
  <section aria-labelledby="moves-head">
    <h2 id="moves-head">What to do</h2>
    <p v-if="!plan.add.length && !plan.paid.length" class="muted none">
      Nothing: what can be had closes nothing more.
    </p>
    <ul class="rows">
      <li
        v-for="add in plan.add"
        :key="`${add.tool} ${add.isSecond} ${add.mending?.asset}`"
        :class="{ pinned: pinned.includes(add.tool) }"
      >
        <div class="head">
          <span class="means">{{ meansWords[add.means] }}</span>
          <RouterLink class="tool" :to="{ name: 'thing', params: { list: 'tools', id: add.tool } }">{{
            nameOf(add.tool)
          }}</RouterLink>
          <span class="mono cost">{{ money(add.cost) }}</span>
        </div>
        <div class="muted why">
          <template v-if="add.mending"
            ><RouterLink :to="{ name: 'wall', query: { thing: add.mending.asset } }">{{
              mendingWords(add.mending)
            }}</RouterLink
            >;
          </template>
          <template v-if="add.isSecond">a second one, as a backup; </template>
          <template v-if="add.from">out of {{ kitNames[add.from] ?? add.from }}; </template>
          <template v-if="add.closes.length"
            >closes {{ counted(add.closes.length, 'step') }} on {{ counted(linesOf(add), 'line') }}</template
          >
          <template v-else>closes nothing by itself</template>.
          {{ add.mending ? '' : breakEven(tools[add.tool] ?? {}) }}
        </div>
        <div v-if="!add.isSecond" class="acts">
          <button type="button" :aria-pressed="pinned.includes(add.tool)" @click="$emit('pin', add.tool)">
            {{ pinned.includes(add.tool) ? 'Held fast' : 'Hold fast' }}
          </button>
          <button type="button" @click="$emit('bar', add.tool)">Leave out</button>
        </div>
      </li>
      <li v-for="paid in paidByTool()" :key="`paid-${paid.tool}`">
        <div class="head">
          <span class="means">{{ meansWords['per-piece'] }}</span>
          <span>{{ nameOf(paid.tool) }}</span>
          <span class="mono cost">{{ money(paid.cost) }}</span>
        </div>
        <div class="muted why">
          {{ counted(paid.lines, 'step') }} done by somebody with theirs.
          {{ breakEven(tools[paid.tool] ?? {}) }}
        </div>
      </li>
    </ul>
    <template v-if="barred.length">
      <h3>Left out</h3>
      <ul class="rows barred">
        <li v-for="id in barred" :key="id">
          <span>{{ nameOf(id) }}</span>
          <button type="button" @click="$emit('bar', id)">Allow again</button>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
h3 {
  margin-top: 12px;
  color: var(--muted);
}

.head {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 8px;
  align-items: baseline;
}

.means {
  min-width: 34px;
  padding: 0 5px;
  border: 1px solid var(--tool-edge);
  border-radius: 2px;
  font-size: 11.5px;
}

.pinned .means {
  background: var(--copper);
  border-color: var(--copper);
  color: var(--ground);
}

.why {
  font-size: 12.5px;
}

.acts {
  display: flex;
  gap: 14px;
}

button {
  min-height: var(--touch);
  color: var(--muted);
  font-size: 12.5px;
  text-decoration: underline;
  text-decoration-color: var(--hairline);
  cursor: pointer;
}

button:hover,
button[aria-pressed='true'] {
  color: var(--copper);
}

.barred li {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  align-items: center;
}
</style>
