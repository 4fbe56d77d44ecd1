<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed, toRef } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { counted, pretty, prose } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import StatusMark from '@/shared/StatusMark.vue';
import { fitWords, markOfFit, operationWords } from '@/shared/status';
import ReasonList from './ReasonList.vue';
import { holeOf, terminationsOf, type LineRow } from './reading';
import { useOthers, type Pair } from '@/data/pairs';
import type { Units } from '@/settings/units';
import LittleRuler from '@/ruler/LittleRuler.vue';

const props = defineProps<{
  coverage: Schemas['Coverage'];
  row: LineRow;
  /** Place of the step in the report's line; null for a faulty line, which has none. */
  step: number | null;
  pair: Pair;
  units: Units;
  kits: Schemas['KitSummary'][];
}>();
const emit = defineEmits<{
  close: [];
  step: [index: number];
  kit: [id: string];
  /** As if a tool were not in the kit. */
  out: [tool: string];
  plan: [];
}>();

const current = computed(() => (props.step === null ? undefined : props.row.report.steps[props.step]));
const hole = computed(() =>
  current.value ? holeOf(props.coverage.report, props.row.id, current.value) : undefined,
);
const chosen = computed(() => (current.value?.tool ? props.coverage.tools[current.value.tool] : undefined));
const otherKits = computed(() => props.kits.filter((kit) => kit.id !== props.pair.kit));
const others = useOthers(
  toRef(() => props.pair),
  toRef(() => props.row.id),
  toRef(() => props.step),
  toRef(() => props.units),
);
const wireArea = computed(() => props.coverage.spans.wires[props.row.line.wire ?? '']);
const stepArea = computed(() => props.coverage.spans.wires[current.value?.wire ?? ''] ?? wireArea.value);
const spanOf = computed(() => props.coverage.spans.terminals[props.row.line.terminal ?? '']);
/** What a tool reaches in the lane of the step. */
const lane = computed(() =>
  props.coverage.ruler.lanes.find(({ name }) =>
    current.value?.op === 'crimp' ? name === props.row.terminal?.class : name === current.value?.op,
  ),
);
const barsOf = (tool: string | null) => lane.value?.bars.filter((bar) => bar.tool === tool) ?? [];
const toolName = (id: string) => props.coverage.tools[id]?.name ?? id;
/** Steps put in or left out by hand, with the remark that says why. */
const byHand = computed(() =>
  (
    [
      ['Put in by hand', props.row.line.add],
      ['Left out by hand', props.row.line.drop],
    ] as const
  ).flatMap(([how, steps]) =>
    (steps ?? []).map((step) => `${how}: ${operationWords[step.op]}, ${step.remark}`),
  ),
);
/** Steps of a splice stand twice; then the wire tells them apart. */
const isTwice = (op: string) => props.row.report.steps.filter((step) => step.op === op).length > 1;
</script>

<template>
  <aside class="why" aria-label="Why">
    <header>
      <div>
        <h2>{{ row.title }}</h2>
        <p class="muted">
          {{ row.wires }} ·
          {{ counted(terminationsOf(coverage, row.id), 'termination') }}
        </p>
        <LittleRuler
          v-if="row.wire"
          class="ruler"
          :ticks="coverage.ruler.ticks"
          :span="spanOf"
          :wire="wireArea"
        />
        <p v-if="row.line.note" class="remark">{{ row.line.note }}</p>
        <p v-for="hand in byHand" :key="hand" class="remark">{{ hand }}</p>
      </div>
      <v-btn :icon="mdiClose" variant="text" size="small" aria-label="Close" @click="emit('close')" />
    </header>

    <slot />

    <nav v-if="row.report.steps.length" class="steps" aria-label="Steps of the line">
      <button
        v-for="(one, index) in row.report.steps"
        :key="index"
        type="button"
        :aria-current="index === step ? 'step' : undefined"
        @click="emit('step', index)"
      >
        <StatusMark :status="one.status" :size="11" />
        {{ operationWords[one.op] }}
        <small v-if="isTwice(one.op) && one.wire" class="muted">{{ coverage.wires[one.wire]?.size }}</small>
      </button>
    </nav>

    <section v-if="row.report.checks.length" class="checks">
      <h3>
        {{
          row.report.status === 'faulty'
            ? 'The line itself is faulty: no tool can mend it'
            : 'On the line itself'
        }}
      </h3>
      <ReasonList :reasons="row.report.checks" />
      <p v-if="row.report.status === 'faulty'" class="advice">
        Choose another wire or another terminal, or change what the line says of its place and preparation.
      </p>
    </section>

    <template v-if="current">
      <p v-if="current.status === 'unjudged'" class="muted">
        With a kit in hand it is said here which tool does this step, and why.
      </p>
      <section v-else-if="current.status === 'hole'" class="hole">
        <h3><StatusMark status="hole" :size="15" /> Nothing in this kit does it</h3>
        <div v-if="hole" class="wanted">
          <h4>Wanted</h4>
          <p>{{ prose(hole.wanted.text) }}</p>
          <p v-if="hole.lines.length > 1" class="muted">
            It would close the hole on {{ counted(hole.lines.length, 'line') }},
            {{ counted(hole.quantity, 'termination') }}.
          </p>
        </div>
        <button type="button" class="link" @click="emit('plan')">Plan what to do about it</button>
        <div v-if="otherKits.length" class="advice">
          <h4>Or take it to another kit</h4>
          <button
            v-for="kit in otherKits"
            :key="kit.id"
            type="button"
            class="link"
            @click="emit('kit', kit.id)"
          >
            See this line with {{ kit.name }}
          </button>
        </div>
      </section>
      <section v-else class="chosen">
        <h3>
          <StatusMark :status="current.status" :size="14" />
          {{ chosen?.name }}
          <span v-if="current.position" class="mono position">{{ pretty(current.position) }}</span>
        </h3>
        <p v-if="current.assets?.length">
          Take
          <RouterLink
            v-for="tag in current.assets"
            :key="tag"
            :to="{ name: 'wall', query: { thing: tag } }"
            class="mono tag"
            >{{ tag }}</RouterLink
          >
        </p>
        <p v-if="current.unbacked" class="unbacked">
          One tool only, and the house wants a backup for {{ operationWords[current.op] }}.
        </p>
        <p
          v-if="current.status === 'makeshift' && current.reasons.every((reason) => reason.fit === 'proper')"
          class="unbacked"
        >
          The tool is right; what is said on the line itself makes it makeshift.
        </p>
        <LittleRuler
          v-if="barsOf(current.tool).length"
          class="ruler"
          :ticks="coverage.ruler.ticks"
          :bars="barsOf(current.tool)"
          :wire="stepArea"
          :status="current.status"
        />
        <ReasonList :reasons="current.reasons" />
        <button v-if="current.tool" type="button" class="link" @click="emit('out', current.tool)">
          As if it were not in the kit
        </button>
      </section>

      <section v-if="current.status !== 'unjudged'" class="others">
        <h3>
          {{ current.status === 'hole' ? 'What misses, nearest first' : 'The other tools, best first' }}
        </h3>
        <p v-if="others.isLoading.value" class="muted" role="status">Asking every other tool …</p>
        <ProblemNote
          v-else-if="others.error.value"
          :problem="problemOf(others.error.value)"
          @retry="others.refetch()"
        />
        <p v-else-if="!others.data.value?.data.length" class="muted">
          No other tool of the kit
          {{ current.op === 'crimp' ? 'crimps' : `does this (${operationWords[current.op]})` }}.
        </p>
        <ol v-else>
          <li v-for="match in others.data.value.data" :key="match.tool">
            <h4>
              <StatusMark :status="markOfFit[match.fit]" :size="12" silent />
              {{ toolName(match.tool) }}
              <span v-if="match.position" class="mono position">{{ pretty(match.position) }}</span>
              <span class="visually-hidden">{{ fitWords[match.fit] }}</span>
            </h4>
            <LittleRuler
              v-if="barsOf(match.tool).length"
              class="ruler"
              :ticks="coverage.ruler.ticks"
              :bars="barsOf(match.tool)"
              :wire="stepArea"
            />
            <ReasonList :reasons="match.reasons" />
          </li>
        </ol>
      </section>
    </template>
  </aside>
</template>

<style scoped>
.tag {
  margin-left: 6px;
}

.why {
  min-height: 100%;
  padding: 0 18px 28px;
  background: var(--surface);
  border-left: 1px solid var(--hairline);
}

/* What closes it stays in sight, however far one has read. */
header {
  position: sticky;
  top: 0;
  z-index: 2;
  display: flex;
  justify-content: space-between;
  gap: 12px;
  margin: 0 -18px;
  padding: 14px 18px 8px;
  background: var(--surface);
}

h2 {
  font-size: 17px;
  line-height: 1.25;
}

header p {
  margin: 2px 0 0;
  font-size: 13px;
}

.remark {
  font-style: italic;
}

.ruler {
  margin: 3px 0 5px 19px;
}

header .ruler {
  margin-left: 0;
}

.steps {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 12px 0 4px;
}

.steps button {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: var(--touch);
  padding: 0 9px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  font-size: 13px;
  cursor: pointer;
}

.steps button[aria-current] {
  border-color: var(--ink);
  box-shadow: inset 0 -2px 0 var(--copper);
  font-weight: 600;
}

section {
  margin-top: 16px;
  font-size: 13.5px;
}

h3 {
  display: flex;
  align-items: baseline;
  gap: 8px;
  font-size: 14.5px;
  margin-bottom: 6px;
}

h3 :deep(svg),
h4 :deep(svg) {
  align-self: center;
}

h4 {
  display: flex;
  align-items: baseline;
  gap: 7px;
  font-size: 13.5px;
  font-weight: 600;
  margin: 0 0 3px;
}

.hole h3 {
  color: var(--hole);
  font-size: 16px;
}

.wanted {
  border-left: 3px solid var(--copper);
  padding: 2px 0 2px 12px;
  margin: 8px 0;
}

.wanted p {
  margin: 0;
}

.advice {
  margin-top: 12px;
}

.link {
  display: block;
  min-height: var(--touch);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.position {
  font-weight: 400;
  color: var(--muted);
}

.unbacked {
  margin: 0 0 6px;
  color: var(--makeshift);
}

.others {
  border-top: 1px solid var(--hairline);
  padding-top: 12px;
}

ol {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: 14px;
}
</style>
