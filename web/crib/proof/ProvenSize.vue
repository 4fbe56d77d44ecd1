<script setup lang="ts">
import { computed } from 'vue';
import { writeProven } from '@/data/wall';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { refusal } from '@/shared/refusal';
import type { Chart } from './chart';

/** What the pulls of a chart prove of its size; the lead writes it into the model by one press. */
const props = defineProps<{ chart: Chart }>();
const { person } = useSession();
const proven = computed(() => props.chart.proven);
const { mutate, isPending, problem } = useWrite({
  ask: () => {
    const { wireId: wire, terminalId: terminal, nest, asset } = props.chart;
    return writeProven(asset, { wire, ...(terminal ? { terminal } : {}), ...(nest ? { nest } : {}) });
  },
  said: () => `Proven: ${proven.value.offered} in nest “${proven.value.nest}”`,
});
</script>

<template>
  <div class="proven">
    <p :class="{ bad: proven.state === 'lost' }">
      <b>{{ proven.size }}</b>: {{ proven.says }}{{ proven.stated ? ` (proven: ${proven.stated})` : '' }}.
    </p>
    <template v-if="proven.state === 'offered'">
      <template v-if="person?.role === 'lead'">
        <v-btn size="small" variant="outlined" :loading="isPending" @click="mutate()"
          >Write it: proven {{ proven.offered }}</v-btn
        >
        <span class="muted"
          >With these pulls as the source. Other sizes of the nest count as makeshift then, until they are
          proven, too.</span
        >
      </template>
      <span v-else class="muted">The shop lead writes it into the model.</span>
    </template>
    <span v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</span>
  </div>
</template>

<style scoped>
.proven {
  display: grid;
  gap: 3px;
  justify-items: start;
  margin: 0 0 8px;
  font-size: 12.5px;
}

p {
  margin: 0;
}

.bad {
  color: var(--hole);
}
</style>
