<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, pretty, words } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';

/** The verdict in one sentence, each hole by its name, and the counts, which are the legend of the marks too. */
const props = defineProps<{ coverage: Schemas['Coverage'] }>();
defineEmits<{ open: [hole: Schemas['Hole']] }>();

/** More holes than this are told by their number, until somebody wants them all. */
const NAMED = 4;

const headline = computed(() => props.coverage.report.headline);
const holes = computed(() => props.coverage.report.holes);
const faulty = computed(() => props.coverage.report.lines.filter(({ status }) => status === 'faulty').length);
/** All are named where somebody asks for them, and on paper. */
const areAll = ref(false);
const unbacked = computed(
  () => props.coverage.report.lines.filter((line) => line.steps.some((step) => step.unbacked)).length,
);
const counts = computed(() =>
  (['covered', 'makeshift', 'hole', 'faulty'] as const).filter((status) => headline.value[status] > 0),
);
</script>

<template>
  <div class="verdict" aria-live="polite">
    <p v-if="headline.terminations === 0">The scope has no lines yet</p>
    <p v-else-if="coverage.kit === null && !headline.faulty">
      {{ counted(headline.terminations, 'termination') }}, not judged: no kit in hand
    </p>
    <p v-else-if="holes.length" class="hole">
      <StatusMark status="hole" :size="20" silent />
      {{ counted(holes.length, 'hole')
      }}<template v-if="headline.faulty"> and {{ counted(faulty, 'faulty line') }}</template
      >: {{ headline.hole + headline.faulty }} of {{ counted(headline.terminations, 'termination') }} cannot
      be made
    </p>
    <p v-else-if="headline.faulty" class="hole">
      <StatusMark status="faulty" :size="20" silent />
      {{ headline.faulty }} of {{ counted(headline.terminations, 'termination') }} are faulty: no tool mends
      them
    </p>
    <p v-else>
      <StatusMark status="covered" :size="20" silent />
      No hole: all {{ counted(headline.terminations, 'termination') }} can be made
    </p>
  </div>
  <div class="told">
    <ul v-if="holes.length" class="holes" aria-label="Holes">
      <li v-for="(hole, index) in holes" :key="index" :class="{ beyond: !areAll && index >= NAMED }">
        <button type="button" :title="pretty(hole.name)" @click="$emit('open', hole)">
          <span class="name">{{ pretty(hole.name) }}</span>
          <span class="many">{{ counted(hole.quantity, 'termination') }}</span>
        </button>
      </li>
      <li v-if="holes.length > NAMED" class="more">
        <button type="button" :aria-expanded="areAll" @click="areAll = !areAll">
          {{ areAll ? 'fewer' : `and ${holes.length - NAMED} more` }}
        </button>
      </li>
    </ul>
    <ul class="counts">
      <li v-for="status in counts" :key="status">
        <StatusMark :status="status" silent /> <span class="mono">{{ headline[status] }}</span> {{ status }}
      </li>
      <li
        v-if="headline.share !== null && coverage.kit !== null"
        :title="
          headline.makeshiftCounts
            ? 'Covered and makeshift, by quantity; cut off, not rounded'
            : 'Covered, by quantity; cut off, not rounded'
        "
      >
        <span class="mono">{{ Math.round(headline.share * 100) }}&#8239;%</span>
        {{ headline.makeshiftCounts ? 'made, makeshift counted' : 'covered' }}
      </li>
      <li v-if="unbacked">
        <b class="unbacked" aria-hidden="true">1×</b> {{ counted(unbacked, 'line') }} without a backup
      </li>
      <li v-if="headline.carryMissing.length" class="missing">
        not in the kit: {{ headline.carryMissing.map(words).join(', ') }}
      </li>
    </ul>
  </div>
</template>

<style scoped>
.verdict p {
  display: flex;
  align-items: center;
  gap: 9px;
  margin: 0;
  font-size: 19px;
  line-height: 1.2;
  font-weight: 640;
  letter-spacing: -0.012em;
}

.hole {
  color: var(--hole);
}

.told {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
}

ul {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 0;
  padding: 0;
}

.holes {
  gap: 6px;
}

.holes button {
  display: flex;
  gap: 10px;
  align-items: center;
  max-width: 380px;
  min-height: var(--touch-tight);
  padding: 0 9px;
  border: 1px solid var(--hole);
  border-radius: 3px;
  color: var(--hole);
  font-size: 13px;
  cursor: pointer;
}

.name {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 600;
}

.many {
  flex: none;
}

.holes .more button {
  border-color: transparent;
  text-decoration: underline;
}

@media screen {
  .beyond {
    display: none;
  }
}

@media print {
  .more {
    display: none;
  }
}

.holes button:hover {
  background: var(--hole-wash);
}

.counts {
  font-size: 12.5px;
  color: var(--muted);
}

.counts .mono {
  color: var(--ink);
}

.missing {
  color: var(--hole);
}

.unbacked {
  font-family: var(--mono);
  font-weight: 500;
  color: var(--makeshift);
}
</style>
