<script setup lang="ts">
import { computed } from 'vue';
import { useMatrix } from '@/data/matrix';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import PickHand from '@/lines/PickHand.vue';
import { todayHere } from '@/shared/days';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import StatusMark from '@/shared/StatusMark.vue';
import WaitBar from '@/shared/WaitBar.vue';
import MatrixTable from './MatrixTable.vue';
import { openScopesOf, type Order } from './matrix';

/** Every kit against every scope: what no kit does all of, and which cell to open. */
const { asked, show } = useAddress();
const order = computed<Order>(() => (asked('order') === 'shop' ? 'shop' : 'worst'));
/** On today where the address says nothing; "paper" for all that is packed. */
const on = computed(() => (asked('on') === 'paper' ? null : (asked('on') ?? todayHere())));
const {
  data: matrix,
  error,
  isPending,
  refetch,
} = useMatrix(computed(() => ({ on: on.value, hand: asked('hand') })));
const days = computed(() => [
  { id: 'today', name: 'today' },
  { id: 'paper', name: 'as packed, on paper' },
  ...(asked('on') && asked('on') !== 'paper' ? [{ id: 'day', name: `on ${asked('on')}` }] : []),
]);
const orders = [
  { id: 'worst', name: 'what no kit does first' },
  { id: 'shop', name: 'as the shop has them' },
];
const day = computed(() => (asked('on') === 'paper' ? 'paper' : asked('on') ? 'day' : 'today'));
const openScopes = computed(() => (matrix.value ? openScopesOf(matrix.value).length : 0));
</script>

<template>
  <PlaceFrame title="All kits, all scopes" look="scroll" is-shown :error="error" @retry="refetch()">
    <template #beside>
      <span v-if="matrix?.cells.length" class="muted signs">
        <StatusMark status="covered" silent /> all of it <StatusMark status="makeshift" silent /> all, some of
        it makeshift <StatusMark status="hole" silent /> holes <StatusMark status="faulty" silent /> faulty
        lines; in % of the terminations
      </span>
    </template>
    <WaitBar v-if="isPending" says="Holding every kit against every scope" />
    <EmptyNote v-else-if="!matrix?.cells.length" title="Nothing to hold against each other yet">
      Once there is a kit and a scope, this page says which kit does what.
      <template #next><v-btn variant="outlined" :to="{ name: 'cover' }">To Cover</v-btn></template>
    </EmptyNote>
    <template v-else>
      <div class="asks">
        <p class="sum" :class="{ past: openScopes }">
          {{
            openScopes
              ? `${openScopes} of ${matrix.scopes.length} scopes are done whole by no kit.`
              : 'Every scope has a kit that does all of it.'
          }}
        </p>
        <PickOne
          label="Day"
          :items="days"
          :picked="day"
          @pick="(id) => show({ on: id === 'paper' ? 'paper' : null }, 'replace')"
        />
        <input
          class="lone-field"
          type="date"
          aria-label="Another day"
          :value="day === 'day' ? asked('on') : ''"
          @change="show({ on: ($event.target as HTMLInputElement).value || null }, 'replace')"
        />
        <PickHand :picked="asked('hand') ?? undefined" />
        <PickOne
          label="Order"
          :items="orders"
          :picked="order"
          @pick="(id) => show({ order: id === 'shop' ? 'shop' : null }, 'replace')"
        />
      </div>
      <MatrixTable :matrix :order />
    </template>
  </PlaceFrame>
</template>

<style scoped>
.signs {
  display: flex;
  flex-wrap: wrap;
  gap: 0 5px;
  align-items: center;
  font-size: 12.5px;
}

.signs svg:not(:first-child) {
  margin-left: 8px;
}

.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: center;
  margin-bottom: 4px;
}

.sum {
  flex: 1 1 260px;
  margin: 0;
  font-weight: 600;
}

.past {
  color: var(--hole);
}
</style>
