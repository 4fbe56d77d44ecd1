<script setup lang="ts">
import { computed } from 'vue';
import type { Supply } from '@/data/supplies';
import { dayWords, fromNow } from '@/shared/days';
import { counted, piecesOf, pretty } from '@/shared/pretty';
import ItemMark from './ItemMark.vue';
import { bar } from './shelf';

/** One item of the shelf: as it looks, how much is there of how much, and when it is used up. Pressed, it is counted, filled or taken from. */
const { item, on } = defineProps<{
  item: Supply;
  on: string;
  /** Whether what no stock is kept of may be begun to be kept. */ mayKeep: boolean;
}>();
defineEmits<{ open: [] }>();

const wanted = computed(() => item.need + item.reserve);
const widths = computed(() => bar(item));
/** What packs and boxes bring of it. */
const bought = computed(() => {
  const inPacks = item.buy.reduce((sum, { pieces, count }) => sum + pieces * count, 0);
  return [
    ...item.buy.map(({ pack, count }) => `${count} × ${pack}`),
    ...(item.brought > inPacks && item.short
      ? [`${piecesOf(item.brought - inPacks, item.unit)} in a divided box`]
      : []),
  ].join(', ');
});
const uses = computed(() =>
  item.perWeek > 0
    ? `${piecesOf(item.perWeek, item.unit)} a week, ${counted(item.leadDays, 'day')} to come`
    : '',
);
</script>

<template>
  <li>
    <button type="button" class="row" :disabled="item.stock === null && !mayKeep" @click="$emit('open')">
      <ItemMark :looks="item.looks" />
      <span class="name">
        <b
          >{{ pretty(item.name)
          }}<span class="visually-hidden"
            >: {{ item.stock === null ? 'keep a stock of it' : 'count, fill or take' }}</span
          ></b
        >
        <small class="muted">{{
          item.stock === null
            ? 'no stock is kept of it'
            : [item.countedOn && `counted ${dayWords(item.countedOn, on)}`, uses, item.note]
                .filter(Boolean)
                .join(' · ')
        }}</small>
      </span>
      <span class="bar" aria-hidden="true">
        <span class="wanted" :style="{ width: `${widths.wanted}%` }"></span>
        <span class="have" :style="{ width: `${widths.have}%` }"></span>
        <span v-if="wanted && item.have > wanted" class="asked" :style="{ left: `${widths.wanted}%` }"></span>
      </span>
      <span class="figures mono">
        {{ piecesOf(item.have, item.unit)
        }}<small v-if="wanted" class="muted"> of {{ piecesOf(wanted, item.unit) }}</small>
      </span>
      <span class="said">
        <b v-if="item.short" class="short">{{ piecesOf(item.short, item.unit) }} short</b>
        <small v-if="bought">{{ bought }}</small>
        <small v-else-if="item.open && item.stock !== null">no pack and no box brings it</small>
        <small v-if="item.runsOut" :class="{ soon: item.reorder }"
          >used up {{ fromNow(item.runsOut, on)
          }}<template v-if="item.reorder">: time to order</template></small
        >
      </span>
    </button>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: 62px minmax(150px, 1.5fr) minmax(70px, 1fr) 92px minmax(150px, 1fr);
  gap: 4px 14px;
  align-items: center;
  width: 100%;
  padding: 5px 8px 5px 4px;
  border: 0;
  border-bottom: 1px solid var(--hairline);
  background: transparent;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.row:disabled {
  cursor: default;
}

.row:enabled:hover,
.row:focus-visible {
  background: var(--row-wash);
}

.name,
.said {
  display: grid;
  min-width: 0;
}

small {
  font-size: 12.5px;
}

.bar {
  position: relative;
  height: 14px;
}

.bar > span {
  position: absolute;
  left: 0;
  height: 100%;
}

.wanted {
  border: 1px solid var(--hole);
  background: repeating-linear-gradient(135deg, var(--hole-wash) 0 4px, transparent 4px 8px);
}

.have {
  min-width: 1px;
  border: 1px solid var(--tool-edge);
  background: var(--tool);
}

.asked {
  width: 0;
  border-left: 2px solid var(--ink);
}

.figures {
  text-align: right;
  white-space: nowrap;
}

.short,
.soon {
  color: var(--hole);
}

@media (width < 900px) {
  .row {
    grid-template-columns: 62px minmax(0, 1fr) 190px;
  }

  .bar {
    grid-column: 2;
  }

  .said {
    grid-column: 3;
    grid-row: 1;
  }
}
</style>
