<script setup lang="ts">
import { computed } from 'vue';
import { beginStock, orderAddress, type AskedSupplies, type Supplies } from '@/data/supplies';
import { writeLog } from '@/data/wall';
import FileMenu from '@/frame/FileMenu.vue';
import { useWrite } from '@/frame/useWrite';
import { money } from '@/shared/currency';
import { counted, piecesOf, pretty } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';

/** What to buy: the cheapest packs and divided boxes, against the small packs of each alone, and the tools that plans wait for. */
const { supplies, order, asked, mayTakeBack } = defineProps<{
  supplies: Supplies;
  order: NonNullable<Supplies['order']>;
  asked: AskedSupplies;
  mayTakeBack: boolean;
}>();
const emit = defineEmits<{ tools: [ordered: '0' | null] }>();

const bought = computed(() => supplies.items.filter(({ buy }) => buy.length > 0));
/** Short, and nobody has said in what it is sold. */
const open = computed(() => supplies.items.filter((item) => item.open > 0));
const unkept = computed(() => open.value.filter(({ stock }) => stock === null));
const saves = computed(() => (order.packByPack === null ? 0 : order.packByPack - order.cost));
/** All that the order brings. */
const comes = computed(() =>
  supplies.items
    .filter(({ brought }) => brought > 0)
    .map(({ stock, brought }) => ({ what: 'received', stock, pieces: brought })),
);
const write = useWrite({
  ask: () => writeLog(comes.value),
  said: () => `${counted(order.packages, 'package')} came`,
  mayTakeBack: () => mayTakeBack,
});
const { isPending, problem } = write;
const begin = useWrite({
  ask: () => beginStock(asked.scopes),
  said: () => `${counted(unkept.value.length, 'stock')} begun`,
});
const { isPending: isBeginning, problem: notBegun } = begin;
</script>

<template>
  <section class="order" aria-label="What to buy">
    <header>
      <h2>To buy</h2>
      <FileMenu
        v-if="order.packages || order.tools.length || open.length"
        label="The order as a file"
        :files="[
          { title: 'On paper (PDF)', href: orderAddress('pdf', asked) },
          { title: 'As a table (CSV)', href: orderAddress('csv', asked) },
        ]"
      />
    </header>
    <p v-if="order.tools.length" class="sum all">
      <b class="mono">{{ money(order.total) }}</b> all together
    </p>
    <p v-if="!order.packages && !open.length" class="muted">
      Nothing that is short can be bought, or nothing is short.
    </p>
    <template v-else-if="order.packages">
      <p class="sum">
        <b class="mono">{{ money(order.cost) }}</b> for {{ counted(order.packages, 'package') }}
        <template v-if="saves > 0">
          · <span class="saves">{{ money(saves) }} less than small packs alone</span></template
        >
      </p>
      <p v-if="!order.isProven" class="muted">
        There are many boxes: nothing comes to less than {{ money(order.bound) }}, and this may be the best.
      </p>
      <table>
        <tbody>
          <tr v-for="box in order.boxes" :key="box.id">
            <td class="count mono">{{ box.count }} ×</td>
            <td>
              <b>{{ pretty(box.name) }}</b>
              <small class="muted">{{
                box.holds.map((of) => `${of.pieces} ${pretty(of.name)}`).join(' · ')
              }}</small>
            </td>
            <td class="cost mono">{{ money(box.price * box.count) }}</td>
          </tr>
          <template v-for="item in bought" :key="item.key">
            <tr v-for="pack in item.buy" :key="pack.pack">
              <td class="count mono">{{ pack.count }} ×</td>
              <td>
                {{ pretty(item.name) }} <small class="muted">{{ pack.pack }}</small>
              </td>
              <td class="cost mono">{{ money(pack.price * pack.count) }}</td>
            </tr>
          </template>
        </tbody>
      </table>
      <p class="muted">{{ order.left }} pieces more than are short stay on the shelf.</p>
      <v-btn variant="outlined" size="small" :loading="isPending" @click="write.mutate()">{{
        order.tools.length ? 'All packs and boxes have come' : 'All of it has come'
      }}</v-btn>
      <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
    </template>
    <template v-if="open.length">
      <h3>{{ counted(open.length, 'item') }} of which no pack is known</h3>
      <p class="muted">
        To be asked for, in the amounts they are usually bought in: rings and butts by the hundred, forks few,
        lugs one by one.
      </p>
      <table>
        <tbody>
          <tr v-for="item in open" :key="item.key">
            <td>{{ pretty(item.name) }}</td>
            <td class="cost mono">{{ piecesOf(item.firstOrder, item.unit) }}</td>
          </tr>
        </tbody>
      </table>
      <v-btn
        v-if="unkept.length"
        variant="outlined"
        size="small"
        :loading="isBeginning"
        @click="begin.mutate()"
        >Keep a stock of
        {{ unkept.length === open.length ? 'each' : `the ${unkept.length} not kept yet` }}</v-btn
      >
      <p v-if="notBegun" class="problem" role="alert">{{ refusal(notBegun) }}</p>
    </template>
    <template v-if="order.tools.length">
      <h3>
        {{ counted(order.tools.length, 'tool') }} that kits wait for
        <span class="mono">{{ money(order.total - order.cost) }}</span>
      </h3>
      <table>
        <tbody>
          <tr v-for="(tool, at) in order.tools" :key="at">
            <td class="count mono">1 ×</td>
            <td>
              {{ pretty(tool.name) }}
              <small class="muted"
                >{{ tool.wanted ? `${pretty(tool.wanted)}; ` : '' }}for {{ pretty(tool.kit) }}</small
              >
            </td>
            <td class="cost mono">{{ money(tool.cost) }}</td>
          </tr>
        </tbody>
      </table>
      <RouterLink class="came" :to="{ name: 'plan' }">Say in Plan which of them have come</RouterLink>
    </template>
    <label v-if="order.tools.length || asked.tools === '0'" class="with">
      <input
        type="checkbox"
        :checked="asked.tools !== '0'"
        @change="emit('tools', ($event.target as HTMLInputElement).checked ? null : '0')"
      />
      with the tools that accepted plans wait for
    </label>
  </section>
</template>

<style scoped>
.order {
  display: grid;
  gap: 8px;
  justify-items: start;
  align-content: start;
  padding: 10px 14px 14px;
  border: 1px solid var(--hairline);
  border-top: 3px solid var(--copper);
  background: var(--surface);
}

header {
  display: flex;
  gap: 12px;
  align-items: center;
  justify-content: space-between;
  width: 100%;
}

h2 {
  font-size: 17px;
}

h3 {
  display: flex;
  gap: 12px;
  justify-content: space-between;
  width: 100%;
  margin: 6px 0 0;
  padding-top: 8px;
  border-top: 1px solid var(--hairline);
  font-size: 14px;
}

.came,
.with {
  display: inline-flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
  font-size: 13px;
}

.with input {
  flex: none;
  width: 18px;
  height: 18px;
  accent-color: var(--copper);
}

p {
  margin: 0;
}

.sum b {
  font-size: 18px;
}

.saves {
  color: var(--covered);
}

table {
  width: 100%;
  border-collapse: collapse;
}

td {
  padding: 5px 0;
  border-bottom: 1px solid var(--hairline);
  vertical-align: baseline;
}

td small {
  display: block;
  font-size: 12px;
}

.count {
  width: 40px;
  white-space: nowrap;
}

.cost {
  padding-left: 10px;
  text-align: right;
  white-space: nowrap;
}

.problem {
  color: var(--hole);
}
</style>
