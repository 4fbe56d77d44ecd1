<script setup lang="ts">
import { words } from '@/shared/pretty';

/** Several of a closed list, each a switch; where a second list holds what is done only badly, a switch has three ways. */
const props = defineProps<{
  label: string;
  options: string[];
  value: string[];
  /** What is makeshift; undefined where there is no such thing. */
  makeshift?: string[] | undefined;
  problem?: string | null;
  isReadonly?: boolean;
}>();
const emit = defineEmits<{ put: [value: string[], makeshift: string[]] }>();

const stateOf = (one: string): 'on' | 'half' | 'off' =>
  props.value.includes(one) ? 'on' : props.makeshift?.includes(one) ? 'half' : 'off';

/** Off, on, and where there is such, makeshift. */
function turn(one: string): void {
  const state = stateOf(one);
  const without = (list: string[]) => list.filter((other) => other !== one);
  const next = state === 'off' ? 'on' : state === 'on' && props.makeshift ? 'half' : 'off';
  const inOrder = (list: string[]) => props.options.filter((option) => list.includes(option));
  emit(
    'put',
    next === 'on' ? inOrder([...props.value, one]) : without(props.value),
    next === 'half' ? inOrder([...(props.makeshift ?? []), one]) : without(props.makeshift ?? []),
  );
}
const stateWords = { on: 'yes', half: 'only just', off: 'no' };
</script>

<template>
  <div class="toggles" role="group" :aria-label="label">
    <span class="label">{{ label }}</span>
    <div class="row">
      <button
        v-for="one in options"
        :key="one"
        type="button"
        :class="stateOf(one)"
        :aria-pressed="stateOf(one) === 'half' ? 'mixed' : stateOf(one) === 'on'"
        :aria-label="`${words(one)}: ${stateWords[stateOf(one)]}`"
        :disabled="isReadonly"
        @click="turn(one)"
      >
        <svg width="9" height="9" viewBox="-5 -5 10 10" aria-hidden="true">
          <circle v-if="stateOf(one) !== 'off'" r="4" class="ring" />
          <circle v-if="stateOf(one) === 'on'" r="4" class="full" />
          <path v-if="stateOf(one) === 'half'" d="M0 -4A4 4 0 0 1 0 4Z" class="full" />
        </svg>
        {{ words(one) }}
      </button>
    </div>
    <small v-if="problem" class="told">{{ problem }}</small>
  </div>
</template>

<style scoped src="./field.css"></style>

<style scoped>
.toggles {
  display: grid;
  gap: 2px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 3px;
}

button {
  display: inline-flex;
  align-items: center;
  gap: 5px;
  min-height: var(--touch-tight);
  padding: 0 8px 0 6px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  color: var(--muted);
  font-size: 12.5px;
  cursor: pointer;
}

button.on,
button.half {
  border-color: var(--ink);
  background: var(--surface);
  color: var(--ink);
}

button:disabled {
  cursor: default;
}

.ring {
  fill: none;
  stroke: currentColor;
  stroke-width: 1.3;
}

.full {
  fill: currentColor;
}
</style>
