<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { wantedWords } from '@/data/signOffs';
import { useSkills, type Absent } from '@/data/skills';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import { plusDays } from '@/shared/days';
import WaitBar from '@/shared/WaitBar.vue';
import AwayForm from './AwayForm.vue';
import LevelMark from './LevelMark.vue';
import OwnSkills from './OwnSkills.vue';
import SkillTable from './SkillTable.vue';

/** Who can do what: people by skills, with what the work asks for, and who waits. A hand sees its own. */
const skills = useSkills();
const { person } = useSession();
const maySeeAll = computed(() => person.value?.maySetUpTheShop ?? false);
const { asked, show } = useAddress();
useUndoKeys();

const onlyNeeded = computed(() => asked('all') === null);
const absent = computed<Absent | null>(() => {
  const people = (asked('away') ?? '').split(',').filter(Boolean);
  const today = skills.data.value?.on ?? '';
  return people.length && today
    ? { people, from: asked('from') ?? today, to: asked('to') ?? plusDays(asked('from') ?? today, 6) }
    : null;
});
function ask(of: Absent | null): void {
  show(
    of ? { away: of.people.join(','), from: of.from, to: of.to } : { away: null, from: null, to: null },
    'replace',
  );
}
const form = useTemplateRef('form');
const broken = computed(() => new Set(form.value?.breaks.map(({ skill }) => skill) ?? []));
</script>

<template>
  <PlaceFrame
    :title="!person || maySeeAll ? 'Who can do what' : 'What you can do'"
    look="scroll"
    is-shown
    :error="skills.error.value"
    @retry="skills.refetch()"
  >
    <template #beside
      ><span v-if="skills.data.value && maySeeAll" class="muted signs">
        <LevelMark mark="alone" /> alone <LevelMark mark="practised" /> under supervision
        <LevelMark mark="shown" /> shown <LevelMark mark="alone" lapses /> lapses soon
        <LevelMark mark="practised" is-ready /> ready <LevelMark mark="alone" is-only /> the only one
      </span></template
    >
    <WaitBar v-if="skills.isPending.value" says="Fetching what people can do" />
    <OwnSkills v-else-if="!maySeeAll && skills.data.value" :matrix="skills.data.value" />
    <template v-else-if="skills.data.value">
      <EmptyNote v-if="!skills.data.value.people.length" title="Nobody is named yet">
        People are who works with the tools: with or without an account, an apprentice as well as the lead.
        Once they are here, practice is written down, a second person signs them off, and Cover says what each
        may not do alone.
        <template #next
          ><v-btn variant="outlined" :to="{ name: 'things', params: { list: 'people' } }"
            >Name people</v-btn
          ></template
        >
      </EmptyNote>
      <template v-else>
        <ul v-if="skills.data.value.wanted.length" class="todo" aria-label="What waits">
          <li v-for="wanted in skills.data.value.wanted" :key="wanted.person.id + wanted.skill">
            <RouterLink
              :to="{ name: 'person', params: { id: wanted.person.id }, query: { skill: wanted.skill } }"
            >
              <LevelMark
                :mark="wanted.why === 'lapses' ? 'alone' : 'practised'"
                :lapses="wanted.why === 'lapses'"
                :is-ready="wanted.why === 'ready'"
              />{{ wanted.person.name }}</RouterLink
            >
            {{ wanted.name }}: {{ wantedWords(wanted, skills.data.value.on) }}
          </li>
        </ul>
        <AwayForm ref="form" :matrix="skills.data.value" :absent @ask="ask"
          ><template #beside>
            <label class="needed"
              ><input
                type="checkbox"
                :checked="onlyNeeded"
                @change="show({ all: ($event.target as HTMLInputElement).checked ? null : 1 }, 'replace')"
              />
              only what the work asks for</label
            >
            <RouterLink :to="{ name: 'classes' }" class="list">Classes</RouterLink>
            <RouterLink :to="{ name: 'things', params: { list: 'people' } }" class="list"
              >People as a table</RouterLink
            >
          </template></AwayForm
        >
        <SkillTable :matrix="skills.data.value" :only-needed :away="absent?.people ?? []" :broken />
      </template>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.signs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 4px;
  align-items: center;
  font-size: 12.5px;
}

.signs svg:not(:first-child) {
  margin-left: 8px;
}

.todo {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 28px;
  margin: 2px 0 0;
  padding: 0;
  list-style: none;
}

.todo li {
  display: flex;
  gap: 5px;
  align-items: center;
}

.todo a {
  display: inline-flex;
  gap: 4px;
  align-items: center;
  min-height: var(--touch);
  color: var(--ink);
  font-weight: 600;
}

/* What is shown stands at the end of the row, away from who is away. */
.needed {
  margin-left: auto;
  display: flex;
  gap: 7px;
  align-items: center;
  min-height: var(--touch);
  cursor: pointer;
}

.needed input {
  width: 17px;
  height: 17px;
  accent-color: var(--copper);
}

.list {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}
</style>
