<script setup lang="ts">
import { shallowRef, useId, watch } from 'vue';
import type { Units } from '@/settings/units';
import { measured, shown, unitOf, type Measure } from '@/shared/measures';

/** A limit as one types it, in one's own unit; empty for none. What is no measure is told and changes nothing. */
const props = defineProps<{ label: string; of: Measure; value?: number | undefined; units: Units }>();
const emit = defineEmits<{ say: [value: number | null] }>();
const problem = useId();
const typed = shallowRef('');
const isWrong = shallowRef(false);
watch(
  () => [props.value, props.units] as const,
  ([value, units]) => (typed.value = value === undefined ? '' : shown(value, props.of, units)),
  { immediate: true },
);

function say(): void {
  const text = typed.value.trim();
  const value = text === '' ? null : measured(text, props.of, props.units);
  isWrong.value = text !== '' && (value === null || value <= 0);
  if (!isWrong.value) emit('say', value);
}
</script>

<template>
  <label class="field" :class="{ wrong: isWrong }">
    {{ label }}
    <input
      v-model="typed"
      class="mono"
      inputmode="decimal"
      placeholder="any"
      :aria-invalid="isWrong"
      :aria-describedby="isWrong ? problem : undefined"
      @change="say()"
    />
    {{ unitOf(of, units) }}
  </label>
  <span v-if="isWrong" :id="problem" role="alert" class="problem"
    >“{{ typed }}” is no {{ of }} above nothing</span
  >
</template>

<style scoped>
.field {
  display: flex;
  gap: 5px;
  align-items: center;
  min-height: var(--touch);
}

input {
  width: 66px;
  padding: 2px 5px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: inherit;
}

.wrong input {
  border-color: var(--hole);
}

.problem {
  color: var(--hole);
}
</style>
