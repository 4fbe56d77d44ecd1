<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useKitsAndScopes } from '@/data/pairs';
import { useSupplies, type AskedSupplies, type Supply } from '@/data/supplies';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useSession } from '@/session/useSession';
import { money } from '@/shared/currency';
import { dayWords } from '@/shared/days';
import EmptyNote from '@/shared/EmptyNote.vue';
import { counted } from '@/shared/pretty';
import WaitBar from '@/shared/WaitBar.vue';
import OrderPanel from './OrderPanel.vue';
import SupplyRow from './SupplyRow.vue';
import WorkAsked from './WorkAsked.vue';
import { named, onShelves, runningOut, timesRead, timesText, titles } from './shelf';

const SupplySheet = defineAsyncComponent(() => import('./SupplySheet.vue'));
const StockSheet = defineAsyncComponent(() => import('./StockSheet.vue'));

/** What is on the shelf against the work: what is short, what runs out when, what never moves, and the cheapest order. */
const { asked, show } = useAddress();
const { person } = useSession();
const maySetUp = computed(() => person.value?.maySetUpTheShop ?? false);
const mayTakeBack = computed(() => person.value?.role === 'lead');
const question = computed<AskedSupplies>(() => ({
  scopes: asked('scopes'),
  times: asked('times'),
  weeks: asked('weeks'),
  tools: asked('tools') === '0' ? '0' : null,
}));
const { data: supplies, error, isPending, refetch } = useSupplies(question);
const shop = useKitsAndScopes();
const picked = computed(() => asked('scopes')?.split(',') ?? null);
const scopes = computed(() =>
  shop.scopes.value.filter(({ archived, id }) => !archived || picked.value?.includes(id)),
);
const times = computed(() => timesRead(asked('times')));

const search = computed(() => asked('q') ?? '');
const found = computed(() => named(supplies.value?.items ?? [], search.value));
const shelves = computed(() => onShelves(found.value));
const short = computed(() => (supplies.value?.items ?? []).filter((item) => item.short > 0).length);
/** Days ahead: three weeks. */
const AHEAD = 21;
const soon = computed(() =>
  supplies.value ? runningOut(supplies.value.items, supplies.value.on, AHEAD) : [],
);
const soonNames = computed(() =>
  soon.value
    .slice(0, 4)
    .map(({ name, lasts }) => `${name} (${dayWords(lasts ?? '', supplies.value?.on ?? '')})`)
    .join(', '),
);

const opened = ref<Supply | null>(null);
const kept = ref<
  (Pick<Supply, 'stock' | 'unit'> & { item: Supply['item'] | null; name: string | null }) | null
>(null);
/** Of what no stock is kept yet, one is begun. */
function open(item: Supply): void {
  if (item.stock === null) kept.value = item;
  else opened.value = item;
}
function keep(): void {
  kept.value = opened.value;
  opened.value = null;
}
useUndoKeys();
</script>

<template>
  <PlaceFrame title="Supplies" look="scroll" is-shown :error="error" @retry="refetch()">
    <template #beside>
      <input
        class="lone-field"
        type="search"
        aria-label="Find on the shelf"
        placeholder="words of what it is"
        :value="search"
        @input="show({ q: ($event.target as HTMLInputElement).value || null }, 'replace')"
      />
      <v-btn
        v-if="maySetUp"
        variant="outlined"
        size="small"
        @click="kept = { stock: null, item: null, name: null, unit: 'pieces' }"
        >Keep a stock of something else</v-btn
      >
    </template>
    <WaitBar v-if="isPending" says="Holding the shelf against the work" />
    <template v-else-if="supplies">
      <WorkAsked
        :scopes
        :picked
        :times
        :weeks="question.weeks"
        @pick="(ids) => show({ scopes: ids === null ? null : ids.join(',') || null }, 'replace')"
        @times="(id, count) => show({ times: timesText(new Map([...times, [id, count]])) }, 'replace')"
        @weeks="(weeks) => show({ weeks }, 'replace')"
      />
      <p class="sum" :class="{ past: short }" role="status">
        {{
          short
            ? `${short} of ${counted(supplies.items.length, 'item')} ${short === 1 ? 'is' : 'are'} short.`
            : supplies.items.length
              ? 'Nothing is short.'
              : ''
        }}
        <a v-if="supplies.order?.total" href="#to-buy" class="cost"
          >The cheapest order comes to {{ money(supplies.order.total)
          }}{{
            supplies.order.tools.length
              ? `, with ${counted(supplies.order.tools.length, 'tool')} that kits wait for`
              : ''
          }}</a
        >
      </p>
      <p v-if="soon.length" class="soon">
        Within three weeks {{ counted(soon.length, 'item') }} {{ soon.length === 1 ? 'is' : 'are' }} used up
        at the usual rate, even with this order: {{ soonNames }}{{ soon.length > 4 ? ' …' : '.' }}
        <button v-if="!question.weeks" type="button" class="link" @click="show({ weeks: '3' }, 'replace')">
          Order for three weeks of it, too
        </button>
      </p>
      <EmptyNote v-if="!supplies.items.length" title="Nothing on the shelf yet">
        Once lines ask for terminals, or a stock is kept of something, it stands here with what is short.
        <template #next><v-btn variant="outlined" :to="{ name: 'work' }">To Work</v-btn></template>
      </EmptyNote>
      <div v-else class="both" :class="{ alone: !supplies.order }">
        <div>
          <p v-if="!found.length" class="muted">Nothing on the shelf is called so.</p>
          <section v-for="of in shelves" :key="of.shelf" :aria-label="titles[of.shelf]">
            <h2 :class="of.shelf">
              {{ titles[of.shelf] }} <small class="mono muted">{{ of.items.length }}</small>
            </h2>
            <ul>
              <SupplyRow
                v-for="item in of.items"
                :key="item.key"
                :item
                :on="supplies.on"
                :may-keep="maySetUp"
                @open="open(item)"
              />
            </ul>
          </section>
        </div>
        <aside id="to-buy">
          <OrderPanel
            v-if="supplies.order"
            :supplies
            :order="supplies.order"
            :asked="question"
            :may-take-back="mayTakeBack"
            @tools="(tools) => show({ tools }, 'replace')"
          />
          <section v-if="supplies.sizes.length || supplies.unsized.length" class="sizes" aria-label="Tubes">
            <h2>The fewest tubes that do it all</h2>
            <dl>
              <template v-for="size in supplies.sizes" :key="size.name">
                <dt>{{ size.name }}</dt>
                <dd class="muted">{{ size.lines.join('; ') }}</dd>
              </template>
              <template v-if="supplies.unsized.length">
                <dt>No size known</dt>
                <dd class="muted">{{ supplies.unsized.join('; ') }}</dd>
              </template>
            </dl>
          </section>
        </aside>
      </div>
    </template>
    <SupplySheet
      v-if="opened?.stock"
      :item="{ ...opened, stock: opened.stock }"
      :may-take-back="mayTakeBack"
      :may-set-up="maySetUp"
      @close="opened = null"
      @keep="keep()"
    />
    <StockSheet
      v-if="kept"
      :stock="kept.stock"
      :item="kept.item"
      :name="kept.name"
      :unit="kept.unit"
      @close="kept = null"
    />
  </PlaceFrame>
</template>

<style scoped>
.sum {
  margin: 10px 0 2px;
  font-weight: 600;
}

.past {
  color: var(--hole);
}

.soon {
  margin: 0 0 6px;
}

.cost {
  margin-left: 6px;
  color: var(--ink);
  font-weight: 400;
}

.link {
  border: 0;
  background: none;
  color: var(--copper);
  font: inherit;
  text-decoration: underline;
  cursor: pointer;
}

.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  gap: 22px;
  align-items: start;
}

.both.alone {
  grid-template-columns: minmax(0, 1fr);
}

aside {
  display: grid;
  gap: 14px;
  position: sticky;
  top: 0;
}

h2 {
  margin: 14px 0 2px;
  font-size: 15px;
}

h2.short,
h2.open {
  color: var(--hole);
}

ul {
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--hairline);
  list-style: none;
}

dl {
  margin: 4px 0 0;
  font-size: 13px;
}

dt {
  font-weight: 600;
}

dd {
  margin: 0 0 6px;
}

@media (width < 1080px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }

  aside {
    position: static;
  }
}
</style>
