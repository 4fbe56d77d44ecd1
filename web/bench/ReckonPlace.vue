<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed } from 'vue';
import { useCalculation } from '@/data/bench';
import { problemOf } from '@/api/client';
import PartsNav from '@/frame/PartsNav.vue';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import { words } from '@/shared/pretty';
import FormField from '@/shared/FormField.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import BenchTabs from './BenchTabs.vue';
import { askedOf, calculatorOf, calculators } from './calculators';
import FigureValue from './FigureValue.vue';
import { remarkOf } from './figures';
import ReckonPicture from './ReckonPicture.vue';
import { usePutIntoLine } from './usePutIntoLine';

/** The arithmetic of the bench: what is asked stands in the address, every figure says where it comes from. */
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { asked, show } = useAddress();
const calculator = computed(() => calculatorOf(asked('what')));
const typed = computed(() =>
  Object.fromEntries(calculator.value.fields.map(({ name }) => [name, asked(name) ?? ''])),
);
/** Nothing is said yet: an example is reckoned, and said to be one. */
const isExample = computed(() => Object.values(typed.value).every((text) => text === ''));
const question = refDebounced(
  computed(() => askedOf(calculator.value, isExample.value ? calculator.value.example : typed.value)),
  250,
);
const what = computed(() => calculator.value.what);
const query = useCalculation(what, question);
const problem = computed(() => (query.error.value && question.value ? problemOf(query.error.value) : null));
const wrongAt = (name: string) => problem.value?.problems?.find(({ path }) => path === name)?.expected;
const answer = computed(() => (question.value && !problem.value ? query.data.value?.answer : undefined));
const figures = computed(() =>
  Object.entries(answer.value ?? {}).flatMap(([name, of]) => {
    const list = Array.isArray(of) ? of : [of];
    return list.map((figure, at) => ({ name, figure, key: `${name} ${at}` }));
  }),
);

/** The line that it was asked for, where it was asked from a card. */
const { person } = useSession();
const line = computed(() => {
  const [scope, id] = [asked('scope'), asked('line')];
  return scope && id && person.value?.maySetUpTheShop ? { scope, id } : null;
});
const ofLine = computed(() =>
  Object.fromEntries(['kit', 'scope', 'line'].flatMap((key) => (asked(key) ? [[key, asked(key)]] : []))),
);
const parts = computed(() =>
  calculators.map((one) => ({
    title: one.title,
    to: {
      query: { what: one.what, ...(typed.value.size ? { size: typed.value.size } : {}), ...ofLine.value },
    },
    isHere: one.what === what.value,
  })),
);
/** What the example asks, as it would be said on the left. */
const exampleWords = computed(() =>
  calculator.value.fields
    .flatMap(({ name, label, kind }) => {
      const value = calculator.value.example[name];
      if (value === undefined) return [];
      return [
        kind === 'flag'
          ? label.toLowerCase()
          : `${label.toLowerCase()} ${words(value)}${kind === 'mm' ? ' mm' : ''}`,
      ];
    })
    .join(', '),
);
/** What is still to be said. */
const missingWords = computed(() => {
  const missing = calculator.value.fields
    .filter(({ name, kind, isOptional }) => kind !== 'flag' && !isOptional && typed.value[name] === '')
    .map(({ label }) => label.toLowerCase());
  return missing.length ? `Say ${missing.join(' and ')} on the left.` : 'Say something more on the left.';
});
const { put, isBusy, refused } = usePutIntoLine();
const remark = computed(() =>
  remarkOf(calculator.value.title, answer.value ?? {}, { length: length.value, force: force.value }),
);
</script>

<template>
  <PlaceFrame title="Reckon" look="scroll">
    <BenchTabs here="reckon" />
    <div class="columns">
      <PartsNav label="What to reckon" :parts in-column />
      <form @submit.prevent>
        <h2>{{ calculator.title }}</h2>
        <p class="muted">{{ calculator.about }}</p>
        <FormField
          v-for="field in calculator.fields"
          :key="`${what} ${field.name}`"
          class="field"
          :label="field.label"
          :unit="field.kind === 'mm' ? 'mm' : undefined"
          :problem="wrongAt(field.name)"
          :is-check="field.kind === 'flag'"
        >
          <input
            v-if="field.kind === 'flag'"
            type="checkbox"
            :checked="typed[field.name] === '1'"
            @change="show({ [field.name]: typed[field.name] === '1' ? null : 1 })"
          />
          <select
            v-else-if="field.kind === 'choice'"
            :value="typed[field.name]"
            @change="show({ [field.name]: ($event.target as HTMLSelectElement).value || null })"
          >
            <option value="">{{ field.isOptional ? 'not said' : 'choose' }}</option>
            <option v-for="one in field.of" :key="one" :value="one">{{ words(one) }}</option>
          </select>
          <input
            v-else
            class="mono"
            :inputmode="field.kind === 'text' ? 'text' : 'decimal'"
            :value="typed[field.name]"
            :placeholder="field.hint"
            :aria-invalid="wrongAt(field.name) !== undefined"
            autocomplete="off"
            @input="show({ [field.name]: ($event.target as HTMLInputElement).value || null }, 'replace')"
          />
        </FormField>
        <p v-if="problem && !problem.problems?.length" role="alert" class="wrong">{{ problem.detail }}</p>
      </form>
      <section
        aria-live="polite"
        aria-labelledby="answer-head"
        :class="{ stale: query.isPlaceholderData.value }"
      >
        <h2 id="answer-head">
          {{
            isExample
              ? 'An example'
              : figures.length
                ? 'Answer'
                : problem
                  ? 'No answer'
                  : 'Something is missing yet'
          }}
        </h2>
        <p v-if="isExample" class="muted">
          For {{ exampleWords }}. Say on the left what you ask; every figure says on a press where it comes
          from.
          <RouterLink :to="{ query: { what, ...calculator.example, ...ofLine } }">Go on from it</RouterLink>
        </p>
        <p v-else-if="!figures.length && !problem" class="muted">
          {{ missingWords }}
        </p>
        <div v-for="{ key, name, figure } in figures" :key="key" class="row">
          <FigureValue :name :figure :units />
        </div>
        <p v-if="line && figures.length && !isExample" class="put">
          <v-btn
            variant="outlined"
            :disabled="isBusy || query.isPlaceholderData.value"
            @click="put(line.scope, line.id, remark)"
            >Put it into the line</v-btn
          >
          <span class="muted">as a remark: {{ remark }}</span>
        </p>
        <ProblemNote v-if="refused" :problem="refused" @retry="refused = null" />
        <ReckonPicture v-if="answer && question" :what :asked="question" :answer class="picture" />
      </section>
    </div>
  </PlaceFrame>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 170px minmax(220px, 300px) minmax(0, 1fr);
  gap: 12px 40px;
  align-items: start;
}

h2 {
  margin: 0 0 4px;
  font-size: 20px;
}

p {
  margin: 0 0 10px;
}

.field {
  padding-bottom: 10px;
}

.wrong {
  color: var(--hole);
  font-size: 13px;
}

.row {
  padding: 4px 0;
  border-top: 1px solid var(--hairline);
  font-size: 19px;
}

.put {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  padding-top: 12px;
  font-size: 13px;
}

.picture {
  padding-top: 16px;
}

.stale {
  opacity: 0.55;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 260px) minmax(0, 1fr);
  }

  .columns > nav {
    display: flex;
    flex-wrap: wrap;
    grid-column: 1 / -1;
  }
}

@media (max-width: 600px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
