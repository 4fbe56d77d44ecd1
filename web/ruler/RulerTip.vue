<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';

/** What a bar or a drop line says when it is pointed at, beside the place that was pointed at. */
const props = defineProps<{ id: string; at: { x: number; y: number } }>();
const box = useTemplateRef<HTMLElement>('box');
const { width, height } = useElementSize(box, { width: 300, height: 60 }, { box: 'border-box' });
const place = computed(() => ({
  left: `${Math.max(8, Math.min(props.at.x + 14, window.innerWidth - width.value - 8))}px`,
  top: `${props.at.y + 18 + height.value > window.innerHeight ? props.at.y - height.value - 14 : props.at.y + 18}px`,
}));
</script>

<template>
  <div :id="id" ref="box" class="tip" role="tooltip" :style="place"><slot /></div>
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
