<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core';
import { computed, ref, toRef } from 'vue';
import type { Schemas } from '@/api/client';
import type { Thing } from '@/data/wall';
import { plusDays } from '@/shared/days';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';
import { words } from '@/shared/pretty';
import { SHELF } from './strips';
import { useHandling } from './useHandling';

/**
 * What can be done with one thing, or with many at once: given out, taken back, told how it is, renewed, moved. What is done most
 * stands first; a name that is pressed is given the thing.
 */
const props = defineProps<{ things: Thing[]; wall: Schemas['Wall'] }>();
const emit = defineEmits<{ done: [] }>();
const { named, isPending, problem, mayArrange, isLead, ...act } = useHandling(toRef(props, 'things'), () =>
  emit('done'),
);

const areOut = computed(() => props.things.every(({ out }) => out !== null));
const areIn = computed(() => props.things.every(({ out, sign }) => out === null && sign !== 'not-yet'));

/** Who was given something last on this device stands first. */
const lately = useSessionStorage<string[]>('gondrik.borrowers', []);
const due = ref(plusDays(props.wall.today, 7));
const text = ref('');
const people = computed(() => {
  const here = props.wall.people.filter(({ until }) => until === null || until >= props.wall.today);
  const place = ({ id }: { id: string }) => {
    const at = lately.value.indexOf(id);
    return at < 0 ? lately.value.length : at;
  };
  return here.sort((one, other) => place(one) - place(other));
});
/** So many names are shown; the others are asked for. */
const FEW = 8;
const isWhole = ref(false);
const CONDITIONS = [
  ['good', 'Good all the same'],
  ['watch', 'Watched from here on'],
  ['seldom', 'To the seldom drawer'],
  ['retired', 'Out of service'],
] as const;
const findings = computed(() =>
  CONDITIONS.map(([condition, word]) => ({
    condition,
    word,
    findings: props.wall.findings.filter((one) => one.condition === condition),
  })).filter((group) => group.findings.length),
);
const kits = computed(() => props.wall.kits.filter(({ id }) => props.things.some(({ home }) => home !== id)));
function giveTo(person: { id: string; name: string }): void {
  lately.value = [person.id, ...lately.value.filter((id) => id !== person.id)].slice(0, 6);
  act.giveOut({ person: person.id }, person.name, due.value || null);
}

/** What is due to all of them. */
const kinds = computed(() => {
  const [first, ...rest] = props.things.map(({ dues }) => dues.map(({ kind }) => kind));
  return (first ?? []).filter((kind) => rest.every((of) => of.includes(kind)));
});
const kind = ref<string | null>(null);
const asked = computed(() => kinds.value.find((one) => one === kind.value) ?? kinds.value[0] ?? null);
const certificate = ref('');
const reason = ref('');
const isHeld = computed(() =>
  props.things.some(({ sign, driftsSince }) => sign === 'held' || driftsSince !== null),
);
/** Nobody has looked at one of them since it came. */
const isNew = computed(() => props.things.some(({ firstCheck }) => firstCheck !== null));
/** What a chart says of it is cleared, and not told away. */
const isNotGood = computed(() =>
  props.things.some(({ condition, driftsSince }) => condition !== 'good' && driftsSince === null),
);
</script>

<template>
  <div class="handling" :aria-label="`What is done with ${named}`" role="group">
    <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
    <v-btn v-if="areOut" color="primary" variant="flat" :loading="isPending" @click="act.comeBack()"
      >It came back</v-btn
    >
    <section v-else-if="areIn">
      <div class="head">
        <h3>Give to</h3>
        <label class="muted"
          >back by <input v-model="due" class="lone-field" type="date" :min="wall.today"
        /></label>
      </div>
      <div class="names">
        <button
          v-for="person in isWhole ? people : people.slice(0, FEW)"
          :key="person.id"
          type="button"
          class="press"
          :disabled="isPending"
          @click="giveTo(person)"
        >
          {{ person.name }}
        </button>
        <v-btn v-if="!isWhole && people.length > FEW" size="small" variant="text" @click="isWhole = true"
          >{{ people.length - FEW }} more …</v-btn
        >
      </div>
      <div class="row">
        <PickOne
          v-if="kits.length"
          label="or a kit"
          :items="kits"
          :picked="null"
          @pick="(id) => act.giveOut({ kit: id }, kits.find((kit) => kit.id === id)?.name ?? '', due || null)"
        />
        <form
          class="row"
          @submit.prevent="text.trim() && act.giveOut({ text: text.trim() }, text.trim(), due || null)"
        >
          <input
            v-model="text"
            class="lone-field"
            aria-label="Somebody else"
            placeholder="somebody else"
            maxlength="200"
          />
          <v-btn size="small" type="submit" :disabled="!text.trim() || isPending">Give</v-btn>
        </form>
      </div>
    </section>
    <p v-else class="muted">Some of these are in and some are out: mark only those that go the same way.</p>

    <section>
      <h3>How it is</h3>
      <div v-for="of in findings" :key="of.condition" class="names found">
        <span class="muted">{{ of.word }}</span>
        <button
          v-for="finding in of.findings"
          :key="finding.code"
          type="button"
          class="press"
          :disabled="isPending"
          @click="act.find(finding)"
        >
          {{ finding.text }}
        </button>
      </div>
      <v-btn
        v-if="isNotGood || isNew"
        size="small"
        variant="outlined"
        :disabled="isPending"
        @click="isNotGood ? act.good() : act.lookedAt()"
        >{{ isNotGood ? 'Good again' : 'Looked at, and good' }}</v-btn
      >
    </section>

    <section v-if="mayArrange && asked">
      <h3>Done today</h3>
      <form class="row" @submit.prevent="act.done(asked, certificate.trim())">
        <PickOne
          label="What"
          :items="kinds.map((one) => ({ id: one, name: words(one) }))"
          :picked="asked"
          @pick="kind = $event"
        />
        <input
          v-model="certificate"
          class="lone-field"
          aria-label="Certificate"
          placeholder="certificate"
          maxlength="200"
        />
        <v-btn size="small" type="submit" color="primary" variant="flat" :disabled="isPending">Passed</v-btn>
        <v-btn size="small" variant="text" :disabled="isPending" @click="act.failed(asked)">Failed</v-btn>
      </form>
    </section>

    <section v-if="mayArrange">
      <h3>Lives in</h3>
      <PickOne
        label="Kit"
        :items="[...wall.kits, { id: SHELF, name: 'The shelf' }]"
        :picked="things.every(({ home }) => home === things[0]?.home) ? (things[0]?.home ?? SHELF) : null"
        @pick="
          (id) =>
            act.move(id === SHELF ? null : id, wall.kits.find((kit) => kit.id === id)?.name ?? 'the shelf')
        "
      />
    </section>

    <section v-if="isLead && isHeld">
      <h3>Sign it back into service</h3>
      <form class="row" @submit.prevent="reason.trim() && act.clear(reason.trim())">
        <input
          v-model="reason"
          class="lone-field"
          aria-label="Why it is good again"
          placeholder="why it is good again"
          maxlength="500"
        />
        <v-btn size="small" type="submit" :disabled="!reason.trim() || isPending">Clear</v-btn>
      </form>
    </section>
  </div>
</template>

<style scoped>
.handling {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}

.press {
  min-height: max(28px, var(--touch));
  padding: 2px 9px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-size: 13.5px;
  text-align: left;
  cursor: pointer;
}

.press:hover {
  background: var(--row-wash);
}

.press:disabled {
  opacity: 0.5;
}

.found {
  margin-bottom: 6px;
}

.found > span {
  flex-basis: 100%;
  font-size: 12.5px;
}

h3 {
  margin: 0 0 4px;
  font-size: 13.5px;
}

.head,
.row,
.names {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

.head {
  margin-bottom: 4px;
  justify-content: space-between;
}

.row {
  margin-top: 6px;
}

input {
  min-width: 0;
}

.row > input {
  flex: 1 1 120px;
}

.problem {
  color: var(--hole);
}
</style>
