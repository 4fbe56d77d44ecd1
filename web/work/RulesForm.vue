<script setup lang="ts">
import { computed } from 'vue';
import { problemOf } from '@/api/client';
import { useRules, type Answers } from '@/data/rules';
import RuleAnswer from '@/rules/RuleAnswer.vue';
import { byTopic } from '@/rules/answers';
import { omit } from '@/shared/omit';
import PickOne from '@/shared/PickOne.vue';
import ProblemNote from '@/shared/ProblemNote.vue';

/** House rules that hold for one scope, over those of the house: what is not said is as the house has it. */
const said = defineModel<Answers | undefined>();
const { data: rules, error, refetch } = useRules();

const AS_THE_HOUSE = '';
const presets = computed(() => [
  { id: AS_THE_HOUSE, name: 'none: the house’s own' },
  ...(rules.value?.presets ?? []).flatMap(({ preset, name }) =>
    preset === null ? [] : [{ id: preset, name }],
  ),
]);
const preset = computed(() => (typeof said.value?.preset === 'string' ? said.value.preset : AS_THE_HOUSE));
/** What holds where the scope itself says nothing: its preset sets every rule, else the house. */
const under = computed(
  () =>
    rules.value?.presets.find((one) => one.preset === preset.value)?.answers ?? rules.value?.inForce ?? {},
);
const isSaid = (rule: string) => said.value?.[rule] !== undefined;
function say(rule: string, value: unknown): void {
  const rest = omit(said.value ?? {}, rule);
  said.value = value === undefined ? rest : { ...rest, [rule]: value };
}
</script>

<template>
  <fieldset>
    <legend>House rules of this scope</legend>
    <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
    <p v-else-if="!rules" class="muted" role="status">Fetching the house rules …</p>
    <template v-else>
      <PickOne
        label="Preset"
        :items="presets"
        :picked="preset"
        @pick="say('preset', $event === AS_THE_HOUSE ? undefined : $event)"
      />
      <details
        v-for="{ topic, questions } in byTopic(rules.questions)"
        :key="topic"
        :open="questions.some(({ rule }) => isSaid(rule))"
      >
        <summary>
          {{ topic }}
          <span class="muted">{{
            questions.filter(({ rule }) => isSaid(rule)).length
              ? `${questions.filter(({ rule }) => isSaid(rule)).length} otherwise`
              : ''
          }}</span>
        </summary>
        <div
          v-for="question in questions"
          :key="question.rule"
          class="question"
          :class="{ said: isSaid(question.rule) }"
        >
          <p>{{ question.question }}</p>
          <template v-if="isSaid(question.rule)">
            <RuleAnswer :question :value="said?.[question.rule]" @answer="say(question.rule, $event)" />
            <button
              type="button"
              class="link"
              :aria-label="`Not otherwise after all: ${question.question}`"
              @click="say(question.rule, undefined)"
            >
              {{ preset ? 'as the preset' : 'as the house' }}: {{ under[question.rule]?.words }}
            </button>
          </template>
          <p v-else>
            <b>{{ under[question.rule]?.words }}</b>
            <span class="muted"> {{ preset ? 'by the preset' : 'as the house' }} </span>
            <button
              type="button"
              class="link"
              :aria-label="`Otherwise: ${question.question}`"
              @click="say(question.rule, under[question.rule]?.value)"
            >
              otherwise
            </button>
          </p>
        </div>
      </details>
    </template>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 8px;
  padding: 8px 12px 12px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  font-size: 13px;
}

summary {
  min-height: var(--touch-tight);
  cursor: pointer;
}

.question {
  display: grid;
  gap: 2px;
  padding: 4px 0 4px 10px;
  border-left: 2px solid transparent;
}

.question.said {
  border-left-color: var(--copper);
}

.question p {
  margin: 0;
}

.link {
  text-align: left;
}
</style>
