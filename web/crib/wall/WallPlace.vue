<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, useTemplateRef, watch } from 'vue';
import { problemOf } from '@/api/client';
import { useBusiest, useWall } from '@/data/wall';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import SplitPlace from '@/frame/SplitPlace.vue';
import { useAddress } from '@/frame/useAddress';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useSession } from '@/session/useSession';
import { dayWords } from '@/shared/days';
import EmptyNote from '@/shared/EmptyNote.vue';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import WaitBar from '@/shared/WaitBar.vue';
import CribHead from '../CribHead.vue';
import HandlingForm from './HandlingForm.vue';
import { ofBusiness } from './busy';
import { labelsOf, MOST_LABELS } from './labels';
import { canScan } from './scanning';
import SignShape from './SignShape.vue';
import { signs, type Sign } from './signs';
import { countsOf, stripsOf, type Strip } from './strips';
import { unlikeWords } from '../kits/unlike';
import ThingPanel from './ThingPanel.vue';
import ThingPiece from './ThingPiece.vue';

const ThingSheet = defineAsyncComponent(() => import('./ThingSheet.vue'));
const ScanTags = defineAsyncComponent(() => import('./ScanTags.vue'));

/** The things of the shop one by one: a strip for each kit and one for the shelf, each thing where its size is, with how it is. */
const { asked, show } = useAddress();
const { person } = useSession();
const on = computed(() => asked('on'));
const { data: wall, error, isPending, refetch } = useWall(on);

const search = ref(asked('q') ?? '');
const settled = refDebounced(search, 120);
watch(settled, (words) => show({ q: words.trim() || null }, 'replace'));
const sign = computed(() => (asked('sign') as Sign | null) ?? null);
const business = computed(() => {
  const by = asked('by');
  return by === 'busy' || by === 'idle' ? by : null;
});
const busiest = useBusiest(
  on,
  computed(() => business.value !== null),
);
const rests = computed(() =>
  business.value && busiest.data.value ? ofBusiness(busiest.data.value.data, business.value) : null,
);
const strips = computed(() =>
  wall.value ? stripsOf(wall.value, { words: settled.value, sign: sign.value, tags: rests.value }) : [],
);
const counts = computed(() => countsOf(wall.value?.things ?? []));
const shown = computed(
  () =>
    new Set(
      strips.value.flatMap(({ boxes }) => boxes.flatMap((box) => box.things.map(({ thing }) => thing.tag))),
    ),
);

const labels = computed(() =>
  shown.value.size ? labelsOf([...shown.value], wall.value?.things.length ?? 0) : null,
);

const split = useTemplateRef('split');
const opened = computed(() => wall.value?.things.find(({ tag }) => tag === asked('thing')) ?? null);
const isMarking = ref(false);
const marks = ref(new Set<string>());
const marked = computed(() => wall.value?.things.filter(({ tag }) => marks.value.has(tag)) ?? []);
const kitOf = (id: string) => wall.value?.kits.find((kit) => kit.id === id);
const differs = (id: string) => unlikeWords(kitOf(id)?.unlikePaper ?? []);
/** Copies that have come to differ from their pattern. */
const drifted = ({ boxes }: Strip) => boxes.filter(({ id }) => kitOf(id)?.drift.length);
const isToday = computed(() => wall.value?.on === wall.value?.today);

function press(tag: string, event: MouseEvent | KeyboardEvent): void {
  if (!isMarking.value && !event.ctrlKey && !event.metaKey) return split.value?.open({ thing: tag });
  isMarking.value = true;
  const now = new Set(marks.value);
  if (!now.delete(tag)) now.add(tag);
  marks.value = now;
}
function unmark(): void {
  marks.value = new Set();
  isMarking.value = false;
}
const tagged = (words: string) =>
  wall.value?.things.find((thing) => thing.tag.toLowerCase() === words.trim().toLowerCase())?.tag;
/** A tag that was typed, or that a reader in the hand types, opens its thing; while some are marked it is marked with them. */
function openTag(): void {
  const found = tagged(search.value) ?? (shown.value.size === 1 ? [...shown.value][0] : undefined);
  if (found === undefined) return;
  if (!isMarking.value) return void split.value?.open({ thing: found });
  marks.value = new Set([...marks.value, found]);
  search.value = '';
}
/** The thing that is written: "" for a new one. */
const sheet = ref<string | null>(null);
const mayArrange = computed(() => person.value?.maySetUpTheShop ?? false);
const isScanning = ref(false);
const said = ref('');
/** One label opens its thing; while some are marked the camera goes on. */
function read(code: string): void {
  const found = tagged(code);
  said.value = found === undefined ? `“${code}” is the tag of no thing here.` : `${found}: read`;
  if (found === undefined) return;
  if (isMarking.value) {
    marks.value = new Set([...marks.value, found]);
    said.value = `${found}: marked, ${counted(marks.value.size, 'thing')} by now`;
  } else {
    isScanning.value = false;
    split.value?.open({ thing: found });
  }
}
/** With the arrows one goes along the strips. */
function walk(event: KeyboardEvent): void {
  const step = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
  const from = (event.target as HTMLElement).closest<HTMLElement>('.piece');
  if (step === undefined || !from) return;
  const all = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('.piece')];
  all[all.indexOf(from) + step]?.focus();
  event.preventDefault();
}
useUndoKeys();
</script>

<template>
  <SplitPlace ref="split" :keys="['thing']" :is-open="opened !== null || isMarking" held="wall">
    <PlaceFrame title="The wall" look="fill" :tab="opened?.tag ?? ''">
      <CribHead
        v-model="search"
        list="wall"
        hint="tag, model, kit, due, who has it"
        name="Find a thing"
        :count="
          shown.size === (wall?.things.length ?? 0)
            ? counted(shown.size, 'thing')
            : `${shown.size} of ${counted(wall?.things.length ?? 0, 'thing')}`
        "
        @enter="openTag()"
      >
        <v-btn v-if="wall && mayArrange" size="small" variant="text" @click="sheet = ''">New thing</v-btn>
        <RouterLink
          v-if="wall?.things.length && mayArrange"
          class="act"
          :to="{ name: 'things', params: { list: 'assets' } }"
          >Table</RouterLink
        >
        <v-btn
          v-if="wall?.things.length && canScan()"
          size="small"
          :variant="isScanning ? 'flat' : 'text'"
          :aria-pressed="isScanning"
          @click="isScanning = !isScanning"
          >Scan</v-btn
        >
        <a v-if="labels" class="act" :href="labels" target="_blank" rel="noopener">Labels</a>
        <span v-else-if="shown.size" class="muted act">Labels: {{ MOST_LABELS }} at once at most</span>
        <v-btn
          v-if="wall?.things.length"
          size="small"
          :variant="isMarking ? 'flat' : 'text'"
          :aria-pressed="isMarking"
          @click="isMarking ? unmark() : (isMarking = true)"
          >Mark several</v-btn
        >
      </CribHead>
      <ScanTags v-if="isScanning" :said @read="read" @leave="isScanning = false" />
      <ProblemNote v-if="error && !wall" :problem="problemOf(error)" @retry="refetch()" />
      <WaitBar v-else-if="isPending" says="Fetching the things" />
      <EmptyNote v-else-if="!wall?.things.length" title="No things yet">
        A kit on paper covers nothing while its crimper is lent out or past its verification. Give each tool a
        tag, and Gondrik tells where it is, what is due, and which hole opens when it goes.
        <template #next>
          <v-btn v-if="mayArrange" color="primary" variant="flat" @click="sheet = ''"
            >Make the first thing</v-btn
          >
          <v-btn v-if="mayArrange" variant="outlined" :to="{ name: 'things', params: { list: 'assets' } }"
            >Bring a table</v-btn
          >
          <v-btn v-if="mayArrange" variant="text" :to="{ name: 'shop' }">Bring a workbook</v-btn>
        </template>
      </EmptyNote>
      <template v-else>
        <div class="signs" role="group" aria-label="Show only">
          <button
            v-for="one in signs.filter((known) => counts.get(known.sign))"
            :key="one.sign"
            type="button"
            :title="one.means"
            :aria-pressed="sign === one.sign"
            @click="show({ sign: sign === one.sign ? null : one.sign }, 'replace')"
          >
            <SignShape :sign="one.sign" /> {{ one.word }} <b class="mono">{{ counts.get(one.sign) }}</b>
          </button>
          <button
            v-for="(word, by) in { busy: 'Busiest', idle: 'Idle' }"
            :key="by"
            type="button"
            :title="by === 'busy' ? 'On which most of the work rests' : 'In a kit, and nothing rests on it'"
            :aria-pressed="business === by"
            @click="show({ by: business === by ? null : by }, 'replace')"
          >
            {{ word }}
          </button>
          <span v-if="business && busiest.isPending.value" class="muted" role="status">looking …</span>
          <span v-if="!isToday" class="then">as on {{ dayWords(wall.on, wall.today) }}</span>
        </div>
        <ProblemNote
          v-if="business && busiest.error.value"
          :problem="problemOf(busiest.error.value)"
          @retry="busiest.refetch()"
        />
        <div class="strips" @keydown="walk">
          <section v-for="strip in strips" :key="strip.id" :aria-label="strip.name">
            <h2>
              {{ strip.name }} <small class="mono muted">{{ strip.count }}</small>
              <RouterLink
                v-if="strip.id && differs(strip.id)"
                :to="{ name: 'kit', params: { id: strip.id } }"
                class="differs"
                >{{ differs(strip.id) }}</RouterLink
              >
              <template v-if="strip.boxes.length > 1">
                <span v-if="!drifted(strip).length" class="alike muted">{{ strip.boxes.length }} alike</span>
                <RouterLink
                  v-for="box in drifted(strip)"
                  :key="box.id"
                  :to="{ name: 'kit', params: { id: box.id } }"
                  class="differs"
                  >No. {{ box.label }} has drifted</RouterLink
                >
              </template>
            </h2>
            <div class="pieces">
              <div v-for="box in strip.boxes" :key="box.id" class="pieces">
                <span v-if="box.label && box.things.length" class="label mono" :title="box.name">{{
                  box.label
                }}</span>
                <ThingPiece
                  v-for="piece in box.things"
                  :key="piece.thing.tag + piece.place"
                  :piece
                  :model="wall.models[piece.thing.tool]"
                  :rests="business === 'busy' ? rests?.get(piece.thing.tag) : undefined"
                  :is-open="opened?.tag === piece.thing.tag"
                  :is-marked="isMarking ? marks.has(piece.thing.tag) : undefined"
                  @click="press(piece.thing.tag, $event)"
                />
              </div>
              <span v-if="!strip.count" class="muted">{{
                settled.trim() || sign || business ? 'none of these' : 'nothing is in it'
              }}</span>
            </div>
          </section>
        </div>
      </template>
    </PlaceFrame>
    <template #panel="{ close }">
      <aside v-if="isMarking && wall" class="many" aria-label="Marked things">
        <header>
          <h2>{{ marked.length ? `${counted(marked.length, 'thing')} marked` : 'Mark some things' }}</h2>
          <v-btn size="small" variant="text" @click="unmark()">Leave</v-btn>
        </header>
        <p v-if="!marked.length" class="muted">
          Press each that goes the same way: out with a van, back from the calibrator.
        </p>
        <template v-else>
          <p class="mono tags">{{ marked.map(({ tag }) => tag).join(' ') }}</p>
          <HandlingForm :things="marked" :wall @done="unmark()" />
          <p>
            <a
              v-if="marks.size <= MOST_LABELS"
              :href="labelsOf([...marks], wall.things.length) ?? undefined"
              target="_blank"
              >Print their labels</a
            >
          </p>
        </template>
      </aside>
      <ThingPanel
        v-else-if="opened && wall"
        :thing="opened"
        :wall
        :is-today
        @close="close()"
        @change="sheet = opened.tag"
      />
    </template>
  </SplitPlace>
  <ThingSheet v-if="sheet !== null && wall" :tag="sheet || null" :wall @close="sheet = null" />
</template>

<style scoped>
.signs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

.signs button {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: var(--touch);
  padding: 2px 9px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-size: 13px;
  cursor: pointer;
}

.signs button[aria-pressed='true'] {
  border-color: var(--ink);
  background: var(--row-wash);
}

.act {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  padding: 0 8px;
}

.then {
  color: var(--copper);
  font-weight: 600;
}

.strips {
  display: grid;
  flex: 1;
  align-content: start;
  min-height: 0;
  overflow: auto;
  border-top: 1px solid var(--hairline);
}

.strips section {
  display: grid;
  grid-template-columns: 132px minmax(0, 1fr);
  gap: 12px;
  padding: 7px 0;
  border-bottom: 1px solid var(--hairline);
}

.strips h2 {
  margin: 4px 0 0;
  font-size: 14px;
}

.differs {
  display: block;
  color: var(--copper);
  font-weight: 400;
  font-size: 12.5px;
}

.alike {
  display: block;
  font-weight: 400;
  font-size: 12.5px;
}

/* Which of the alike boxes what follows is in. */
.label {
  padding-top: 11px;
  min-width: 15px;
  color: var(--muted);
  font-weight: 600;
  font-size: 12.5px;
  text-align: right;
}

.pieces {
  display: flex;
  flex-wrap: wrap;
  gap: 5px;
  align-items: flex-start;
}

.many {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 12px;
  align-content: start;
  padding: 14px 18px 32px;
}

.many header {
  display: flex;
  align-items: center;
  justify-content: space-between;
}

.many h2 {
  margin: 0;
  font-size: 18px;
}

.tags {
  margin: 0;
  font-size: 12.5px;
}

@container work (max-width: 620px) {
  .strips section {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }
}
</style>
