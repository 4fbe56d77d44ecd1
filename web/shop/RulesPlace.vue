<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, useTemplateRef, watch } from 'vue';
import { api, problemOf } from '@/api/client';
import { useRules, useRulesTried, type Answers } from '@/data/rules';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useWrite } from '@/frame/useWrite';
import RuleAnswer from '@/rules/RuleAnswer.vue';
import { answerOf, answersRead, byTopic, isOwn, presetOf, usualOf, withAnswer } from '@/rules/answers';
import { useSession } from '@/session/useSession';
import { todayHere } from '@/shared/days';
import PickOne from '@/shared/PickOne.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import { refusal } from '@/shared/refusal';
import WaitBar from '@/shared/WaitBar.vue';

/** What the house judges by: each rule a question, with what either school says for it, and what another answer would do before it is given. */
const RuleEffects = defineAsyncComponent(() => import('@/rules/RuleEffects.vue'));
const RulesElsewhere = defineAsyncComponent(() => import('./RulesElsewhere.vue'));
const { person } = useSession();
const isLead = computed(() => person.value?.role === 'lead');
const { asked, show } = useAddress();
const { data: rules, error, isPending, refetch } = useRules();

/** What is thought over stands in the address: it can be sent to who decides. */
const draft = computed<Answers>(() => answersRead(asked('rules')));
const isDrafted = computed(() => Object.keys(draft.value).length > 0);
const today = todayHere();
const tried = useRulesTried(
  draft,
  computed(() => today),
);
function think(next: Answers): void {
  show({ rules: Object.keys(next).length ? JSON.stringify(next) : null }, 'replace');
}
function answer(rule: string, value: unknown): void {
  if (rules.value) think(withAnswer(rules.value, draft.value, rule, value));
}

const place = useTemplateRef<HTMLElement>('place');
const {
  mutate,
  isPending: isWriting,
  problem,
} = useWrite<unknown, Answers>({
  ask: (body) => api.PUT('/rules', { body }),
  said: (body) =>
    Object.keys(body).length === 1 ? 'One house rule is another now' : 'The house judges otherwise now',
  atOnce: () => {
    think({});
    place.value?.querySelector<HTMLElement>('h2')?.focus();
  },
});
const topics = computed(() => byTopic(rules.value?.questions ?? []));
const kindWords = (kind: string) =>
  rules.value?.questions.find(({ rule }) => rule === 'carry')?.answers.find(({ value }) => value === kind)
    ?.words ?? kind;
/** Whether what is thought over would answer it otherwise than now, of itself or by its preset. */
const isChanged = (rule: string) =>
  rules.value !== undefined &&
  JSON.stringify(answerOf(rules.value, draft.value, rule)) !==
    JSON.stringify(rules.value.inForce[rule]?.value);
const questionOf = (rule: string) =>
  rule === 'preset' ? 'Preset' : rules.value?.questions.find((one) => one.rule === rule)?.question;
/** Who comes from what practitioners say sees the question, with both schools open. */
const isThere = computed(() => rules.value !== undefined);
watch(
  isThere,
  async (come) => {
    const rule = asked('ask');
    if (!come || rule === null) return;
    await nextTick();
    const row = place.value?.querySelector<HTMLElement>(`[data-rule="${CSS.escape(rule)}"]`);
    row?.scrollIntoView({ block: 'center' });
    row?.querySelector<HTMLElement>('input, select, summary')?.focus({ preventScroll: true });
  },
  { immediate: true },
);
useUndoKeys();
</script>

<template>
  <PlaceFrame title="House rules" look="fill" is-shown :error="error" @retry="refetch()">
    <template #beside><RouterLink class="shop" :to="{ name: 'shop' }">Shop</RouterLink></template>
    <WaitBar v-if="isPending" says="Fetching the house rules" />
    <div v-if="rules" ref="place" class="columns">
      <div class="asked" tabindex="0" role="group" aria-label="Questions">
        <section v-for="{ topic, questions } in topics" :key="topic" :aria-label="topic">
          <h3>{{ topic }}</h3>
          <div
            v-for="question in questions"
            :key="question.rule"
            :data-rule="question.rule"
            class="question"
            :class="{ drafted: isChanged(question.rule) }"
          >
            <h4>{{ question.question }}</h4>
            <RuleAnswer
              :question
              :value="answerOf(rules, draft, question.rule)"
              :disabled="!isLead"
              @answer="answer(question.rule, $event)"
            />
            <p class="usual">
              <template v-if="isOwn(rules, draft, question.rule)"
                ><b aria-hidden="true">≠</b> {{ presetOf(rules, draft)?.name }}:
                {{ usualOf(rules, draft, question.rule)?.words }}
                <button
                  v-if="isLead"
                  type="button"
                  class="link"
                  :aria-label="`As the preset has it: ${question.question}`"
                  @click="answer(question.rule, usualOf(rules, draft, question.rule)?.value)"
                >
                  take that
                </button></template
              >
              <span v-else class="muted">as {{ presetOf(rules, draft)?.name }}</span>
              <span v-if="isChanged(question.rule)" class="now"
                >now: {{ rules.inForce[question.rule]?.words }}</span
              >
            </p>
            <details v-if="question.schools.length" class="schools" :open="asked('ask') === question.rule">
              <summary>What practitioners say</summary>
              <dl>
                <template v-for="school in question.schools" :key="school.about + school.school">
                  <dt>
                    {{ school.school }} <small class="muted">{{ school.about }}</small>
                  </dt>
                  <dd>{{ school.argument }}</dd>
                </template>
              </dl>
            </details>
          </div>
        </section>
      </div>
      <aside aria-label="What it does">
        <h2 tabindex="-1">
          {{
            isDrafted ? 'What it would do' : isLead ? 'Answer otherwise, and see what it does' : 'The shop'
          }}
        </h2>
        <PickOne
          v-if="isLead"
          label="Preset"
          :items="rules.presets.map(({ preset, name }) => ({ id: preset ?? '', name }))"
          :picked="presetOf(rules, draft)?.preset ?? ''"
          @pick="answer('preset', $event || null)"
        />
        <p v-else>Preset: {{ presetOf(rules, draft)?.name }}. The shop lead answers.</p>
        <template v-if="isDrafted">
          <ul class="thought">
            <li v-for="rule in Object.keys(draft)" :key="rule">
              {{ questionOf(rule) ?? rule }}
              <button
                type="button"
                class="link"
                :aria-label="`Leave it as it is: ${questionOf(rule) ?? rule}`"
                @click="answer(rule, (rules.said as Answers)[rule] ?? null)"
              >
                leave it
              </button>
            </li>
          </ul>
          <p v-if="isLead" class="acts">
            <v-btn color="primary" :loading="isWriting" :disabled="!tried.data.value" @click="mutate(draft)"
              >Judge so from now on</v-btn
            >
            <v-btn variant="text" @click="think({})">Leave all</v-btn>
          </p>
          <p v-if="problem" class="wrong" role="alert">{{ refusal(problem) }}</p>
          <ProblemNote
            v-if="tried.error.value"
            :problem="problemOf(tried.error.value)"
            @retry="tried.refetch()"
          />
          <p v-else-if="!tried.data.value" class="muted" role="status">
            Holding every kit against every scope …
          </p>
          <RuleEffects
            v-else
            :tried="tried.data.value"
            :kind-words="kindWords"
            :class="{ stale: tried.isPlaceholderData.value }"
          />
        </template>
        <RulesElsewhere v-else :rules />
      </aside>
    </div>
  </PlaceFrame>
</template>

<style scoped>
.shop {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.columns {
  display: grid;
  flex: 1;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 0 36px;
  min-height: 0;
}

.asked,
aside {
  min-height: 0;
  padding-bottom: 40px;
  overflow: hidden auto;
}

aside {
  padding-left: 24px;
  border-left: 1px solid var(--hairline);
}

h2 {
  margin: 0 0 8px;
  font-size: 16px;
}

h3 {
  position: sticky;
  top: 0;
  z-index: 1;
  margin: 0;
  padding: 6px 0 4px;
  border-bottom: 1px solid var(--ink);
  background: var(--ground);
  font-size: 14px;
}

.question {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.15fr) minmax(0, 0.62fr);
  gap: 0 16px;
  align-items: start;
  padding: 6px 0 6px 10px;
  border-bottom: 1px solid var(--hairline);
  border-left: 3px solid transparent;
}

.question.drafted {
  border-left-color: var(--copper);
}

h4 {
  margin: 0;
  padding-top: 5px;
  font-size: 14px;
  font-weight: 500;
}

.usual {
  grid-row: 1 / span 2;
  grid-column: 3;
  margin: 0;
  padding-top: 7px;
  font-size: 12.5px;
}

.now {
  display: block;
  color: var(--copper);
}

.schools {
  grid-column: 1;
  font-size: 13px;
}

.question > :nth-child(2) {
  grid-row: 1 / span 2;
  grid-column: 2;
}

.schools[open] {
  grid-column: 1 / -1;
  grid-row: 3;
}

summary {
  min-height: var(--touch-tight);
  color: var(--copper);
  cursor: pointer;
}

dl {
  display: grid;
  grid-template-columns: minmax(150px, 0.5fr) minmax(0, 1fr);
  gap: 6px 18px;
  margin: 0 0 6px;
}

dt {
  font-weight: 600;
}

dt small {
  display: block;
  font-weight: 400;
}

dd {
  margin: 0;
}

.thought {
  margin: 10px 0;
  padding-left: 16px;
}

.acts {
  display: flex;
  gap: 8px;
  margin-bottom: 12px;
}

.wrong {
  color: var(--hole);
}

.stale {
  opacity: 0.55;
}

@media (max-width: 980px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
    gap: 12px 0;
  }

  aside {
    grid-row: 1;
    max-height: 34vh;
    padding: 0 0 8px;
    border-bottom: 1px solid var(--hairline);
    border-left: 0;
  }
}

@media (max-width: 620px) {
  .question {
    grid-template-columns: minmax(0, 1fr);
  }

  .usual,
  .question > :nth-child(2),
  .schools,
  .schools[open] {
    grid-column: 1;
    grid-row: auto;
  }

  dl {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
