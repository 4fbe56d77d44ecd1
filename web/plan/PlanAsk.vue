<script setup lang="ts">
import { shallowRef, watch } from 'vue';
import type { Schemas } from '@/api/client';
import { measured } from '@/shared/measures';
import PickOne from '@/shared/PickOne.vue';
import { waysToHave } from './planWords';

/** What is planned: the kit, the work, how a tool may come in, and the limits. */
const props = defineProps<{
  kits: { id: string; name: string }[];
  scopes: Schemas['ScopeSummary'][];
  kit: string | null;
  picked: string[];
  means: string[];
  months: number;
  mass?: number;
  takesMakeshift: boolean;
}>();
const emit = defineEmits<{
  kit: [id: string];
  scope: [id: string];
  means: [of: string];
  say: [query: Record<string, string | number | null>];
}>();

const NOTHING = { id: '', name: 'From nothing' };
const typed = shallowRef('');
watch(
  () => props.mass,
  (grams) => (typed.value = grams === undefined ? '' : String(grams)),
  { immediate: true },
);
const isWrong = shallowRef(false);

function sayMass(): void {
  const text = typed.value.trim();
  const grams = text === '' ? null : measured(text, 'mass', { length: 'mm', force: 'N' });
  isWrong.value = text !== '' && (grams === null || grams < 0);
  if (!isWrong.value) emit('say', { mass: grams });
}
</script>

<template>
  <div class="ask">
    <PickOne label="Kit" :items="[...kits, NOTHING]" :picked="kit ?? ''" @pick="$emit('kit', $event)" />
    <fieldset class="work">
      <legend>Work</legend>
      <label
        v-for="scope in scopes.filter(({ archived, id }) => !archived || picked.includes(id))"
        :key="scope.id"
      >
        <input type="checkbox" :checked="picked.includes(scope.id)" @change="$emit('scope', scope.id)" />
        <span>{{ scope.name }}</span>
      </label>
    </fieldset>
    <fieldset class="ways">
      <legend>A tool may be</legend>
      <label v-for="way in waysToHave" :key="way.means">
        <input type="checkbox" :checked="means.includes(way.means)" @change="$emit('means', way.means)" />
        <span>{{ way.says }}</span>
      </label>
      <label v-if="means.includes('borrow')" class="field">
        for
        <input
          class="mono"
          type="number"
          min="1"
          max="120"
          :value="months"
          aria-label="Months of hire"
          @change="$emit('say', { months: ($event.target as HTMLInputElement).value || null })"
        />
        months
      </label>
    </fieldset>
    <fieldset>
      <legend>Limits</legend>
      <label class="field" :class="{ wrong: isWrong }">
        the kit weighs at most
        <input
          v-model="typed"
          class="mono mass"
          inputmode="decimal"
          aria-label="Mass of the whole kit in g"
          placeholder="any"
          @change="sayMass()"
        />
        g
      </label>
      <span v-if="isWrong" role="alert" class="problem">A mass like 9000 or 9 kg</span>
      <label>
        <input
          type="checkbox"
          :checked="takesMakeshift"
          @change="$emit('say', { makeshift: takesMakeshift ? null : 1 })"
        />
        <span>makeshift counts</span>
      </label>
    </fieldset>
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 0 22px;
  align-items: start;
}

fieldset.work {
  grid-column: 2 / -1;
}

fieldset.ways {
  grid-column: 1 / 3;
}

@media (max-width: 900px) {
  .ask {
    grid-template-columns: minmax(0, 1fr);
  }

  fieldset.work,
  fieldset.ways {
    grid-column: 1;
  }
}

fieldset {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  align-items: center;
  min-width: 0;
  margin: 0;
  padding: 0;
  border: 0;
  font-size: 13px;
}

legend {
  float: left;
  padding: 0 10px 0 0;
  color: var(--muted);
  font-size: 12.5px;
}

label {
  display: flex;
  gap: 5px;
  align-items: center;
  min-height: var(--touch);
}

input[type='checkbox'] {
  accent-color: var(--copper);
}

.field input {
  width: 56px;
  padding: 2px 5px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: inherit;
}

.field .mass {
  width: 72px;
}

.wrong input {
  border-color: var(--hole);
}

.problem {
  color: var(--hole);
}
</style>
