<script setup lang="ts">
import { computed, defineAsyncComponent, toRef } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { returnWords } from '@/data/firstWeeks';
import { useTimeline, type Thing } from '@/data/wall';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { useSession } from '@/session/useSession';
import { dayWords, fromNow } from '@/shared/days';
import { words } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import WaitBar from '@/shared/WaitBar.vue';
import { entryWords } from './entryWords';
import HandlingForm from './HandlingForm.vue';
import { labelsOf } from './labels';
import { lastingWords } from './lasting';
import ThingRests from './ThingRests.vue';
import SignShape from './SignShape.vue';
import { wordOf } from './signs';

/** One thing beside the wall: what it is, how it stands, what can be done with it, and all that has happened to it. */
const props = defineProps<{ thing: Thing; wall: Schemas['Wall']; isToday: boolean }>();
defineEmits<{ close: []; done: []; change: [] }>();

/** What was pulled comes after what a thing is. */
const InDoubt = defineAsyncComponent(() => import('../proof/InDoubt.vue'));
const ThingProof = defineAsyncComponent(() => import('../proof/ThingProof.vue'));
const { person } = useSession();

const model = computed(() => props.wall.models[props.thing.tool]);
const lasts = computed(() => (model.value ? lastingWords(model.value.lasting) : ''));
const home = computed(() => props.wall.kits.find(({ id }) => id === props.thing.home)?.name ?? 'the shelf');
/** What was pulled is why it is as it is: then that stands before all else. */
const isPulledBadly = computed(() => props.thing.driftsSince !== null || props.thing.sign === 'held');
const mayPull = computed(
  () => props.isToday && (model.value?.kind === 'crimper' || model.value?.kind === 'press'),
);
const { lines, isPending, error, refetch } = useTimeline(toRef(() => props.thing.tag));
const day = (on: string) => dayWords(on, props.wall.today);
</script>

<template>
  <aside class="thing" :aria-label="`Thing ${thing.tag}`">
    <header>
      <h2>
        <SignShape :sign="thing.sign" :size="16" /> <span class="mono">{{ thing.tag }}</span>
      </h2>
      <span>
        <a :href="labelsOf([thing.tag], wall.things.length) ?? undefined" target="_blank">Label</a>
        <v-btn v-if="person?.maySetUpTheShop" size="small" variant="text" @click="$emit('change')"
          >Change</v-btn
        >
        <v-btn size="small" variant="text" @click="$emit('close')">Close</v-btn>
      </span>
    </header>
    <p class="model">
      <RouterLink :to="{ name: 'thing', params: { list: 'tools', id: thing.tool } }">{{
        model?.name
      }}</RouterLink>
    </p>
    <template v-for="lane in model?.lanes" :key="lane.name">
      <LittleRuler v-if="lane.bars.length" :ticks="wall.ticks" :bars="lane.bars" :width="330" />
    </template>
    <p>
      <b>{{ wordOf(thing.sign) }}.</b> {{ thing.text }}
      <span v-if="thing.out?.due" :class="{ late: thing.sign === 'overdue' }">{{
        fromNow(thing.out.due, wall.on)
      }}</span>
      <template v-if="thing.driftsSince"
        >Its pulls have moved since {{ day(thing.driftsSince) }}: until the lead has looked and cleared it, it
        is watched.
      </template>
      Lives in {{ home }}.
      <template v-if="thing.note">{{ thing.note }}</template>
    </p>
    <p v-if="returnWords(thing, wall.on)">
      It {{ returnWords(thing, wall.on)
      }}<span v-if="thing.returnBy" class="muted"> ({{ day(thing.returnBy) }})</span>.
    </p>
    <p v-if="thing.firstCheck"><b>First check before it is used.</b> {{ thing.firstCheck }}</p>
    <p v-if="lasts" class="muted">{{ lasts }}</p>
    <template v-if="isPulledBadly">
      <InDoubt :key="`doubt ${thing.tag}`" :thing :on="wall.on" />
      <ThingProof :key="`proof ${thing.tag}`" :thing :on="wall.on" :may-pull />
    </template>
    <table v-if="thing.dues.length" class="dues">
      <thead class="visually-hidden">
        <tr>
          <th>What</th>
          <th>Next</th>
          <th>Last done</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="due in thing.dues" :key="due.kind">
          <th scope="row">{{ words(due.kind) }}</th>
          <td :class="{ late: due.code }">
            <template v-if="due.code === 'due.never'">never done</template>
            <template v-else-if="due.code === 'due.failed'">failed</template>
            <template v-else-if="due.next">{{ day(due.next) }}, {{ fromNow(due.next, wall.on) }}</template>
            <template v-if="due.cyclesLeft !== null"> {{ due.cyclesLeft }} cycles left</template>
          </td>
          <td class="muted">{{ due.done ? `last on ${day(due.done)}` : '' }}</td>
        </tr>
      </tbody>
    </table>
    <HandlingForm v-if="isToday" :key="thing.tag" :things="[thing]" :wall @done="$emit('done')" />
    <p v-else class="muted">
      This is how it was on {{ day(wall.on) }}. What is done is written down for today.
    </p>
    <ThingProof v-if="!isPulledBadly" :key="`proof ${thing.tag}`" :thing :on="wall.on" :may-pull />
    <ThingRests :key="thing.tag" :thing :on="wall.on" />
    <section>
      <h3>What has happened</h3>
      <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
      <WaitBar v-else-if="isPending" says="Fetching what has happened" />
      <p v-else-if="!lines.length" class="muted">Nothing yet since it came.</p>
      <ol v-else>
        <li v-for="line in lines" :key="line.entry.id" :class="{ voided: line.voided }">
          <span class="mono when">{{ day(line.entry.on) }}</span>
          <span
            >{{ entryWords(line.entry, wall) }}
            <small v-if="line.written.by" class="muted">{{ line.written.by }}</small>
            <small v-if="line.voided" class="muted"
              >taken back<template v-if="line.voided.by"> by {{ line.voided.by }}</template></small
            ></span
          >
        </li>
        <li v-if="thing.bought">
          <span class="mono when">{{ day(thing.bought) }}</span><span class="muted">bought</span>
        </li>
      </ol>
    </section>
  </aside>
</template>

<style scoped>
.thing {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
  padding: 14px 18px 32px;
}

header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
  font-size: 19px;
}

h3 {
  margin: 6px 0 4px;
  font-size: 13.5px;
}

p {
  margin: 0;
}

.dues th {
  padding: 2px 14px 2px 0;
  font-weight: 500;
  text-align: left;
}

.dues td {
  padding: 2px 14px 2px 0;
}

.late {
  color: var(--hole);
  font-weight: 600;
}

ol {
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 8px;
}

.when {
  font-size: 12.5px;
}

.voided > span:last-child {
  text-decoration: line-through;
}

.voided small {
  display: inline-block;
  text-decoration: none;
}
</style>
