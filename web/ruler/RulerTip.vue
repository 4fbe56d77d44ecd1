<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, pretty, prose } from '@/shared/pretty';
import { laneWords } from '@/shared/status';
import StatusMark from '@/shared/StatusMark.vue';
import { missedBy, reachWords, whyNot, type Pointed } from './tellings';
import { whoseWords } from './whose';

/** What a bar or a drop line says when it is pointed at, beside the place that was pointed at. */
const props = defineProps<{
  id: string;
  shown: Pointed;
  ruler: Schemas['Ruler'];
  first: 'gauge' | 'metric';
  /** Why tools that belong into the kit do not count in it on the day, by the tool. */
  away: ReadonlyMap<string, string>;
}>();
/** Of a drop line what is not as it should be, and what two kits do not do alike. */
const told = computed(() =>
  'laid' in props.shown
    ? props.shown.laid.marks.filter(({ status, whose }) => status !== 'covered' || whoseWords(whose))
    : [],
);
const misses = computed(() => ('laid' in props.shown ? whyNot(props.ruler, props.shown.laid.of) : []));
const box = useTemplateRef<HTMLElement>('box');
const { width, height } = useElementSize(box, { width: 300, height: 60 }, { box: 'border-box' });
const place = computed(() => ({
  left: `${Math.max(8, Math.min(props.shown.at.x + 14, window.innerWidth - width.value - 8))}px`,
  top: `${props.shown.at.y + 18 + height.value > window.innerHeight ? props.shown.at.y - height.value - 14 : props.shown.at.y + 18}px`,
}));
</script>

<template>
  <div :id="id" ref="box" class="tip" role="tooltip" :style="place">
    <template v-if="'bar' in shown">
      <strong>{{ shown.bar.tools.map(({ name }) => name).join(', ') }}</strong>
      <div v-for="(reach, index) in reachWords(shown.bar, ruler.ticks, first)" :key="index">
        {{ reach }}
      </div>
      <div v-if="shown.bar.whose">{{ whoseWords([shown.bar.whose]) || 'in both' }}</div>
      <template v-if="shown.bar.isAway">
        <div v-for="one in shown.bar.tools" :key="one.id">Not there: {{ away.get(one.id) }}</div>
      </template>
      <div v-for="missed in missedBy(shown.bar, ruler.ticks, first)" :key="missed.text">
        <b aria-hidden="true">{{ missed.isWhole ? '×' : '∕' }}</b>
        {{ missed.where }}: {{ prose(missed.text) }}
      </div>
    </template>
    <template v-else>
      <strong>{{ pretty(shown.laid.drop.size) }}</strong>
      <span class="muted"> {{ counted(shown.laid.drop.quantity, 'termination') }}</span>
      <div v-for="mark in told" :key="mark.lane">
        <StatusMark :status="mark.status" :size="11" silent /> {{ laneWords(mark.lane) }}:
        {{ whoseWords(mark.whose) || mark.status }}
      </div>
      <div v-for="miss in misses" :key="miss.key"><b>×</b> {{ miss.tool }}: {{ prose(miss.text) }}</div>
    </template>
  </div>
</template>

<style scoped>
.tip {
  position: fixed;
  z-index: 20;
  max-width: min(340px, calc(100vw - 16px));
  padding: 7px 10px 8px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font-size: 12.5px;
  line-height: 1.35;
  pointer-events: none;
}

@media print {
  .tip {
    display: none;
  }
}
</style>
