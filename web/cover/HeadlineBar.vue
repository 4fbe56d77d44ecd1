<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, words } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import { operationWords } from '@/shared/status';

const props = defineProps<{ coverage: Schemas['Coverage'] }>();
defineEmits<{ open: [hole: Schemas['Hole']] }>();

const headline = computed(() => props.coverage.report.headline);
const holes = computed(() => props.coverage.report.holes);
const unbacked = computed(
  () => props.coverage.report.lines.filter((line) => line.steps.some((step) => step.unbacked)).length,
);
const counts = computed(() =>
  (['covered', 'makeshift', 'hole', 'faulty'] as const).filter((status) => headline.value[status] > 0),
);

function holeName(hole: Schemas['Hole']): string {
  const { class: kind, insulation, method, multi, codes } = hole.wanted;
  const parts: unknown[] = [
    operationWords[hole.op],
    multi ? 'multi-core' : null,
    method === 'knife' ? 'thick' : null,
    typeof kind === 'string' ? words(kind) : null,
    ...(Array.isArray(insulation) ? [insulation.join(', ')] : []),
    ...(Array.isArray(codes) ? [codes.join(', ')] : []),
  ];
  return parts.filter(Boolean).join(' ');
}
</script>

<template>
  <section class="headline" aria-label="Headline" aria-live="polite">
    <p v-if="headline.terminations === 0" class="verdict">The scope has no lines yet</p>
    <p v-else-if="holes.length" class="verdict hole">
      <StatusMark status="hole" :size="20" silent />
      {{ counted(holes.length, 'hole') }}: {{ headline.hole }} of
      {{ counted(headline.terminations, 'termination') }} cannot be made
    </p>
    <p v-else-if="headline.faulty" class="verdict hole">
      <StatusMark status="faulty" :size="20" silent />
      {{ headline.faulty }} of {{ counted(headline.terminations, 'termination') }} are faulty: no tool mends
      them
    </p>
    <p v-else class="verdict">
      <StatusMark status="covered" :size="20" silent />
      No hole: all {{ counted(headline.terminations, 'termination') }} can be made
    </p>
    <ul v-if="holes.length" class="holes" aria-label="Holes">
      <li v-for="(hole, index) in holes" :key="index">
        <button type="button" @click="$emit('open', hole)">
          {{ holeName(hole) }} <span class="mono">{{ hole.quantity }}</span>
        </button>
      </li>
    </ul>
    <ul class="counts">
      <li v-for="status in counts" :key="status">
        <StatusMark :status="status" silent /> <span class="mono">{{ headline[status] }}</span> {{ status }}
      </li>
      <li
        v-if="headline.share !== null"
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
  </section>
</template>

<style scoped>
.headline {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 18px;
}

.verdict {
  display: flex;
  align-items: center;
  gap: 9px;
  margin: 0;
  font-size: 19px;
  font-weight: 640;
  letter-spacing: -0.012em;
}

.verdict.hole {
  color: var(--hole);
}

ul {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  margin: 0;
  padding: 0;
}

.holes {
  gap: 6px;
}

.holes button {
  border: 1px solid var(--hole);
  border-radius: 3px;
  min-height: calc(var(--touch) - 4px);
  padding: 0 9px;
  color: var(--hole);
  font-size: 13px;
  cursor: pointer;
}

.holes button:hover {
  background: var(--hole-wash);
}

.counts {
  flex-basis: 100%;
  font-size: 13px;
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
