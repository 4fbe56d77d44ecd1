<script setup lang="ts">
import { computed, defineAsyncComponent, shallowRef, toRef, watch } from 'vue';
import type { Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { counted, prose } from '@/shared/pretty';
import { operationWords } from '@/shared/status';
import StatusMark from '@/shared/StatusMark.vue';
import FigureValue from './FigureValue.vue';
import { useDoneSteps } from './useDoneSteps';

const StopWatch = defineAsyncComponent(() => import('./StopWatch.vue'));

/** The set-up card of one line, to be read at arm's length: what to do, in the order of work, with what is set. */
/** `whose` number the ticks are. */
const props = defineProps<{
  card: Schemas['Card'];
  units: Units;
  whose: number;
  /** Whose hands it is made with; null where nobody is named. */
  hand?: { id: string; name: string } | null;
  /** Where no server can be reached nothing is timed: it could not be written down. */
  mayTime?: boolean;
  mayTakeBack?: boolean;
}>();
/** What was ticked belongs to these steps and to who ticked it: a card that has become another begins anew. */
const key = computed(() =>
  [
    props.whose,
    props.card.kit,
    props.card.scope,
    props.card.line,
    props.card.steps.map(({ op, of }) => `${op}${of ?? ''}`).join('/'),
  ].join(' '),
);
const { done, toggle, clear } = useDoneSteps(toRef(key));

const title = computed(() => {
  const wires = props.card.wires.join(' + ');
  return props.card.terminal === null ? 'Screw' : `${wires} → ${props.card.terminal}`;
});
/** The step that is timed. */
const timed = shallowRef<number | null>(null);
watch(key, () => (timed.value = null));
/** What of a step is timed: an operation with a tool; null where it is none. */
const timing = (step: Schemas['CardStep']) =>
  step.tool && step.op in operationWords
    ? { op: step.op as Schemas['Operation'], tool: step.tool, name: step.name }
    : null;
/** What to look for stands where one looks, once. */
const looksAt = computed(() => props.card.steps.findIndex(({ op }) => op === 'look'));
type Setting = [string, Schemas['Figure']];
const settingsOf = (step: Schemas['CardStep']): Setting[] =>
  Object.entries(step.settings).filter((one): one is Setting => typeof one[1] === 'object');
/** What is none for the same reason is said once. */
function figuresOf(answer: Schemas['Answer'] | null) {
  const all = Object.entries(answer ?? {}).flatMap(([name, of]) =>
    (Array.isArray(of) ? of : [of]).map((figure) => ({ name, figure })),
  );
  return all.filter(
    ({ figure }, at) =>
      figure.value !== null ||
      !all.slice(0, at).some((one) => one.figure.value === null && one.figure.note === figure.note),
  );
}
/** The calculation behind a figure, asked as this line asks it; what comes of it can be put into the line. */
const reckon = (what: string) => ({
  name: 'reckon',
  query: {
    what,
    ...Object.fromEntries(
      Object.entries(props.card.reckon[what] ?? {}).map(([name, value]) => [name, value || '1']),
    ),
    scope: props.card.scope,
    line: props.card.line,
    kit: props.card.kit,
  },
});
const reckoned = [
  ['pull', 'Pull'],
  ['sleeve', 'Sleeve'],
] as const;
const verdicts: Record<Schemas['Card']['status'], string> = {
  covered: 'This kit makes it',
  makeshift: 'Only makeshift with this kit',
  hole: 'Not complete: this kit cannot make it',
  faulty: 'Not to be made: the line itself is faulty',
};
</script>

<template>
  <article class="card" :class="card.status" aria-labelledby="card-title">
    <header>
      <h2 id="card-title">{{ title }}</h2>
      <p class="verdict">
        <StatusMark :status="card.status" :size="22" silent />
        {{ verdicts[card.status] }}
        <span class="muted"
          >{{ counted(card.quantity, 'termination')
          }}<template v-if="card.note">; {{ card.note }}</template></span
        >
      </p>
      <p v-for="check in card.checks" :key="check.code" class="check">{{ prose(check.text) }}</p>
    </header>
    <section v-if="card.cautions.length" class="cautions" aria-labelledby="caution-head">
      <h3 id="caution-head">Mind first</h3>
      <ul>
        <li v-for="code in card.cautions" :key="code">{{ card.cautionTexts[code] }}</li>
      </ul>
    </section>
    <ol v-if="card.steps.length" class="steps">
      <li
        v-for="(step, at) in card.steps"
        :key="at"
        :class="[step.status ?? 'plain', { done: done.has(at) }]"
      >
        <label class="tick">
          <input type="checkbox" :checked="done.has(at)" @change="toggle(at)" />
          <span class="visually-hidden">{{ step.name }} is done</span>
        </label>
        <div>
          <h3>
            <StatusMark v-if="step.status && step.status !== 'covered'" :status="step.status" :size="18" />
            {{ step.name }}
            <span v-if="step.of" class="of">{{ step.of }}</span>
            <span v-if="step.tool" class="tool"
              >{{ card.tools[step.tool] ?? step.tool
              }}<span v-if="step.position" class="mono position">{{ prose(step.position) }}</span></span
            >
            <span v-if="step.assets?.length" class="take"
              >take <b v-for="tag in step.assets" :key="tag" class="mono">{{ tag }}</b></span
            >
          </h3>
          <p>
            {{ prose(step.text) }}
            <button
              v-if="mayTime && timing(step) && timed !== at"
              type="button"
              class="link"
              :aria-label="`Time ten pieces: ${step.name}`"
              @click="timed = at"
            >
              Time ten pieces
            </button>
          </p>
          <StopWatch
            v-for="of in timed === at ? [timing(step)].filter((one) => one !== null) : []"
            :key="of.op"
            v-bind="of"
            :hand="hand ?? null"
            :may-take-back="mayTakeBack ?? false"
            @close="timed = null"
          />
          <ul v-if="at === looksAt" class="look">
            <li v-for="code in card.look.good" :key="code" class="good">
              <span aria-label="good">✓</span> {{ card.lookTexts[code] }}
            </li>
            <li v-for="code in card.look.bad" :key="code" class="bad">
              <span aria-label="bad">✕</span> {{ card.lookTexts[code] }}
            </li>
          </ul>
          <p v-if="settingsOf(step).length" class="settings">
            <FigureValue v-for="[name, figure] in settingsOf(step)" :key="name" :name :figure :units />
            <span v-if="step.settings.byMeasure" class="measure">by measure, not by the stop</span>
          </p>
        </div>
      </li>
    </ol>
    <p v-if="done.size" class="again">
      {{ done.size }} of {{ counted(card.steps.length, 'step') }} ticked, on this device.
      <button type="button" @click="clear()">Begin anew</button>
    </p>
    <div class="below">
      <template v-for="[what, head] in reckoned" :key="what">
        <section v-if="card[what]" :aria-labelledby="`${what}-head`">
          <h3 :id="`${what}-head`">
            {{ head }} <RouterLink v-if="card.reckon[what]" :to="reckon(what)">reckon</RouterLink>
          </h3>
          <div v-for="{ name, figure } in figuresOf(card[what])" :key="name">
            <FigureValue :name :figure :units />
          </div>
        </section>
      </template>
    </div>
  </article>
</template>

<style scoped>
.card {
  max-width: 1180px;
}

h2 {
  margin: 0;
  font-size: 27px;
  font-weight: 660;
  letter-spacing: -0.015em;
}

h3 {
  margin: 0;
  font-size: 19px;
}

.verdict {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  margin: 4px 0 0;
  font-size: 17px;
  font-weight: 600;
}

.verdict .muted {
  font-size: 14px;
  font-weight: 400;
}

.hole > header .verdict,
.faulty > header .verdict {
  color: var(--hole);
}

.check {
  margin: 4px 0 0;
  font-size: 15px;
}

.steps {
  margin: 12px 0 0;
  padding: 0;
  list-style: none;
}

.steps > li {
  display: grid;
  grid-template-columns: 52px minmax(0, 1fr);
  padding: 9px 0;
  border-top: 1px solid var(--hairline);
}

.steps > li.hole {
  margin-left: -8px;
  padding-left: 5px;
  border-left: 3px solid var(--hole);
}

.steps p {
  margin: 2px 0 0;
  font-size: 17px;
  line-height: 1.4;
}

.tick {
  display: grid;
  place-items: start center;
  padding-top: 2px;
  min-height: 48px;
}

.tick input {
  width: 26px;
  height: 26px;
  accent-color: var(--copper);
}

.done h3,
.done p {
  color: var(--muted);
}

.done h3 {
  text-decoration: line-through;
}

.of {
  font-weight: 400;
}

/* What stands on the label of the thing to take. */
.take {
  display: inline-flex;
  gap: 7px;
  margin-left: 12px;
  font-weight: 400;
  font-size: 14px;
}

.tool {
  margin-left: 8px;
  font-size: 17px;
  font-weight: 400;
}

.position {
  margin-left: 8px;
  padding: 1px 7px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
}

.settings {
  display: flex;
  flex-wrap: wrap;
  gap: 0 26px;
}

.measure {
  align-self: center;
  font-size: 14px;
}

.again {
  padding-left: 52px;
  font-size: 14px;
}

.again button {
  min-height: var(--touch);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.below {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 18px 34px;
  padding-top: 16px;
  border-top: 2px solid var(--ink);
}

.below h3 a {
  margin-left: 8px;
  color: var(--copper);
  font-size: 13px;
  font-weight: 400;
}

.look {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 420px), 1fr));
  gap: 2px 28px;
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
  font-size: 16px;
}

.look li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
}

.look span {
  font-weight: 700;
}

.good span {
  color: var(--covered);
}

.cautions {
  margin-top: 10px;
  padding: 9px 14px 10px;
  border: 1px solid var(--copper);
  border-left-width: 4px;
  border-radius: 3px;
}

.cautions h3 {
  font-size: 15px;
}

.cautions ul {
  margin: 3px 0 0;
  padding: 0;
  columns: 2;
  column-gap: 34px;
  list-style: none;
  font-size: 15px;
}

.cautions li {
  break-inside: avoid;
  padding: 2px 0;
}

.cautions li:first-child {
  font-weight: 600;
}

@media (max-width: 760px) {
  .below {
    grid-template-columns: minmax(0, 1fr);
  }

  .cautions ul {
    columns: 1;
  }

  h2 {
    font-size: 22px;
  }
}
</style>
