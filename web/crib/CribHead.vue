<script setup lang="ts">
import { nextTick, useTemplateRef } from 'vue';
import { useKeys } from '@/shared/useKeys';
import CribNav from './CribNav.vue';
import type { CribPart } from './parts';

/**
 * The head of every list of the crib: where one is, what is sought, how much there is, and what can be done. "/" goes to the field.
 *
 *   <CribHead v-model="search" :list hint="words of a tool" name="Find tools" count="45 tools">…</CribHead>
 */
defineProps<{
  list: CribPart;
  isShelf?: boolean;
  /** Without a hint there is no field. */
  hint?: string;
  name?: string;
  count: string;
}>();
const search = defineModel<string>({ default: '' });
defineSlots<{ default?(): unknown; beside?(): unknown }>();
defineEmits<{ enter: [] }>();

const field = useTemplateRef<HTMLInputElement>('field');
useKeys('/', () => void nextTick(() => field.value?.focus()));
</script>

<template>
  <header>
    <CribNav :list :is-shelf />
    <slot name="beside" />
    <input
      v-if="hint"
      ref="field"
      v-model="search"
      class="lone-field"
      type="search"
      :placeholder="hint"
      :aria-label="name"
      @keydown.esc="search = ''"
      @keydown.enter="$emit('enter')"
    />
    <span class="muted count" role="status">{{ count }}</span>
    <div class="acts"><slot /></div>
  </header>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
}

input {
  flex: 0 1 250px;
}

.count {
  font-size: 13px;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-left: auto;
}
</style>
