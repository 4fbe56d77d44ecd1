<script setup lang="ts">
import { computed, useId } from 'vue';
import type { RuleQuestion } from '@/data/rules';
import { inWords, listAfter, percentOf, plainOf, shareOf, textOf } from './answers';

/** The answer to one question of the house, to be given otherwise. */
const props = defineProps<{ question: RuleQuestion; value: unknown; disabled?: boolean }>();
const emit = defineEmits<{ answer: [value: unknown] }>();
const name = useId();

/** More than a few do not fit in a row. */
const FEW = 4;
const list = computed(() =>
  (Array.isArray(props.value) ? props.value : [props.value]).map((one) =>
    typeof one === 'string' ? one : '',
  ),
);
const words = (value: string) => props.question.answers.find((one) => one.value === value)?.words ?? value;
type Found = { finding: string; condition: string };
const conditionOf = (finding: string) =>
  (Array.isArray(props.value) ? (props.value as Found[]) : []).find((one) => one.finding === finding)
    ?.condition ?? '';
function follows(finding: string, condition: string): void {
  const all = props.question.findings.flatMap((one) => {
    const of = one.finding === finding ? condition : conditionOf(one.finding);
    return of === '' ? [] : [{ finding: one.finding, condition: of }];
  });
  emit('answer', all);
}
function count(event: Event): void {
  const { value, validity } = event.target as HTMLInputElement;
  if (validity.valid && value !== '') emit('answer', Number(value));
}
function share(event: Event): void {
  const { value, validity } = event.target as HTMLInputElement;
  if (validity.valid && value !== '') emit('answer', shareOf(Number(value)));
}
</script>

<template>
  <fieldset v-if="question.asks === 'one' && question.answers.length <= FEW" class="few" :disabled="disabled">
    <legend class="visually-hidden">{{ question.question }}</legend>
    <label v-for="one in question.answers" :key="one.value" :class="{ on: textOf(value) === one.value }">
      <input
        type="radio"
        :name="name"
        :value="one.value"
        :checked="textOf(value) === one.value"
        @change="emit('answer', plainOf(one.value))"
      />{{ one.words }}</label
    >
  </fieldset>
  <select
    v-else-if="question.asks === 'one'"
    class="boxed"
    :aria-label="question.question"
    :value="textOf(value)"
    :disabled="disabled"
    @change="emit('answer', plainOf(($event.target as HTMLSelectElement).value))"
  >
    <option v-for="one in question.answers" :key="one.value" :value="one.value">{{ one.words }}</option>
  </select>
  <details v-else-if="question.asks === 'some'" class="list">
    <summary>{{ inWords(question, value) }}</summary>
    <fieldset :disabled="disabled">
      <legend class="visually-hidden">{{ question.question }}</legend>
      <label v-for="one in question.answers" :key="one.value">
        <input
          type="checkbox"
          :checked="list.includes(one.value)"
          @change="
            emit('answer', listAfter(question, value, one.value, ($event.target as HTMLInputElement).checked))
          "
        />
        {{ one.words }}</label
      >
    </fieldset>
  </details>
  <details v-else-if="question.asks === 'findings'" class="list">
    <summary>
      {{ inWords(question, value) }}
    </summary>
    <div class="found">
      <label v-for="one in question.findings" :key="one.finding">
        <span>{{ one.words }}</span>
        <select
          class="boxed"
          :value="conditionOf(one.finding)"
          :disabled="disabled"
          @change="follows(one.finding, ($event.target as HTMLSelectElement).value)"
        >
          <option value="">as usual: {{ words(one.usual) }}</option>
          <option v-for="of in question.answers" :key="of.value" :value="of.value">{{ of.words }}</option>
        </select>
      </label>
    </div>
  </details>
  <label v-else-if="question.asks === 'share'" class="share">
    <input
      class="boxed number mono"
      type="number"
      min="0"
      max="100"
      step="any"
      :aria-label="question.question"
      :value="percentOf(value)"
      :disabled="disabled"
      @change="share"
    />
    %
  </label>
  <input
    v-else
    class="boxed number mono"
    type="number"
    min="1"
    max="10000"
    step="1"
    :aria-label="question.question"
    :value="value"
    :disabled="disabled"
    @change="count"
  />
</template>

<style scoped>
fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

.few {
  display: flex;
  flex-wrap: wrap;
  gap: 0 6px;
}

.few label {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: var(--touch);
  padding: 0 12px 0 9px;
  border-radius: 3px;
  cursor: pointer;
}

.few label.on {
  background: var(--row-wash);
  font-weight: 600;
}

input[type='radio'],
input[type='checkbox'] {
  width: 16px;
  height: 16px;
  margin: 0;
  accent-color: var(--copper);
}

.list summary {
  min-height: var(--touch-tight);
  padding: 4px 0;
  font-weight: 600;
  cursor: pointer;
}

.list fieldset {
  columns: 190px;
  column-gap: 18px;
  padding: 4px 0 8px;
}

.list fieldset label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch-tight);
  break-inside: avoid;
}

.found {
  display: grid;
  gap: 4px;
  padding: 4px 0 8px;
}

.found label {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}

.boxed {
  min-height: var(--touch);
  padding: 0 8px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}

.share {
  display: inline-flex;
  gap: 6px;
  align-items: center;
}

.number {
  width: 110px;
}
</style>
