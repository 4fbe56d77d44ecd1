<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { money } from '@/shared/currency';
import { counted } from '@/shared/pretty';
import { lastTenth, type Point } from './curve';

/** Why this plan and no other: the next best, cheaper tools that are not in it, what the last tenth costs. */
const props = defineProps<{
  plan: Schemas['Plan'];
  tools: Record<string, Schemas['Tool']>;
  /** What the lines are called. */
  lines: Record<string, string>;
  takesSingleSteps: boolean;
  exact: Point[];
}>();
defineEmits<{ steps: [wanted: boolean] }>();
/** So many lines are named. */
const SHOWN = 3;
const nameOf = (id: string | null) => (id === null ? 'nothing' : (props.tools[id]?.name ?? id));
const tenth = computed(() => lastTenth(props.exact));
const linesOf = (ids: string[]) =>
  [...ids.slice(0, SHOWN).map((id) => props.lines[id] ?? id), ...(ids.length > SHOWN ? ['…'] : [])].join(
    '; ',
  );
const instead = computed(() =>
  (props.plan.next?.instead ?? []).map(({ out, in: into }) =>
    out === null
      ? `${nameOf(into)} too`
      : into === null
        ? `no ${nameOf(out)}`
        : out === into
          ? `${nameOf(out)} come by in another way`
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
        <template v-else
          >The best found in the time: it is not proven that nothing does as much for less.</template
        >
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
          >but leaves {{ counted(one.leaves.length, 'line') }} open: {{ linesOf(one.leaves) }}.</template
        >
        <template v-else>but does it only with more beside it, or only makeshift.</template>
      </li>
      <li v-if="plan.beyond">
        <b class="mono">{{ money(plan.beyond.cost) }}</b> more would close
        {{ counted(plan.beyond.steps, 'step') }} of lines that stay open all the same, so it is not in it:
        {{ linesOf(plan.beyond.lines) }}.
        <button type="button" @click="$emit('steps', true)">
          Plan for {{ plan.beyond.steps === 1 ? 'it' : 'them' }} too
        </button>
      </li>
      <li v-else-if="takesSingleSteps">
        Steps of lines that stay open are closed, too.
        <button type="button" @click="$emit('steps', false)">Only what makes a termination count</button>
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
