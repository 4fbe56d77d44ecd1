<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { api } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import { duesOf, dueWords } from '@/data/dues';
import { wantedWords } from '@/data/signOffs';
import { comeLately, returnWords } from '@/data/firstWeeks';
import { useWall, writeLog, type Happened } from '@/data/wall';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { dayWords, fromNow } from '@/shared/days';
import EmptyNote from '@/shared/EmptyNote.vue';
import { capital, counted, piecesOf, pretty, words } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';
import StatusMark from '@/shared/StatusMark.vue';
import WaitBar from '@/shared/WaitBar.vue';
import { byCause, overdue, pulledBadly } from './told';

/** What wants somebody today: what the kits lack of what is packed in them, what should be back, what is due; each with the press that mends it. */
const day = useQuery(shopQuery(['today'], (signal) => api.GET('/today', { signal })));
const wall = useWall(ref(null));
const { person } = useSession();
const mayRenew = computed(() => person.value?.maySetUpTheShop ?? false);

const today = computed(() => day.data.value?.today ?? '');
const losses = computed(() => day.data.value?.losses ?? []);
/** So many are named; the rest stands where it is ordered. */
const FIRST = 5;
const supplies = computed(() => day.data.value?.supplies ?? []);
const signOffs = computed(() => day.data.value?.signOffs ?? []);
const coming = computed(() => byCause(day.data.value?.coming ?? []));
const late = computed(() => overdue(wall.data.value?.things ?? []));
/** What is past, and what is due within so many days. */
const SOON = 30;
const dues = computed(() =>
  wall.data.value ? duesOf(wall.data.value).filter(({ days }) => days === null || days <= SOON) : [],
);
const pulled = computed(() => pulledBadly(wall.data.value?.things ?? []));
const lately = computed(() => comeLately(wall.data.value?.things ?? []));
const isAllWell = computed(
  () =>
    !losses.value.length &&
    !late.value.length &&
    !dues.value.length &&
    !lately.value.length &&
    !signOffs.value.length &&
    !supplies.value.length &&
    !pulled.value.length,
);
const modelOf = (tool: string) => wall.data.value?.models[tool]?.name ?? '';
const kitOf = (id: string | null) => wall.data.value?.kits.find((kit) => kit.id === id)?.name;
const placeOf = (home: string | null) => (home === null ? 'on the shelf' : `in ${kitOf(home) ?? 'a kit'}`);
const { mutate, isPending, problem } = useWrite({
  ask: ({ entry }: { entry: Happened & { asset: string }; said: string }) => writeLog([entry]),
  said: ({ said }) => said,
  mayTakeBack: () => person.value?.role === 'lead',
});
const retry = () => Promise.all([day.refetch(), wall.refetch()]);
useUndoKeys();
</script>

<template>
  <PlaceFrame
    title="Today"
    look="page"
    is-shown
    :error="day.error.value ?? wall.error.value"
    @retry="retry()"
  >
    <template #beside
      ><span v-if="today" class="muted">{{ dayWords(today, '') }}</span></template
    >
    <WaitBar v-if="day.isPending.value || wall.isPending.value" says="Looking at every kit" />
    <EmptyNote v-else-if="!wall.data.value?.things.length" title="Nothing to tell of today yet">
      Once tools have tags, this page says each morning what is missing from which kit, what should be back,
      and what is due.
      <template #next
        ><v-btn color="primary" variant="flat" :to="{ name: 'wall' }">To the wall</v-btn></template
      >
    </EmptyNote>
    <template v-else>
      <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
      <p v-if="isAllWell" class="well">
        <StatusMark status="covered" :size="20" silent /> All is well: what is packed is there, and nothing is
        due.
      </p>

      <section v-if="losses.length" aria-labelledby="lacking">
        <h2 id="lacking">Missing from its kit today</h2>
        <ul>
          <li v-for="loss in losses" :key="loss.kit.id + loss.scope.id">
            <RouterLink
              :to="{ name: 'cover', query: { kit: loss.kit.id, scope: loss.scope.id, on: today } }"
              class="what"
              ><StatusMark status="hole" silent /> {{ loss.kit.name }} × {{ loss.scope.name }}</RouterLink
            >
            <span class="how"
              ><b>{{ counted(loss.lost, 'termination') }}</b> cannot be made. Not in the kit:
              {{ loss.away.map(({ asset, tool, text }) => `${asset}, ${modelOf(tool)}. ${text}`).join(' ') }}
              <RouterLink
                v-if="person?.maySetUpTheShop"
                :to="{ name: 'plan', query: { kit: loss.kit.id, scopes: loss.scope.id, on: today } }"
                >What mends it for the least money</RouterLink
              ></span
            >
          </li>
        </ul>
      </section>

      <section v-if="late.length" aria-labelledby="late">
        <h2 id="late">Should be back</h2>
        <ul>
          <li v-for="thing in late" :key="thing.tag">
            <RouterLink :to="{ name: 'wall', query: { thing: thing.tag } }" class="what"
              ><span class="mono">{{ thing.tag }}</span> {{ modelOf(thing.tool) }}</RouterLink
            >
            <span class="how"
              >with <b>{{ thing.out?.to }}</b>, due back
              {{ thing.out?.due ? fromNow(thing.out.due, today) : '' }}; lives {{ placeOf(thing.home) }}</span
            >
            <v-btn
              size="small"
              variant="outlined"
              :disabled="isPending"
              @click="mutate({ entry: { what: 'back', asset: thing.tag }, said: `${thing.tag}: came back` })"
              >It came back</v-btn
            >
          </li>
        </ul>
      </section>

      <section v-if="pulled.length" aria-labelledby="pulled">
        <h2 id="pulled">What was pulled says</h2>
        <ul>
          <li v-for="thing in pulled" :key="thing.tag">
            <RouterLink :to="{ name: 'wall', query: { thing: thing.tag } }" class="what"
              ><span class="mono">{{ thing.tag }}</span> {{ modelOf(thing.tool) }}</RouterLink
            >
            <span class="how"
              ><b class="past">{{
                thing.driftsSince ? `Moving since ${dayWords(thing.driftsSince, today)}.` : thing.text
              }}</b>
              {{ placeOf(thing.home) === 'on the shelf' ? 'On the shelf.' : `Lives ${placeOf(thing.home)}.` }}
              {{ thing.driftsSince ? 'It still counts, and is watched.' : '' }}</span
            >
          </li>
        </ul>
      </section>

      <section v-if="dues.length" aria-labelledby="due">
        <h2 id="due">
          To be done <RouterLink :to="{ name: 'due' }" class="more">for 90 days, by week</RouterLink>
        </h2>
        <ul>
          <li v-for="due in dues" :key="due.thing.tag + due.kind">
            <RouterLink :to="{ name: 'wall', query: { thing: due.thing.tag } }" class="what"
              ><span class="mono">{{ due.thing.tag }}</span> {{ modelOf(due.thing.tool) }}</RouterLink
            >
            <span class="how"
              >{{ words(due.kind) }} <b :class="{ past: due.code }">{{ dueWords(due) }}</b>;
              {{ placeOf(due.thing.home) }}</span
            >
            <v-btn
              v-if="mayRenew"
              size="small"
              variant="outlined"
              :disabled="isPending"
              @click="
                mutate({
                  entry: { what: 'done', asset: due.thing.tag, due: due.kind },
                  said: `${due.thing.tag}: ${words(due.kind)} passed`,
                })
              "
              >Done today</v-btn
            >
          </li>
        </ul>
      </section>

      <section v-if="supplies.length" aria-labelledby="supplies">
        <h2 id="supplies">
          Short on the shelf
          <RouterLink :to="{ name: 'supplies' }" class="more">all of it, and what to buy</RouterLink>
        </h2>
        <ul>
          <li v-for="item in supplies.slice(0, FIRST)" :key="item.stock">
            <RouterLink :to="{ name: 'supplies', query: { q: item.name } }" class="what">{{
              pretty(item.name)
            }}</RouterLink>
            <span class="how"
              ><template v-if="item.short"
                ><b class="past">{{ piecesOf(item.short, item.unit) }} short</b> for the work that there
                is</template
              ><template v-if="item.short && item.runsOut">; </template
              ><template v-if="item.runsOut"
                >used up <b :class="{ past: item.reorder }">{{ fromNow(item.runsOut, today) }}</b>{{
                  item.reorder ? ': time to order' : ''
                }}</template
              ></span
            >
          </li>
        </ul>
        <p v-if="supplies.length > FIRST" class="muted">and {{ supplies.length - FIRST }} more</p>
      </section>

      <section v-if="signOffs.length" aria-labelledby="sign-offs">
        <h2 id="sign-offs">
          Sign-offs that wait
          <RouterLink :to="{ name: 'train' }" class="more">who can do what</RouterLink>
        </h2>
        <ul>
          <li v-for="wanted in signOffs" :key="wanted.person.id + wanted.skill">
            <RouterLink
              :to="{ name: 'person', params: { id: wanted.person.id }, query: { skill: wanted.skill } }"
              class="what"
              >{{ wanted.person.name }}</RouterLink
            >
            <span class="how"
              >{{ wanted.name }}
              <b :class="{ past: wanted.why === 'lapsed' }">{{ wantedWords(wanted, today) }}</b>{{
                wanted.why === 'ready' ? '' : '; signed off again by a second person, with what they saw'
              }}</span
            >
          </li>
        </ul>
      </section>

      <section v-if="lately.length" aria-labelledby="lately">
        <h2 id="lately">New here, and going back</h2>
        <ul>
          <li v-for="thing in lately" :key="thing.tag">
            <RouterLink :to="{ name: 'wall', query: { thing: thing.tag } }" class="what"
              ><span class="mono">{{ thing.tag }}</span> {{ modelOf(thing.tool) }}</RouterLink
            >
            <span class="how"
              ><b v-if="thing.goesBackSoon">{{ capital(returnWords(thing, today)) }}.</b>
              <template v-if="thing.firstCheck"> Before it is used: {{ thing.firstCheck }}</template></span
            >
            <v-btn
              v-if="thing.firstCheck"
              size="small"
              variant="outlined"
              :disabled="isPending"
              @click="
                mutate({
                  entry: { what: 'condition', asset: thing.tag, condition: 'good', note: 'First check' },
                  said: `${thing.tag}: looked at, and good`,
                })
              "
              >It is good</v-btn
            >
            <v-btn
              v-else-if="mayRenew"
              size="small"
              variant="outlined"
              :disabled="isPending"
              @click="
                mutate({
                  entry: { what: 'condition', asset: thing.tag, condition: 'retired', note: 'Gone back' },
                  said: `${thing.tag}: gone back`,
                })
              "
              >Gone back</v-btn
            >
          </li>
        </ul>
      </section>

      <section v-if="coming.length" aria-labelledby="coming">
        <h2 id="coming">What comes next</h2>
        <ul>
          <li v-for="next in coming" :key="next.kit.id + next.on">
            <span class="what"
              ><b class="mono when">{{ dayWords(next.on, today) }}</b> {{ next.kit.name }}</span
            >
            <span class="how"
              >{{ fromNow(next.on, today) }}, {{ next.why }} Can no longer be made:
              <template v-for="(of, at) in next.scopes" :key="of.id"
                >{{ at ? '; ' : ''
                }}<RouterLink :to="{ name: 'cover', query: { kit: next.kit.id, scope: of.id, on: next.on } }"
                  >{{ counted(of.lost, 'termination') }} of {{ of.name }}</RouterLink
                ></template
              >.</span
            >
          </li>
        </ul>
      </section>
      <p v-else class="muted">Within a month nothing else opens.</p>
    </template>
  </PlaceFrame>
</template>

<style scoped>
section {
  margin-bottom: 22px;
}

h2 {
  margin: 0 0 4px;
  font-size: 15px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(220px, 360px) minmax(0, 1fr) auto;
  gap: 4px 18px;
  align-items: center;
  min-height: 40px;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}

.what {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
  color: var(--ink);
  font-weight: 600;
}

.when {
  min-width: 62px;
  white-space: nowrap;
}

.more {
  margin-left: 10px;
  color: var(--copper);
  font-weight: 400;
}

.how a {
  display: inline-block;
  color: var(--copper);
}

.past,
.problem {
  color: var(--hole);
}

.well {
  display: flex;
  gap: 9px;
  align-items: center;
  font-size: 18px;
  font-weight: 600;
}

@media (max-width: 760px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
