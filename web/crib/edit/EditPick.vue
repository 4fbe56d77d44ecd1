<script setup lang="ts">
import { words } from '@/shared/pretty';

/** One of a closed list under its name; an empty first choice where it may say nothing. */
defineProps<{
  label: string;
  value: unknown;
  options: string[];
  /** What the empty choice is called; without it there is none. */
  nothing?: string | undefined;
  problem?: string | null;
  isReadonly?: boolean;
}>();
const emit = defineEmits<{ put: [value: string | undefined] }>();
</script>

<template>
  <label class="field" :class="{ wrong: problem }">
    <span class="label">{{ label }}</span>
    <select
      :value="value ?? ''"
      :disabled="isReadonly"
      :aria-label="label"
      @change="emit('put', ($event.target as HTMLSelectElement).value || undefined)"
    >
      <option v-if="nothing !== undefined || value === undefined" value="" :disabled="nothing === undefined">
        {{ nothing ?? 'which?' }}
      </option>
      <option v-for="one in options" :key="one" :value="one">{{ words(one) }}</option>
    </select>
    <small v-if="problem" class="told">{{ problem }}</small>
  </label>
</template>

<style scoped src="./field.css"></style>

<style scoped>
.field {
  display: grid;
  gap: 1px;
  align-content: start;
  min-width: 0;
}

select {
  min-width: 0;
  min-height: calc(var(--touch) + 2px);
  padding: 0 6px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-size: 13.5px;
}

select:disabled {
  opacity: 1;
  appearance: none;
}

.wrong select {
  border-color: var(--hole);
}
</style>
