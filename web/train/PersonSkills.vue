<script setup lang="ts">
import { computed, ref, toRef } from 'vue';
import { problemOf } from '@/api/client';
import { usePersonRecord } from '@/data/skills';
import { useAddress } from '@/frame/useAddress';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import { dayWords } from '@/shared/days';
import { shown, unitOf } from '@/shared/measures';
import PickOne from '@/shared/PickOne.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import WaitBar from '@/shared/WaitBar.vue';
import HandForm from './HandForm.vue';
import LevelMark from './LevelMark.vue';
import { lapses, levelWords, markOf } from './levels';
import { faultsSeen, share, told as toldEntry } from './practice';
import PracticeForm from './PracticeForm.vue';
import SignOffForm from './SignOffForm.vue';

/** What one person can do: skill by skill with how far practice has come, what is done next, and all that was told. */
const props = defineProps<{ id: string }>();
const { data: record, error, isPending, refetch } = usePersonRecord(toRef(props, 'id'));
const { asked, show } = useAddress();
const { person } = useSession();
const isWriting = ref(false);
const settings = useSettings();

const picked = computed(() => asked('skill') ?? record.value?.skills[0]?.skill ?? null);
const known = computed(() => record.value?.skills.find(({ skill }) => skill === picked.value));
const nameOf = (skill: string) => record.value?.names.find((of) => of.skill === skill)?.name ?? skill;
/** With the one that was picked in the matrix, of which nothing is known yet. */
const listed = computed(() => {
  const skills = record.value?.skills.map(({ skill }) => skill) ?? [];
  return picked.value && !skills.includes(picked.value) ? [...skills, picked.value] : skills;
});
const others = computed(() => [
  { id: '', name: 'another skill' },
  ...(record.value?.names ?? [])
    .filter(({ skill }) => !listed.value.includes(skill))
    .map(({ skill, name }) => ({ id: skill, name })),
]);
const skillOf = (skill: string) => record.value?.skills.find((of) => of.skill === skill);
const entries = computed(() =>
  (record.value?.entries ?? []).filter(
    ({ entry }) => (entry as unknown as { skill: string }).skill === picked.value,
  ),
);
const faults = computed(() => (record.value && picked.value ? faultsSeen(record.value, picked.value) : []));
const onOf = (of: (typeof entries.value)[number]) => (of.entry as unknown as { on: string }).on;
const isSelf = computed(() => person.value?.person === props.id);
const maySign = computed(() => (person.value?.maySetUpTheShop ?? false) && !isSelf.value);
const hasLeft = computed(() => {
  const { until = null } = record.value?.person ?? {};
  return until !== null && until < (record.value?.on ?? '');
});
const told = (value: number | null | undefined, measure: 'force' | 'length') =>
  typeof value === 'number'
    ? `${shown(value, measure, settings)} ${unitOf(measure, settings)}`
    : `? ${unitOf(measure, settings)}`;
defineExpose({ record });
</script>

<template>
  <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
  <WaitBar v-else-if="isPending" says="Fetching what was told and practised" />
  <div v-else-if="record" class="person">
    <HandForm v-if="isWriting" :id @done="isWriting = false" />
    <p v-else class="hand">
      <span v-if="record.person.hand"
        >closes with <b class="mono">{{ told(record.person.hand.gripForce, 'force') }}</b>, spans
        <b class="mono">{{ told(record.person.hand.handSpan, 'length') }}</b></span
      >
      <span v-else class="muted"
        >grip and span are not measured: no tool is told to be too stiff or too wide</span
      >
      <b v-if="hasLeft" class="gone">no longer with the shop</b>
      <span v-else-if="record.person.until" class="muted"
        >with the shop until {{ dayWords(record.person.until, record.on) }}</span
      >
      <span v-if="record.person.note" class="muted">{{ record.person.note }}</span>
      <button v-if="person?.maySetUpTheShop" type="button" class="change" @click="isWriting = true">
        Change
      </button>
    </p>
    <div class="beside">
      <nav aria-label="Skills">
        <RouterLink
          v-for="skill in listed"
          :key="skill"
          :to="{ query: { skill } }"
          :aria-current="skill === picked ? 'true' : undefined"
        >
          <LevelMark
            :mark="markOf(skillOf(skill))"
            :lapses="lapses(skillOf(skill), record.on)"
            :is-ready="skillOf(skill)?.mayAsk"
          />
          <span class="name"
            >{{ nameOf(skill) }}
            <small class="muted">{{ levelWords(skillOf(skill), record.on) }}</small></span
          >
          <span
            v-if="skillOf(skill)?.tries && markOf(skillOf(skill)) !== 'alone'"
            class="bar"
            role="img"
            :aria-label="`${skillOf(skill)?.tries} of ${record.pieces} pieces`"
            ><span :style="{ width: `${share(skillOf(skill)?.tries ?? 0, record.pieces) * 100}%` }"
          /></span>
        </RouterLink>
        <p v-if="!listed.length" class="muted">Nothing was shown or practised yet.</p>
        <PickOne
          v-if="!hasLeft"
          class="more"
          label="Add"
          :items="others"
          picked=""
          @pick="(skill) => skill && show({ skill })"
        />
      </nav>
      <section v-if="picked" :key="picked" :aria-label="nameOf(picked)">
        <h2>{{ nameOf(picked) }}</h2>
        <p>{{ levelWords(known, record.on) }}</p>
        <p v-if="faults.length" class="faults">
          Seen most:
          <b v-for="fault in faults.slice(0, 2)" :key="fault.text">{{ fault.count }} × {{ fault.text }}</b>
        </p>
        <div v-if="!hasLeft" class="forms">
          <PracticeForm v-if="maySign || isSelf" :record :skill="picked" />
          <SignOffForm
            v-if="maySign"
            :key="String(known?.level)"
            :record
            :skill="picked"
            :skill-name="nameOf(picked)"
            :known
          />
          <p v-else-if="isSelf && known?.mayAsk" class="ready">
            You may ask to be signed off: practice is enough, and good enough. Another person looks and signs.
          </p>
        </div>
        <h3>What was told and practised</h3>
        <p v-if="!entries.length" class="muted">Nothing yet.</p>
        <ol class="entries">
          <li
            v-for="of in entries"
            :key="String((of.entry as Record<string, unknown>).id)"
            :class="{ voided: of.isVoided }"
          >
            <span class="mono muted">{{ dayWords(onOf(of), record.on) }}</span>
            <b>{{ toldEntry(of, record).title }}</b>
            <span>{{ toldEntry(of, record).more }}</span>
            <span v-if="of.isVoided" class="muted">taken out of account</span>
          </li>
        </ol>
      </section>
    </div>
  </div>
</template>

<style scoped>
.hand {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  margin: 0 0 10px;
}

.change {
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.gone {
  color: var(--hole);
}

.beside {
  display: grid;
  grid-template-columns: minmax(250px, 340px) minmax(0, 1fr);
  gap: 10px 28px;
  align-items: start;
}

nav a {
  display: grid;
  grid-template-columns: 24px minmax(0, 1fr) 60px;
  gap: 8px;
  align-items: center;
  min-height: max(44px, var(--touch));
  padding: 3px 8px 3px 4px;
  border-bottom: 1px solid var(--hairline);
  border-left: 3px solid transparent;
  color: var(--ink);
  text-decoration: none;
}

nav a[aria-current] {
  border-left-color: var(--copper);
  background: var(--row-wash);
}

nav a:hover {
  background: var(--row-wash);
}

.name {
  font-weight: 600;
}

.name small {
  display: block;
  font-weight: 400;
  line-height: 1.25;
}

.bar {
  height: 7px;
  border: 1px solid var(--tool-edge);
  border-radius: 4px;
  overflow: hidden;
}

.bar span {
  display: block;
  height: 100%;
  background: var(--makeshift);
}

.more {
  margin-top: 8px;
}

h2 {
  margin: 0;
  font-size: 18px;
}

section > h3 {
  margin: 18px 0 4px;
  font-size: 15px;
}

.forms {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 18px 28px;
  margin-top: 12px;
}

.faults {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  color: var(--hole);
}

.ready {
  color: var(--copper);
  font-weight: 600;
}

.entries {
  margin: 0;
  padding: 0;
  list-style: none;
}

.entries li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
}

.entries .mono {
  min-width: 62px;
}

.voided b,
.voided > span:nth-child(3) {
  text-decoration: line-through;
}

@media (max-width: 760px) {
  .beside {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
