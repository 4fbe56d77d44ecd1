<script setup lang="ts">
import { useTitle } from '@vueuse/core';
import { onMounted, useTemplateRef } from 'vue';
import { problemOf } from '@/api/client';
import ProblemNote from '@/shared/ProblemNote.vue';
import { hasGoneAbout } from './goingAbout';

/**
 * What every place has: its name, for the eye or the ear and for the tab, its margins, and what is said instead of it when it
 * cannot be shown. Whoever comes from another place has the focus on the name, so that it is said, unless the place takes it itself.
 *
 *   <PlaceFrame title="Crib" look="fill">…</PlaceFrame>
 *   <PlaceFrame title="What was done" look="page" is-shown :error @retry="refetch()"><template #beside>…</template>…</PlaceFrame>
 */
const {
  title,
  tab = '',
  error = null,
} = defineProps<{
  title: string;
  /** What of it is shown, for the tab: "heat-15". */
  tab?: string | undefined;
  /** fill: what is in it fills the height and scrolls by itself; scroll: it scrolls as one; page: text, as wide as text is. */
  look: 'fill' | 'scroll' | 'page';
  /** Whether its name stands on the page. */
  isShown?: boolean;
  /** What went wrong where nothing can be shown. */
  error?: unknown;
}>();
defineEmits<{ retry: [] }>();
defineSlots<{ default?(): unknown; beside?(): unknown }>();

useTitle(() => [tab, title, 'Gondrik'].filter((part) => part !== '').join(' – '));
const heading = useTemplateRef<HTMLElement>('heading');
onMounted(() => {
  const at = document.activeElement;
  const isTaken = at?.matches('main input, main textarea, main select') ?? false;
  if (hasGoneAbout.value && !isTaken) heading.value?.focus({ preventScroll: true });
});
</script>

<template>
  <div class="place" :class="look">
    <div class="named" :class="{ 'visually-hidden': !isShown }">
      <h1 ref="heading" tabindex="-1">{{ title }}</h1>
      <slot name="beside" />
    </div>
    <ProblemNote v-if="error" :problem="problemOf(error)" @retry="$emit('retry')" />
    <slot v-else />
  </div>
</template>

<style scoped>
.place {
  height: 100%;
  padding: 10px 20px 0;
}

.fill {
  display: flex;
  flex-direction: column;
  gap: 8px;
}

.fill > :slotted(.grid) {
  flex: 1;
  min-height: 320px;
}

.scroll {
  padding-bottom: 28px;
  overflow: auto;
}

.page {
  max-width: 1180px;
  height: auto;
  padding: 20px 20px 48px;
}

.named {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  margin-bottom: 4px;
}

h1 {
  font-size: 22px;
  outline: none;
}

.fill h1 {
  font-size: 18px;
}

@media print {
  .place {
    display: block;
    height: auto;
    padding: 0;
    overflow: visible;
  }
}
</style>
