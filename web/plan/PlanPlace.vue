<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { storeToRefs } from 'pinia';
import { computed, shallowRef } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useAcceptedPlans, usePlan, usePlanCurve, useSubstitutes, useUnpriced } from '@/data/plans';
import { useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import EmptyNote from '@/shared/EmptyNote.vue';
import { money } from '@/shared/currency';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import StatusMark from '@/shared/StatusMark.vue';
import WaitBar from '@/shared/WaitBar.vue';
import AcceptedPlans from './AcceptedPlans.vue';
import BuyingList from './BuyingList.vue';
import MoneyCurve from './MoneyCurve.vue';
import OtherTerminals from './OtherTerminals.vue';
import PlanAsk from './PlanAsk.vue';
import PlanBeside from './PlanBeside.vue';
import PlanHoles from './PlanHoles.vue';
import PlanMoves from './PlanMoves.vue';
import PlanReasons from './PlanReasons.vue';
import ToolRoles from './ToolRoles.vue';
import { signOf, verdictOf } from './planWords';
import { usePlanAddress } from './usePlanAddress';

/** What to do about a kit: left its holes, in the middle what money does, right what to buy, move, hire or pay for. */
const { person } = useSession();
const { length, force } = storeToRefs(useSettings());
const units = computed(() => ({ length: length.value, force: force.value }));
const { kits, scopes, isLoading, error: listError, retry } = useKitsAndScopes();
const address = usePlanAddress({ kits: () => kits.value, scopes: () => scopes.value });
const {
  kit,
  scopes: picked,
  pinned,
  barred,
  means,
  on,
  budget,
  mass,
  months,
  takesMakeshift,
  takesSingleSteps,
  terms,
  backups,
  exchanged,
  question,
  asked,
  beside,
} = address;
const mayPlan = computed(() => person.value?.maySetUpTheShop ?? false);
const toAsk = computed(() => (mayPlan.value ? asked.value : null));
const toDraw = computed(() => (mayPlan.value ? question.value : null));
const query = usePlan(toAsk, units);
const curve = usePlanCurve(toDraw);
const substitutes = useSubstitutes(toDraw, units);
const isSlow = refDebounced(
  computed(() => query.isFetching.value),
  350,
);
const isDrawing = refDebounced(
  computed(() => curve.isFetching.value),
  350,
);

const plan = computed(() => query.data.value?.plan);
const unpriced = useUnpriced(
  toAsk,
  computed(
    () => !query.isPlaceholderData.value && (plan.value?.open.some((one) => !one.canBeClosed) ?? false),
  ),
);
const kitNames = computed(() => Object.fromEntries(kits.value.map(({ id, name }) => [id, name])));
const accepted = useAcceptedPlans(mayPlan);
const scopeNames = computed(() => Object.fromEntries(scopes.value.map(({ id, name }) => [id, name])));
const toolNames = computed(() =>
  Object.fromEntries(Object.entries(query.data.value?.tools ?? {}).map(([id, { name }]) => [id, name])),
);
const isBusy = shallowRef(false);
const refused = shallowRef<Schemas['Problem'] | null>(null);

/** One thing at a time, and what is refused is told. */
async function act(what: () => Promise<void>): Promise<void> {
  isBusy.value = true;
  refused.value = null;
  try {
    await what();
  } catch (error) {
    refused.value = problemOf(error);
  } finally {
    isBusy.value = false;
  }
}
async function accept(): Promise<void> {
  const seen = query.data.value?.seen;
  if (seen) await accepted.accept(seen, `Plan accepted for ${kitNames.value[kit.value ?? '']}`);
}

async function arrive(plan: Schemas['AcceptedPlan'], item: number, has: boolean): Promise<void> {
  const name = plan.items.find(({ id }) => id === item)?.name;
  await accepted.arrive(plan, item, has, has ? `Arrived: ${name}` : `Not arrived after all: ${name}`);
}

/** All that is to do is done to what the kit has. */
const isOnlyMending = computed(
  () =>
    !plan.value?.paid.length &&
    !!plan.value?.add.length &&
    plan.value.add.every(({ mending }) => mending !== null),
);
const isTracked = computed(() => kits.value.some(({ id, tracked }) => id === kit.value && tracked));
const isEmpty = computed(() => !isLoading.value && scopes.value.length === 0);
/** Cover, with the kit as this plan makes it. */
const onCover = computed(() => ({
  name: 'cover',
  query: {
    kit: kit.value ?? '',
    scope: picked.value[0],
    ...(on.value === null ? {} : { on: on.value }),
    ...(plan.value?.add.length ? { with: plan.value.add.map(({ tool }) => tool).join(',') } : {}),
    ...(question.value?.rules ? { rules: question.value.rules } : {}),
    ...(question.value?.swap ? { swap: question.value.swap } : {}),
  },
}));
</script>

<template>
  <PlaceFrame title="Plan" look="scroll" :error="listError" @retry="retry()">
    <EmptyNote v-if="!mayPlan" title="Plans are for those who buy">
      What things cost, and what to buy, is shown to the lead and the coordinator of the shop. What a kit
      covers stands on Cover.
      <template #next
        ><v-btn color="primary" variant="flat" :to="{ name: 'cover' }">Go to Cover</v-btn></template
      >
    </EmptyNote>
    <EmptyNote v-else-if="isEmpty" title="Nothing to plan for yet">
      A plan closes the holes that a kit has on some work, for the least money. For that there must be work: a
      scope with its lines.
      <template #next
        ><v-btn color="primary" variant="flat" :to="{ name: 'work' }">Write down the work</v-btn></template
      >
    </EmptyNote>
    <template v-else-if="!isLoading">
      <PlanAsk
        :kits
        :scopes
        :kit
        :picked
        :means
        :on="isTracked ? on : undefined"
        :months
        :mass
        :takes-makeshift="takesMakeshift"
        :terms
        :backups
        :units
        @kit="address.pickKit"
        @scope="address.toggleScope"
        @means="address.toggleMeans"
        @backup="address.toggleBackup"
        @say="address.say"
      />
      <p v-if="question?.rules" class="asif">
        Planned as if the house judged otherwise, as on Cover; such a plan is looked at, not accepted.
        <button type="button" @click="address.say({ rules: null })">As it judges</button>
      </p>
      <WaitBar v-if="isSlow && query.isFetching.value" says="The plan is being made" />
      <ProblemNote
        v-if="query.error.value"
        :problem="problemOf(query.error.value)"
        @retry="query.refetch()"
      />
      <p v-else-if="!plan || !query.data.value" class="muted waiting" role="status">
        Looking for the least money that closes the holes …
      </p>
      <div v-else class="answer" :class="{ stale: query.isPlaceholderData.value }">
        <header aria-live="polite">
          <p class="verdict">
            <StatusMark :status="signOf(plan)" :size="20" silent />
            {{ verdictOf(plan, unpriced.offers.value.length) }}
          </p>
          <p class="muted">
            <b class="mono">{{ plan.coveredBefore }}</b> of
            {{ counted(plan.terminations, 'termination') }} count now,
            <b class="mono">{{ plan.coveredAfter }}</b> with this plan<template v-if="plan.makeshiftAfter"
              >, {{ plan.makeshiftAfter }} of them makeshift</template
            >; the kit weighs <span class="mono">{{ plan.mass }} g</span> then.
            <RouterLink v-if="kit !== null" :to="onCover">See it on Cover</RouterLink>
            <template v-if="signOf(plan) === 'makeshift'">
              {{ counted(plan.open.length, 'step') }} still {{ plan.open.length === 1 ? 'does' : 'do' }} not
              count: makeshift.
              <button type="button" @click="address.say({ makeshift: '1' })">Let makeshift count</button>
            </template>
            <template v-if="budget !== undefined">
              Budget {{ money(budget) }}.
              <button type="button" @click="address.say({ budget: null })">Take the limit away</button>
            </template>
          </p>
        </header>
        <div class="columns">
          <PlanHoles :plan :unpriced="unpriced.offers.value" class="holes" />
          <div class="middle">
            <MoneyCurve
              v-if="curve.data.value && (curve.data.value.exact.length > 1 || budget !== undefined)"
              :exact="curve.data.value.exact"
              :in-steps="curve.data.value.inSteps"
              :total="plan.terminations"
              :before="plan.coveredBefore"
              :plan="{ cost: plan.cost, covered: plan.coveredAfter }"
              :budget="budget ?? null"
              @budget="address.say({ budget: $event })"
            />
            <p v-else-if="curve.data.value" class="muted drawing">
              No money closes anything here<template v-if="unpriced.offers.value.length"
                >, as long as nobody says what the tools beside the holes cost</template
              >.
            </p>
            <ProblemNote
              v-else-if="curve.error.value"
              :problem="problemOf(curve.error.value)"
              @retry="curve.refetch()"
            />
            <p v-else class="muted drawing" role="status">
              <template v-if="curve.isStopped.value"
                >Stopped: what less money would do is not reckoned.
                <button type="button" @click="curve.goOn()">Go on</button></template
              >
              <template v-else-if="isDrawing"
                >Reckoning what less money would do …
                <button type="button" @click="curve.stop()">Stop</button>
                <WaitBar says="Reckoning"
              /></template>
            </p>
            <PlanReasons
              :plan
              :tools="query.data.value.tools"
              :lines="query.data.value.lines"
              :takes-single-steps="takesSingleSteps"
              :exact="curve.data.value?.exact ?? []"
              @steps="address.say({ steps: $event ? 1 : null })"
            />
          </div>
          <PlanMoves
            class="moves"
            :plan
            :pinned
            :barred
            :tools="query.data.value.tools"
            :kit-names="kitNames"
            @pin="address.pin"
            @bar="address.bar"
          />
        </div>
        <ProblemNote
          v-if="substitutes.query.error.value"
          :problem="problemOf(substitutes.query.error.value)"
          @retry="substitutes.query.refetch()"
        />
        <OtherTerminals
          :offers="substitutes.query.data.value?.offers ?? []"
          :exchanged="substitutes.query.data.value?.exchanged ?? []"
          :scope-names="scopeNames"
          :is-busy="isBusy"
          @exchange="address.exchange"
          @write="(of, one) => act(() => substitutes.write(of, one))"
        />
        <div v-if="asked && (plan.add.length || plan.paid.length)" class="decide">
          <v-btn
            v-if="kit !== null && !isOnlyMending"
            color="primary"
            variant="flat"
            :disabled="isBusy || !query.data.value.seen || query.isPlaceholderData.value"
            @click="act(accept)"
            >Accept this plan</v-btn
          >
          <v-btn variant="outlined" @click="address.keepBeside()">Keep it beside</v-btn>
          <span v-if="exchanged.length" class="muted"
            >Write the other terminal into the work first: a plan is accepted for the work as it stands.</span
          >
          <span v-else-if="isOnlyMending" class="muted"
            >Nothing is to be bought: what is renewed or comes back is written down at the thing.</span
          >
          <span v-else-if="kit !== null" class="muted"
            >It is dated and kept; the kit changes when something arrives, not before.</span
          >
        </div>
        <PlanBeside
          v-if="asked && beside"
          :plan
          :asked
          :beside
          :units
          :tools="query.data.value.tools"
          :names="{ ...kitNames, ...scopeNames, ...toolNames }"
          @exchange="address.exchangeBeside"
          @away="address.say({ beside: null })"
        />
        <ProblemNote v-if="refused" :problem="refused" @retry="refused = null" />
        <ProblemNote
          v-if="accepted.error.value"
          :problem="problemOf(accepted.error.value)"
          @retry="accepted.retry()"
        />
        <AcceptedPlans
          :plans="accepted.plans.value"
          :scope-names="scopeNames"
          :is-busy="isBusy"
          @arrive="(of, item, has) => act(() => arrive(of, item, has))"
          @take-back="(of) => act(() => accepted.takeBack(of, `Plan for ${of.kitName}`))"
        />
        <BuyingList v-if="asked" :rows="plan.buyingList" :asked="asked" />
        <ToolRoles class="roles" :planned="query.data.value" />
      </div>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.waiting,
.drawing {
  padding: 24px 0;
  min-height: 180px;
}

.answer {
  display: grid;
  gap: 14px;
  padding-top: 6px;
}

.stale {
  opacity: 0.55;
}

header p {
  margin: 0;
}

.verdict {
  display: flex;
  gap: 9px;
  align-items: center;
  font-size: 19px;
  font-weight: 640;
  letter-spacing: -0.012em;
}

header b {
  color: var(--ink);
}

header a,
header button,
.asif button,
.drawing button {
  margin: 0 8px;
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.decide {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: center;
  font-size: 13px;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 250px) minmax(0, 1fr) minmax(0, 330px);
  gap: 8px 26px;
  align-items: start;
}

.middle {
  display: grid;
  gap: 10px;
  min-width: 0;
}

@media (max-width: 1080px) {
  .columns {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }

  .middle {
    grid-column: 1 / -1;
    order: -1;
  }
}

@media (max-width: 600px) {
  .place {
    padding: 8px 12px 24px;
  }

  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

/* On paper: what is planned and what to come by. */
@media print {
  .place {
    height: auto;
    overflow: visible;
  }

  .place > :not(.answer),
  .columns,
  .decide,
  .roles,
  header a,
  header button {
    display: none;
  }
}
</style>
