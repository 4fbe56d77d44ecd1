<script setup lang="ts">
import { computed } from 'vue';
import type { SkillMatrix } from '@/data/skills';
import { counted } from '@/shared/pretty';
import { lapses, levelWords, markOf, rowsOf, skillOf, stateOf } from './levels';
import LevelMark from './LevelMark.vue';

/** Skills by people: the row tells what the work asks for and who is left to do it alone, the cell how far each has come. */
const props = defineProps<{
  matrix: SkillMatrix;
  onlyNeeded: boolean;
  /** Ids of who is supposed to be away. */
  away: string[];
  /** Skills that break then. */
  broken: ReadonlySet<string>;
}>();
defineEmits<{ away: [id: string] }>();

const rows = computed(() => rowsOf(props.matrix, props.onlyNeeded));
const people = computed(() =>
  props.matrix.people.filter(({ until }) => until === null || until >= props.matrix.on),
);
const nameOf = (id: string) => props.matrix.people.find((person) => person.id === id)?.name ?? id;
const said = (row: (typeof rows.value)[number]) =>
  ({
    hole: 'nobody is signed off',
    one: `only ${nameOf(row.holders[0] ?? '')}`,
    held: `${row.holders.length} people`,
    unasked: row.holders.length ? counted(row.holders.length, 'person', 'people') : '–',
  })[stateOf(row)];
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="People and skills">
    <table>
      <thead>
        <tr>
          <th scope="col" class="skill first">Skill</th>
          <th scope="col" class="asked">Asked for</th>
          <th scope="col" class="left">Alone</th>
          <th
            v-for="person in people"
            :key="person.id"
            scope="col"
            class="person upright"
            :class="{ away: away.includes(person.id) }"
          >
            <RouterLink :to="{ name: 'person', params: { id: person.id } }"
              ><span>{{ person.name }}</span></RouterLink
            >
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.skill" :class="[stateOf(row), { broken: broken.has(row.skill) }]">
          <th scope="row" class="skill first">{{ row.name }}</th>
          <td class="asked mono" :title="row.scopes.map((of) => `${of.name}: ${of.terminations}`).join('\n')">
            {{ row.terminations || '' }}
          </td>
          <td class="left">
            <svg v-if="stateOf(row) === 'hole'" class="ring" viewBox="-8 -8 16 16" aria-hidden="true">
              <circle r="5.6" />
            </svg>
            {{ broken.has(row.skill) && stateOf(row) !== 'hole' ? 'nobody is left' : said(row) }}
          </td>
          <td
            v-for="person in people"
            :key="person.id"
            class="cell"
            :class="{ away: away.includes(person.id) }"
          >
            <RouterLink
              :to="{ name: 'person', params: { id: person.id }, query: { skill: row.skill } }"
              :aria-label="`${person.name}, ${row.name}: ${levelWords(skillOf(person, row.skill), matrix.on)}`"
              :title="`${person.name}, ${row.name}: ${levelWords(skillOf(person, row.skill), matrix.on)}`"
            >
              <LevelMark
                :mark="markOf(skillOf(person, row.skill))"
                :lapses="lapses(skillOf(person, row.skill), matrix.on)"
                :is-ready="skillOf(person, row.skill)?.mayAsk"
                :is-only="stateOf(row) === 'one' && row.holders[0] === person.id"
              />
            </RouterLink>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="@/shared/across.css"></style>
<style scoped>
table {
  width: 100%;
}

thead th {
  height: 112px;
}

.skill {
  min-width: 190px;
  padding-right: 10px;
}

.person span {
  max-height: 104px;
}

.asked {
  min-width: 70px;
  padding-right: 12px;
  text-align: right;
}

.left {
  min-width: 138px;
  white-space: nowrap;
}

.cell a {
  display: grid;
  place-content: center;
  min-width: 34px;
  min-height: max(26px, var(--touch));
}

.cell:nth-child(odd) {
  background: color-mix(in srgb, var(--row-wash) 55%, transparent);
}

.cell a:hover {
  background: var(--row-wash);
  box-shadow: inset 0 -2px 0 var(--copper);
}

.hole .left,
.hole .skill,
.broken .left,
.broken .skill {
  color: var(--hole);
  font-weight: 640;
}

.one .left {
  color: var(--hole);
}

.ring {
  width: 16px;
  height: 16px;
  margin-right: 3px;
  vertical-align: -3px;
  fill: none;
  stroke: var(--hole);
  stroke-width: 3;
}

.person.away,
.cell.away {
  background: repeating-linear-gradient(135deg, transparent 0 5px, var(--hairline) 5px 6px);
}

.cell.away svg {
  opacity: 0.35;
}
</style>
