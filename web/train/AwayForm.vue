<script setup lang="ts">
import { computed } from 'vue';
import { useAbsence, type Absent, type SkillMatrix } from '@/data/skills';
import { dayWords, plusDays } from '@/shared/days';
import { counted } from '@/shared/pretty';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';
import { problemOf } from '@/api/client';

/** Who is away from when to when, and what breaks by it: told as soon as somebody is named. */
const props = defineProps<{ matrix: SkillMatrix; absent: Absent | null }>();
const emit = defineEmits<{ ask: [absent: Absent | null]; broken: [skills: string[]] }>();

const asked = computed(() => props.absent);
const { data, error } = useAbsence(asked);
const breaks = computed(() => (props.absent ? (data.value?.data ?? []) : []));
const nameOf = (id: string) => props.matrix.people.find((person) => person.id === id)?.name ?? id;
const skillName = (id: string) => props.matrix.names.find(({ skill }) => skill === id)?.name ?? id;
const others = computed(() => [
  { id: '', name: 'name somebody' },
  ...props.matrix.people.filter(({ id }) => !props.absent?.people.includes(id)),
]);
const WEEK = 6;
const change = (more: Partial<Absent>) => {
  const now = props.absent ?? { people: [], from: props.matrix.on, to: plusDays(props.matrix.on, WEEK) };
  const next = { ...now, ...more };
  emit('ask', next.people.length ? next : null);
};
const day = (event: Event) => (event.target as HTMLInputElement).value;
defineExpose({ breaks });
defineSlots<{ beside?(): unknown }>();
</script>

<template>
  <section class="away" aria-label="Who is away">
    <div class="ask">
      <PickOne
        label="Away"
        :items="others"
        picked=""
        @pick="(id) => id && change({ people: [...(absent?.people ?? []), id] })"
      />
      <template v-if="absent">
        <button
          v-for="id in absent.people"
          :key="id"
          type="button"
          class="who"
          :aria-label="`${nameOf(id)} is there`"
          @click="change({ people: absent.people.filter((other) => other !== id) })"
        >
          {{ nameOf(id) }} <span aria-hidden="true">×</span>
        </button>
        <label
          >from
          <input
            class="lone-field"
            type="date"
            :value="absent.from"
            @change="
              day($event) &&
              change({ from: day($event), to: day($event) > absent.to ? day($event) : absent.to })
            "
        /></label>
        <label
          >to
          <input
            class="lone-field"
            type="date"
            :min="absent.from"
            :value="absent.to"
            @change="day($event) && change({ to: day($event) })"
        /></label>
      </template>
      <span v-else class="muted">and it is told what nobody who is there may do alone.</span>
      <slot name="beside" />
    </div>
    <p v-if="error" class="bad" role="alert">{{ refusal(problemOf(error)) }}</p>
    <div v-else-if="absent && data" role="status">
      <p v-if="!breaks.length" class="fine">
        Nothing breaks: somebody is left for all that the work asks for.
      </p>
      <ul v-else>
        <li v-for="of in breaks" :key="of.skill + of.from">
          <b>{{ skillName(of.skill) }}</b>
          {{
            of.from === of.to
              ? dayWords(of.from, matrix.on)
              : `${dayWords(of.from, matrix.on)} to ${dayWords(of.to, matrix.on)}`
          }}:
          {{ of.missed.length ? `${of.missed.join(' and ')} would have done it` : 'nobody has it anyhow' }},
          {{ counted(of.terminations, 'termination') }}
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.away {
  display: grid;
  gap: 6px;
  padding: 8px 0 10px;
}

.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: center;
}

.who {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: var(--touch);
  padding: 0 9px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: repeating-linear-gradient(135deg, transparent 0 5px, var(--hairline) 5px 6px);
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  padding: 2px 0 2px 18px;
  background: radial-gradient(
    circle at 6px 12px,
    transparent 3.4px,
    var(--hole) 3.6px 5.6px,
    transparent 5.8px
  );
}

li b,
.bad {
  color: var(--hole);
}

.fine {
  color: var(--covered);
}
</style>
