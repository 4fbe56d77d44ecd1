<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import type { Units } from '@/settings/units';
import { todayHere } from '@/shared/days';
import PickOne from '@/shared/PickOne.vue';
import { useOpened } from '@/shared/useOpened';
import AskMeasure from './AskMeasure.vue';
import { backedUp, operationName, waysToHave } from './planWords';

/** What is planned: the kit, the work, how a tool may come in, and the limits. */
const props = defineProps<{
  kits: { id: string; name: string }[];
  scopes: Schemas['ScopeSummary'][];
  kit: string | null;
  picked: string[];
  means: string[];
  /** The day on which the kit is planned for; null as it is packed, undefined of one that is not kept by its things. */
  on?: string | null | undefined;
  months: number;
  mass?: number | undefined;
  takesMakeshift: boolean;
  terms: { oneHanded: boolean; noMains: boolean; grip?: number | undefined; span?: number | undefined };
  backups: string[];
  units: Units;
}>();
defineEmits<{
  kit: [id: string];
  scope: [id: string];
  means: [of: string];
  backup: [of: string];
  say: [query: Record<string, string | number | null>];
}>();

const isNarrowed = computed(
  () =>
    props.backups.length > 0 || Object.values(props.terms).some((one) => one !== undefined && one !== false),
);
const { isOpen, onToggle } = useOpened(() => isNarrowed.value);
/** By hand the answer stands before all that can be asked. */
const isNarrow = useMediaQuery('(max-width: 600px)');
const askedWords = computed(() => {
  const work = props.scopes.filter(({ id }) => props.picked.includes(id)).map(({ name }) => name);
  const had = ways.value.filter(({ means }) => props.means.includes(means)).map(({ says }) => says);
  return `${work.join(', ')}; tools ${had.join(', ')}`;
});
const ways = computed(() => waysToHave.filter(({ mends }) => !mends || typeof props.on === 'string'));
const NOTHING = { id: '', name: 'From nothing' };
</script>

<template>
  <div class="ask">
    <PickOne label="Kit" :items="[...kits, NOTHING]" :picked="kit ?? ''" @pick="$emit('kit', $event)" />
    <component :is="isNarrow ? 'details' : 'div'" class="rest">
      <summary v-if="isNarrow">For {{ askedWords }}</summary>
      <fieldset v-if="on !== undefined" class="day">
        <legend>The kit</legend>
        <label>
          <input
            type="radio"
            name="as"
            :checked="on === null"
            @change="$emit('say', { on: null, means: null })"
          />
          <span>as it is packed</span>
        </label>
        <label>
          <input
            type="radio"
            name="as"
            :checked="on !== null"
            @change="$emit('say', { on: todayHere(), means: null })"
          />
          <span>as it is on</span>
        </label>
        <input
          type="date"
          class="lone-field mono"
          aria-label="Day of the plan"
          :value="on ?? ''"
          @change="$emit('say', { on: ($event.target as HTMLInputElement).value || null, means: null })"
        />
      </fieldset>
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
        <label v-for="way in ways" :key="way.means">
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
      <fieldset class="limits">
        <legend>Limits</legend>
        <AskMeasure
          label="the kit weighs at most"
          of="mass"
          :value="mass"
          :units
          @say="$emit('say', { mass: $event })"
        />
        <label>
          <input
            type="checkbox"
            :checked="takesMakeshift"
            @change="$emit('say', { makeshift: takesMakeshift ? null : 1 })"
          />
          <span>makeshift counts</span>
        </label>
      </fieldset>
      <details :open="isOpen" @toggle="onToggle">
        <summary>For whom, and what wants a second{{ isNarrowed ? '' : ': anybody, nothing' }}</summary>
        <fieldset>
          <legend>What comes in</legend>
          <label>
            <input
              type="checkbox"
              :checked="terms.oneHanded"
              @change="$emit('say', { oneHanded: terms.oneHanded ? null : 1 })"
            />
            <span>works in one hand</span>
          </label>
          <label>
            <input
              type="checkbox"
              :checked="terms.noMains"
              @change="$emit('say', { noMains: terms.noMains ? null : 1 })"
            />
            <span>needs no mains</span>
          </label>
          <AskMeasure
            label="asks a grip of at most"
            of="force"
            :value="terms.grip"
            :units
            @say="$emit('say', { grip: $event })"
          />
          <AskMeasure
            label="opens at most"
            of="length"
            :value="terms.span"
            :units
            @say="$emit('say', { span: $event })"
          />
        </fieldset>
        <fieldset>
          <legend>A backup for</legend>
          <label v-for="op in backedUp" :key="op">
            <input type="checkbox" :checked="backups.includes(op)" @change="$emit('backup', op)" />
            <span>{{ operationName(op) }}</span>
          </label>
        </fieldset>
      </details>
    </component>
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 0 22px;
  align-items: start;
}

fieldset.work,
fieldset.day {
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
  fieldset.day,
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

input[type='radio'],
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

.rest {
  display: contents;
}

details {
  grid-column: 1 / -1;
}

details.rest {
  display: block;
}

summary {
  min-height: var(--touch);
  color: var(--muted);
  font-size: 12.5px;
  cursor: pointer;
}
</style>
