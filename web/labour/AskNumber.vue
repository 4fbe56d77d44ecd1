<script setup lang="ts">
import { shallowRef, useId, watch } from 'vue';

/** A number that is asked about, as somebody writes it; empty for none. What is no such number is told and changes nothing. */
const {
  label,
  unit,
  value,
  hint = '–',
  read,
} = defineProps<{
  label: string;
  unit: string;
  /** As it is shown; empty for none. */
  value: string;
  /** What stands there while nothing is said. */
  hint?: string | undefined;
  /** What the address holds of what was written; null where it is no such number. */
  read: (text: string) => string | null;
}>();
const emit = defineEmits<{ say: [value: string | null] }>();
const problem = useId();
const typed = shallowRef('');
const wrong = shallowRef<string | null>(null);
watch(
  () => value,
  (now) => {
    typed.value = now;
    wrong.value = null;
  },
  { immediate: true },
);

function say(): void {
  const text = typed.value.trim();
  const said = text === '' ? null : read(text);
  wrong.value = text !== '' && said === null ? text : null;
  if (wrong.value === null) emit('say', said);
}
</script>

<template>
  <label class="ask" :class="{ wrong: wrong !== null }">
    <span>{{ label }}</span>
    <span class="box"
      ><input
        v-model="typed"
        class="mono"
        inputmode="decimal"
        :placeholder="hint"
        :aria-invalid="wrong !== null"
        :aria-describedby="wrong === null ? undefined : problem"
        @change="say()"
        @keydown.enter="say()"
      />
      {{ unit }}</span
    >
    <small v-if="wrong !== null" :id="problem" role="alert"
      >“{{ wrong }}” is no such number above nothing</small
    >
  </label>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 2px;
  font-size: 13px;
}

.box {
  display: flex;
  gap: 6px;
  align-items: center;
  color: var(--muted);
}

input {
  width: 92px;
  min-height: max(36px, var(--touch));
  padding: 2px 8px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font-size: 14px;
}

.wrong input {
  border-color: var(--hole);
}

small {
  color: var(--hole);
}
</style>
