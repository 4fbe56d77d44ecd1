<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { byWeek, duesOf, dueWords, type DueNow } from '@/data/dues';
import { useWall, writeLog } from '@/data/wall';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { dayWords, plusDays } from '@/shared/days';
import EmptyNote from '@/shared/EmptyNote.vue';
import { counted, words } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';
import WaitBar from '@/shared/WaitBar.vue';
import CribHead from '../CribHead.vue';
import FeedNote from './FeedNote.vue';

/** What is past and what is due in the next 90 days, week by week: ticked as it is done, many at once, each with its certificate. */
const wall = useWall(ref(null));
const { person } = useSession();
const mayRenew = computed(() => person.value?.maySetUpTheShop ?? false);
const today = computed(() => wall.data.value?.today ?? '');
const search = ref('');
const all = computed(() => (wall.data.value ? duesOf(wall.data.value) : []));
const nameOf = (due: DueNow) => wall.data.value?.models[due.thing.tool]?.name ?? '';
const placeOf = ({ thing }: DueNow) =>
  thing.out
    ? `with ${thing.out.to}`
    : (wall.data.value?.kits.find(({ id }) => id === thing.home)?.name ?? 'the shelf');
const shown = computed(() => {
  const sought = search.value.toLowerCase().split(/\s+/).filter(Boolean);
  return all.value.filter((due) => {
    const text = [due.thing.tag, words(due.kind), nameOf(due), placeOf(due)].join(' ').toLowerCase();
    return sought.every((word) => text.includes(word));
  });
});
const weeks = computed(() => byWeek(shown.value));
const title = (week: string | null) =>
  week === null
    ? 'Past'
    : week <= today.value
      ? 'This week'
      : week <= plusDays(today.value, 7)
        ? 'Next week'
        : `${dayWords(week, today.value)} to ${dayWords(plusDays(week, 6), today.value)}`;

const keyOf = ({ thing, kind }: DueNow) => `${thing.tag} ${kind}`;
/** The certificate of each that is ticked, as far as it is written. */
const ticked = ref(new Map<string, string>());
const marked = computed(() => all.value.filter((due) => ticked.value.has(keyOf(due))));
function tick(of: DueNow[], isOn: boolean): void {
  const now = new Map(ticked.value);
  for (const due of of) {
    if (!isOn) now.delete(keyOf(due));
    else if (!now.has(keyOf(due))) now.set(keyOf(due), '');
  }
  ticked.value = now;
}
// What is no longer due cannot be done.
watch(all, (now) => {
  const there = new Set(now.map(keyOf));
  ticked.value = new Map([...ticked.value].filter(([key]) => there.has(key)));
});

interface Told {
  dues: DueNow[];
  result: 'pass' | 'fail';
}
const write = useWrite({
  ask: ({ dues, result }: Told) =>
    writeLog(
      dues.map((due) => {
        const certificate = ticked.value.get(keyOf(due))?.trim();
        return {
          what: 'done',
          asset: due.thing.tag,
          due: due.kind,
          ...(result === 'fail' ? { result } : {}),
          ...(certificate ? { certificate } : {}),
        };
      }),
    ),
  said: ({ dues: [first, ...more], result }) =>
    `${more.length ? counted(more.length + 1, 'due') : (first?.thing.tag ?? '')}: ${result === 'pass' ? 'passed' : 'failed'} today`,
  mayTakeBack: () => person.value?.role === 'lead',
  atOnce: () => (ticked.value = new Map()),
});
const { isPending, problem } = write;
const tell = (result: Told['result']) => write.mutate({ dues: marked.value, result });
useUndoKeys();
</script>

<template>
  <PlaceFrame title="What is due" look="page" is-shown :error="wall.error.value" @retry="wall.refetch()">
    <CribHead
      v-model="search"
      list="due"
      hint="tag, model, kind or place"
      name="Find a due"
      :count="
        shown.length === all.length
          ? counted(all.length, 'due')
          : `${shown.length} of ${counted(all.length, 'due')}`
      "
    >
      <a v-if="all.length" class="print" href="/api/v1/dues.pdf" target="_blank" rel="noopener">Print</a>
    </CribHead>
    <WaitBar v-if="wall.isPending.value" says="Fetching the things" />
    <EmptyNote v-else-if="!all.length" title="Nothing is due">
      <template v-if="wall.data.value?.things.length"
        >No thing wants anything done until {{ dayWords(wall.data.value.duesTo, '') }}.</template
      >
      <template v-else
        >Once tools have tags and something that is to be done again and again, it stands here.</template
      >
      <template #next><v-btn variant="outlined" :to="{ name: 'wall' }">To the wall</v-btn></template>
    </EmptyNote>
    <template v-else>
      <form v-if="mayRenew" class="act" @submit.prevent="tell('pass')">
        <span role="status">{{
          marked.length ? `${marked.length} ticked` : 'Tick what was done: certificates go beside each.'
        }}</span>
        <template v-if="marked.length">
          <v-btn size="small" type="submit" color="primary" variant="flat" :loading="isPending"
            >Passed today</v-btn
          >
          <v-btn size="small" variant="text" :disabled="isPending" @click="tell('fail')">Failed</v-btn>
          <v-btn size="small" variant="text" :disabled="isPending" @click="ticked = new Map()">Untick</v-btn>
        </template>
        <span v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</span>
      </form>
      <p v-if="!shown.length" class="muted">None of what is due is called so.</p>
      <section v-for="of in weeks" :key="of.week ?? ''" :aria-label="title(of.week)">
        <h2 :class="{ past: of.week === null }">
          <label v-if="mayRenew" class="all"
            ><input
              type="checkbox"
              :checked="of.dues.every((due) => ticked.has(keyOf(due)))"
              :aria-label="`All of ${title(of.week)}`"
              @change="tick(of.dues, ($event.target as HTMLInputElement).checked)"
          /></label>
          {{ title(of.week) }} <small class="mono muted">{{ of.dues.length }}</small>
        </h2>
        <ul>
          <li v-for="due in of.dues" :key="keyOf(due)" :class="{ marked: ticked.has(keyOf(due)) }">
            <label v-if="mayRenew" class="tick"
              ><input
                type="checkbox"
                :checked="ticked.has(keyOf(due))"
                :aria-label="`${due.thing.tag} ${words(due.kind)}`"
                @change="tick([due], ($event.target as HTMLInputElement).checked)"
            /></label>
            <RouterLink :to="{ name: 'wall', query: { thing: due.thing.tag } }" class="what"
              ><span class="mono">{{ due.thing.tag }}</span> {{ nameOf(due) }}</RouterLink
            >
            <span class="how"
              >{{ words(due.kind) }}
              <b :class="{ past: due.code }">{{ dueWords(due) }}</b>
              <span v-if="due.on" class="muted"
                >{{ due.code ? 'held until' : 'holds until' }} {{ dayWords(due.on, today) }}</span
              ></span
            >
            <span class="place muted">{{ placeOf(due) }}</span>
            <input
              v-if="ticked.has(keyOf(due))"
              :value="ticked.get(keyOf(due))"
              class="certificate lone-field"
              placeholder="certificate"
              maxlength="200"
              :aria-label="`Certificate of ${due.thing.tag}`"
              @input="ticked.set(keyOf(due), ($event.target as HTMLInputElement).value)"
              @keydown.enter.prevent="tell('pass')"
            />
          </li>
        </ul>
      </section>
      <FeedNote v-if="mayRenew" :today />
    </template>
  </PlaceFrame>
</template>

<style scoped>
.act {
  position: sticky;
  top: 0;
  z-index: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  min-height: 44px;
  padding: 4px 0;
  border-bottom: 2px solid var(--ink);
  background: var(--ground);
}

section {
  margin: 14px 0 6px;
}

h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  margin: 0;
  font-size: 15px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

/* What goes into a second line stands below the first, not below its tick. */
li:has(.tick) {
  position: relative;
  padding-left: 46px;
}

.tick {
  position: absolute;
  top: 4px;
  left: 0;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 16px;
  padding-block: 4px;
  align-items: center;
  min-height: 38px;
  border-bottom: 1px solid var(--hairline);
}

li.marked {
  background: var(--row-wash);
}

.all,
.tick {
  display: grid;
  place-content: center;
  width: max(26px, var(--touch));
  min-height: max(26px, var(--touch));
  cursor: pointer;
}

.tick input,
.all input {
  width: 17px;
  height: 17px;
  accent-color: var(--copper);
}

.what {
  flex: 0 1 320px;
  color: var(--ink);
  font-weight: 600;
}

.how {
  display: flex;
  flex: 0 1 340px;
  flex-wrap: wrap;
  gap: 0 7px;
}

.place {
  flex: 0 1 140px;
}

.certificate {
  flex: 0 1 170px;
}

.print {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.past,
.problem {
  color: var(--hole);
}
</style>
