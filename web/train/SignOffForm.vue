<script setup lang="ts">
import { computed, ref } from 'vue';
import type { PersonRecord, SkillOnDay } from '@/data/skills';
import { writeLog } from '@/data/wall';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { plusDays } from '@/shared/days';
import FormField from '@/shared/FormField.vue';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';
import { evidence } from './practice';

/** A second person says that somebody does a skill alone, by what they saw and until when; or takes it back, with a reason. */
const props = defineProps<{
  record: PersonRecord;
  skill: string;
  skillName: string;
  known: SkillOnDay | undefined;
}>();
const { person } = useSession();

const isTakenBack = computed(() => props.known?.level === 'signed-off');
const others = computed(() => props.record.people.filter(({ id }) => id !== props.record.person.id));
const own = computed(() => others.value.find(({ id }) => id === person.value?.person)?.id ?? null);
const chosen = ref<string | null>(null);
const by = computed(() => chosen.value ?? own.value);
const seen = ref(isTakenBack.value ? '' : evidence(props.known));
const until = ref('');
const lastsAYear = () => (until.value = plusDays(props.record.on, 365));
const missing = ref<{ by?: string; note?: string }>({});

const write = useWrite({
  ask: (level: 'signed-off' | 'withdrawn' | 'shown') =>
    writeLog([
      {
        what: 'skill',
        person: props.record.person.id,
        by: by.value ?? '',
        skill: props.skill,
        level,
        ...(until.value && level === 'signed-off' ? { until: until.value } : {}),
        ...(seen.value.trim() ? { note: seen.value.trim() } : {}),
      },
    ]),
  said: (level) =>
    `${props.record.person.name}, ${props.skillName}: ${level === 'withdrawn' ? 'sign-off taken back' : level === 'shown' ? 'shown' : 'signed off'}`,
  mayTakeBack: () => person.value?.role === 'lead',
});
const { isPending, problem } = write;
function send(level: 'signed-off' | 'withdrawn' | 'shown'): void {
  missing.value = {
    ...(by.value ? {} : { by: 'Who saw it? Another person signs off.' }),
    ...(level === 'shown' || seen.value.trim()
      ? {}
      : { note: level === 'withdrawn' ? 'Why is it taken back?' : 'What was seen?' }),
  };
  if (!missing.value.by && !missing.value.note) write.mutate(level);
}
</script>

<template>
  <form
    :aria-label="isTakenBack ? 'Take the sign-off back' : 'Sign off'"
    @submit.prevent="send(isTakenBack ? 'withdrawn' : 'signed-off')"
  >
    <h3>{{ isTakenBack ? 'Take the sign-off back' : 'Sign off' }}</h3>
    <p v-if="!isTakenBack && !known?.mayAsk" class="muted">
      The house asks for {{ record.pieces }} pieces and nine of the last ten good before; who saw it may sign
      off all the same.
    </p>
    <PickOne label="Seen by" :items="others" :picked="by" @pick="chosen = $event" />
    <p v-if="missing.by" class="bad" role="alert">{{ missing.by }}</p>
    <FormField class="wide" :label="isTakenBack ? 'Reason' : 'What was seen'" :problem="missing.note">
      <textarea v-model="seen" rows="2" maxlength="1000" :aria-invalid="missing.note ? 'true' : 'false'" />
    </FormField>
    <div v-if="!isTakenBack" class="until">
      <label>Until <input v-model="until" class="lone-field" type="date" :min="record.on" /></label>
      <button v-if="!until" type="button" class="year" @click="lastsAYear()">a year</button>
      <span v-if="!until" class="muted">without a day it does not lapse</span>
    </div>
    <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
    <div class="acts">
      <v-btn
        size="small"
        type="submit"
        :color="isTakenBack ? undefined : 'primary'"
        :variant="isTakenBack ? 'outlined' : 'flat'"
        :loading="isPending"
        >{{ isTakenBack ? 'Take it back' : 'Sign off' }}</v-btn
      >
      <v-btn v-if="!known" size="small" variant="text" :disabled="isPending" @click="send('shown')"
        >Only shown</v-btn
      >
    </div>
  </form>
</template>

<style scoped src="./part.css"></style>
<style scoped>
.wide {
  width: 100%;
}

.until {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.year {
  min-height: var(--touch);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.acts {
  display: flex;
  gap: 6px;
}
</style>
