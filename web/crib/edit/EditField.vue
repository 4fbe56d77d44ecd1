<script setup lang="ts">
import { computed, ref, useId, watch } from 'vue';
import type { Units } from '@/settings/units';
import { asWritten } from '@/shared/refusal';
import { exampleOf, measured, shown, unitOf, type Measure } from '@/shared/measures';

/**
 * One value of a thing under its name: text as it is typed, a number in the units of the page. What is no number is told and not
 * taken; what is empty says nothing.
 *
 *   <EditField label="Outside diameter" :value measure="length" :units @put="…" />
 */
const props = withDefaults(
  defineProps<{
    label: string;
    value: unknown;
    measure?: Measure | undefined;
    units?: Units | undefined;
    hint?: string | undefined;
    problem?: string | null | undefined;
    isReadonly?: boolean;
    list?: string[] | undefined;
    /** The name is heard, not seen: in a table its column says it. */
    isBare?: boolean;
  }>(),
  {
    measure: undefined,
    units: () => ({ length: 'mm', force: 'N' }),
    hint: '',
    problem: null,
    list: () => [],
    isBare: false,
  },
);
const emit = defineEmits<{ put: [value: string | number | undefined]; done: [] }>();

const id = useId();
const text = computed(() => {
  if (props.value === undefined || props.value === null) return '';
  return props.measure && typeof props.value === 'number'
    ? shown(props.value, props.measure, props.units)
    : asWritten(props.value);
});
/** While a number is typed, and where it is none, it stays in the field as it is. */
const typed = ref<string | null>(null);
const isWrong = ref(false);
function forget(): void {
  typed.value = null;
  isWrong.value = false;
}
watch(text, forget);
const told = computed(() =>
  isWrong.value && props.measure ? `wants ${exampleOf[props.measure]}` : props.problem,
);

function type(event: Event): void {
  const { value } = event.target as HTMLInputElement;
  if (props.measure) {
    typed.value = value;
    isWrong.value = false;
  } else emit('put', value === '' ? undefined : value);
}
/** A number is taken when it is whole: while it is typed it would be another. What is shown may be rounded, and is left as it is. */
function take(event: Event): void {
  const { value } = event.target as HTMLInputElement;
  if (props.measure && value !== text.value) {
    const number = value.trim() === '' ? undefined : measured(value, props.measure, props.units);
    isWrong.value = number === null;
    if (number !== null) {
      forget();
      emit('put', number);
    }
  } else forget();
  emit('done');
}
</script>

<template>
  <label class="field" :class="{ bare: isBare, wrong: told }">
    <span class="label" :class="{ 'visually-hidden': isBare }">{{ label }}</span>
    <span class="box">
      <input
        :value="typed ?? text"
        :placeholder="hint === '' || hint === '–' || hint.endsWith('…') ? hint : `e.g. ${hint}`"
        :readonly="isReadonly"
        :aria-label="label"
        :aria-invalid="told ? true : undefined"
        :aria-describedby="told ? id : undefined"
        :list="list.length ? `${id}-list` : undefined"
        :inputmode="measure ? 'decimal' : undefined"
        :class="{ mono: measure }"
        maxlength="2000"
        autocomplete="off"
        @input="type"
        @change="take"
      />
      <span v-if="measure && unitOf(measure, units)" class="unit">{{ unitOf(measure, units) }}</span>
    </span>
    <datalist v-if="list.length" :id="`${id}-list`">
      <option v-for="one in list" :key="one" :value="one" />
    </datalist>
    <small v-if="told" :id class="told">{{ told }}</small>
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

.box {
  display: flex;
  align-items: center;
  min-width: 0;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
}

.box:focus-within {
  border-color: var(--ink);
  box-shadow: inset 0 -2px 0 var(--copper);
}

.wrong .box {
  border-color: var(--hole);
}

input {
  flex: 1;
  min-width: 0;
  width: 100%;
  min-height: var(--touch);
  padding: 0 8px;
  border: 0;
  outline: none;
  background: transparent;
  color: var(--ink);
  font-size: 13.5px;
}

input:not(.mono) {
  font-family: inherit;
}

input::placeholder {
  color: var(--muted);
  font-style: italic;
}

.unit {
  padding-right: 8px;
  font-size: 12px;
  color: var(--muted);
}
</style>
