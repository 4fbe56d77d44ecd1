<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { useRoute } from 'vue-router';
import { useHands } from '@/data/hands';
import { LABOUR_KEYS, useLabour, type AskedLabour, type LabourKey } from '@/data/labour';
import { pickedOf, useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import { counted } from '@/shared/pretty';
import { span } from '@/shared/spans';
import WaitBar from '@/shared/WaitBar.vue';
import AskNumber from './AskNumber.vue';
import DayBar from './DayBar.vue';
import RateTable from './RateTable.vue';
import SwapList from './SwapList.vue';
import ToolTimes from './ToolTimes.vue';
import { above, dayWords, operationsOf, paceWords, squeezes, whole } from './labourWords';

const WeighTool = defineAsyncComponent(() => import('./WeighTool.vue'));

/** How long the work takes with a kit and how often a hand squeezes for it, what would save either, and whether that pays. */
const { asked, show } = useAddress();
const route = useRoute();
const { person } = useSession();
const mayWeigh = computed(() => person.value?.maySetUpTheShop ?? false);
const { kits, scopes, isLoading } = useKitsAndScopes();
const hands = useHands();
const open = computed(() => scopes.value.filter(({ archived, id }) => !archived || id === asked('scope')));
const question = computed<AskedLabour>(() => ({
  kit: isLoading.value ? null : pickedOf(kits.value, asked('kit')),
  scope: isLoading.value ? null : pickedOf(open.value, asked('scope')),
  ...Object.fromEntries(LABOUR_KEYS.flatMap((key) => (asked(key) === null ? [] : [[key, asked(key)]]))),
}));
const { data: labour, error, isPlaceholderData, refetch } = useLabour(question);
const pair = computed(() => ({ kit: question.value.kit ?? '', scope: question.value.scope ?? '' }));
const isMany = computed(() => labour.value?.remarks.some(({ code }) => code === 'squeezes.many') ?? false);
const isShared = computed(() => labour.value?.tools.some(({ needed }) => needed !== null) ?? false);
/** More than one of it is needed. */
const several = computed(() => labour.value?.tools.filter(({ needed }) => (needed ?? 0) > 1) ?? []);
/** What those do: Plan makes sure of two for it. */
const backups = computed(() =>
  [...new Set(several.value.flatMap(({ does }) => does.map(({ op }) => op)))].join(','),
);
const HOURS_A_DAY = 8;
const paces = [
  { id: 'practised', name: 'practised' },
  { id: 'new', name: 'new to it' },
];
const bys = [
  { id: 'shop', name: 'timed here, else the table' },
  { id: 'table', name: 'the table alone' },
];
const say = (key: LabourKey, value: string | null) => show({ [key]: value }, 'replace');
</script>

<template>
  <PlaceFrame title="Time and hands" look="scroll" is-shown :error @retry="refetch()">
    <template #beside
      ><RouterLink class="back" :to="{ name: 'cover', query: route.query }">Cover</RouterLink></template
    >
    <EmptyNote v-if="!isLoading && (!kits.length || !scopes.length)" title="Nothing to time yet">
      Once there is a kit and a scope, this page says how long the work takes and how often a hand squeezes.
      <template #next><v-btn variant="outlined" :to="{ name: 'cover' }">To Cover</v-btn></template>
    </EmptyNote>
    <template v-else>
      <div class="picks">
        <PickOne label="Kit" :items="kits" :picked="question.kit" @pick="show({ kit: $event })" />
        <span class="times" aria-hidden="true">×</span>
        <PickOne label="Scope" :items="open" :picked="question.scope" @pick="show({ scope: $event })" />
        <PickOne
          v-if="hands.length"
          label="Hands"
          :items="[{ id: '', name: 'nobody in particular' }, ...hands]"
          :picked="asked('hand') ?? ''"
          @pick="say('hand', $event || null)"
        />
        <PickOne
          label="Pace"
          :items="paces"
          :picked="asked('pace') ?? 'practised'"
          @pick="say('pace', $event === 'practised' ? null : $event)"
        />
        <PickOne
          label="Seconds"
          :items="bys"
          :picked="asked('by') ?? 'shop'"
          @pick="say('by', $event === 'shop' ? null : $event)"
        />
      </div>
      <WaitBar v-if="!labour" says="Adding up seconds and squeezes" />
      <div v-else :class="{ stale: isPlaceholderData }">
        <div class="day">
          <template v-if="labour.perDay">
            <DayBar
              :value="labour.perDay.seconds"
              :most="HOURS_A_DAY * 3600"
              :text="dayWords(labour)"
              of="8 h"
            />
            <DayBar
              :value="labour.perDay.squeezes"
              :most="labour.many"
              :text="`${squeezes(labour.perDay.squeezes)} a day by one hand`"
              :of="String(labour.many)"
            />
          </template>
          <p v-else class="sum">
            <b>{{ span(labour.all.seconds) }}</b> and <b>{{ squeezes(labour.all.squeezes) }}</b> all together.
            <span class="muted"
              >Say in the scope’s sheet over how many days it is spread, and this page tells what that is a
              day.</span
            >
            <RouterLink :to="{ name: 'work', query: { scope: pair.scope, kit: pair.kit, sheet: 'settings' } }"
              >The scope’s sheet</RouterLink
            >
          </p>
        </div>
        <p v-if="paceWords(labour, HOURS_A_DAY)" class="pace">{{ paceWords(labour, HOURS_A_DAY) }}</p>
        <p v-if="isMany" class="many" role="status">
          Some hundred squeezes a day are a machine’s work: hands that do it day after day get hurt. Share it
          between two hands, spread it over more days, or
          {{
            labour.lighter.length
              ? 'take one of the tools below that spare the hand.'
              : 'look for a powered tool: none of the shop’s would spare the hand here.'
          }}
          Whoever feels it in the hand or the wrist stops, and says so.
        </p>
        <p v-if="labour.untimed.length" class="muted">
          Nobody knows how long this takes, and it is not in the sum:
          {{ labour.untimed.map((one) => `${operationsOf([one.op])} with ${one.tool}`).join('; ') }}.
        </p>
        <div class="columns">
          <section aria-labelledby="time-tools">
            <h2 id="time-tools">By tool</h2>
            <p v-if="!labour.tools.length" class="muted">Nothing of this scope can be made with this kit.</p>
            <ToolTimes v-else :tools="labour.tools" :is-shared="isShared" />
            <div class="share">
              <h3>Several at the same time</h3>
              <AskNumber
                label="People, each all of it"
                unit="people"
                :value="asked('people') ?? ''"
                :read="whole(1000)"
                @say="(value) => say('people', value)"
              />
              <AskNumber
                label="in"
                unit="hours"
                :value="asked('hours') ?? ''"
                :read="above"
                @say="(value) => say('hours', value)"
              />
              <p v-if="isShared">
                {{
                  several.length
                    ? `${counted(several.length, 'tool')} of which more than one is needed: ${several.map((one) => `${one.needed} × ${one.name}`).join(', ')}. Fewer cannot do it in the time; taking turns well is another matter.`
                    : 'One of each will do, if turns are taken well.'
                }}
                <RouterLink
                  v-if="several.length && mayWeigh"
                  :to="{ name: 'plan', query: { kit: pair.kit, scope: pair.scope, backups } }"
                  >Plan a second for what they do</RouterLink
                >
              </p>
            </div>
          </section>
          <div class="both">
            <section aria-labelledby="time-lighter">
              <h2 id="time-lighter">What would spare the hand</h2>
              <p v-if="!labour.lighter.length" class="muted">
                No tool of the shop asks for fewer squeezes here.
              </p>
              <SwapList
                v-else
                :swaps="labour.lighter"
                :pair
                :weighed="asked('tool')"
                :may-weigh
                @weigh="say('tool', $event)"
              />
            </section>
            <section aria-labelledby="time-faster">
              <h2 id="time-faster">What would take less time</h2>
              <p v-if="!labour.faster.length" class="muted">
                No tool of the shop is faster here, as far as is known.
              </p>
              <SwapList
                v-else
                :swaps="labour.faster"
                :pair
                :weighed="asked('tool')"
                :may-weigh
                @weigh="say('tool', $event)"
              />
            </section>
          </div>
          <WeighTool v-if="mayWeigh" class="wide" :labour :said="asked" @say="say" />
          <section class="wide" aria-labelledby="time-rates">
            <h2 id="time-rates">Seconds</h2>
            <RateTable :rates="labour.rates" />
          </section>
        </div>
      </div>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.back {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.picks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-bottom: 14px;
}

.picks > :deep(.one) {
  max-width: 100%;
}

.times {
  color: var(--copper);
}

.stale {
  opacity: 0.55;
}

.day {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 4px 48px;
}

.sum {
  grid-column: 1 / -1;
}

.many {
  margin: 0 0 10px;
  padding: 8px 14px;
  border-left: 4px solid var(--hole);
  background: var(--surface);
}

.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 22px 48px;
  padding-bottom: 30px;
}

.both {
  display: grid;
  gap: 22px;
  align-content: start;
}

.wide {
  grid-column: 1 / -1;
}

.share {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: end;
  margin-top: 12px;
}

.share h3 {
  width: 100%;
  margin: 0;
  font-size: 14px;
}

.share p {
  width: 100%;
  margin: 4px 0 0;
}

h2,
:deep(h2) {
  margin: 0 0 4px;
  font-size: 17px;
}

@media (width < 1080px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (width < 560px) {
  .day {
    grid-template-columns: minmax(0, 1fr);
  }

  .times {
    display: none;
  }
}
</style>
