<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { money } from '@/shared/format';
import { counted } from '@/shared/pretty';
import { lastTenth, type Point } from './curve';

/** Why this plan and no other: the next best, cheaper tools that are not in it, what the last tenth costs. */
const props = defineProps<{
  plan: Schemas['Plan'];
  tools: Record<string, Schemas['Tool']>;
  exact: Point[];
}>();
defineEmits<{ budget: [cents: number] }>();
const nameOf = (id: string | null) => (id === null ? 'nothing' : (props.tools[id]?.name ?? id));
const tenth = computed(() => lastTenth(props.exact));
/** What goes into steps of lines that something else keeps open. */
const elsewhere = computed(() => {
  const enough = props.exact.find(({ covered }) => covered >= props.plan.coveredAfter);
  return enough && enough.cost < props.plan.cost ? enough.cost : null;
});
const instead = computed(() =>
  (props.plan.next?.instead ?? []).map(({ out, in: into }) =>
    out === null
      ? `${nameOf(into)} too`
      : into === null
        ? `no ${nameOf(out)}`
        : out === into
          ? `${nameOf(out)} had otherwise`
          : `${nameOf(into)} instead of ${nameOf(out)}`,
  ),
);
</script>

<template>
  <section aria-labelledby="reasons-head">
    <h2 id="reasons-head">Why this</h2>
    <ul>
      <li>
        <template v-if="plan.status === 'optimal'"
          >Proven: nothing that can be had does as much for less.</template
        >
        <template v-else>The best found in the time; the proof reaches to {{ plan.bound }}.</template>
      </li>
      <li v-if="plan.next">
        The next best costs <b class="mono">{{ money(plan.next.cost) }}</b>,
        {{
          plan.next.cost === plan.cost
            ? 'the same'
            : `${money(Math.abs(plan.next.cost - plan.cost))} ${plan.next.cost > plan.cost ? 'more' : 'less'}`
        }}: {{ instead.join('; ')
        }}<template v-if="plan.next.covered !== plan.coveredAfter"
          >, and {{ plan.next.covered }} terminations count</template
        >.
      </li>
      <li v-for="one in plan.overlooked.slice(0, 4)" :key="`${one.tool} ${one.insteadOf}`">
        {{ nameOf(one.tool) }} (<span class="mono">{{ money(one.cost) }}</span
        >) is cheaper than {{ nameOf(one.insteadOf) }},
        <template v-if="one.leaves.length"
          >but leaves {{ counted(one.leaves.length, 'line') }} open: {{ one.leaves.slice(0, 4).join(', ')
          }}{{ one.leaves.length > 4 ? ' …' : '' }}.</template
        >
        <template v-else>but does it only with more beside it, or only makeshift.</template>
      </li>
      <li v-if="elsewhere !== null">
        <b class="mono">{{ money(plan.cost - elsewhere) }}</b> of it goes into steps of lines that something
        else keeps open: as many terminations come for <span class="mono">{{ money(elsewhere) }}</span>.
        <button type="button" @click="$emit('budget', elsewhere)">Plan for that</button>
      </li>
      <li v-if="tenth">
        The last tenth, {{ counted(tenth.covered, 'termination') }}, costs
        <b class="mono">{{ money(tenth.cost) }}</b>.
      </li>
    </ul>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
ul {
  margin: 0;
  padding-left: 16px;
  font-size: 13px;
}

button {
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

li + li {
  margin-top: 3px;
}
</style>
