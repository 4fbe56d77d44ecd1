<script setup lang="ts">
import { nextTick, useTemplateRef, watch } from 'vue';
import type { Schemas } from '@/api/client';
import { refusal } from '@/shared/refusal';

/**
 * A sheet over the page, to write something or to look something up: the focus goes into its first field, stays in it, and comes
 * back to where it was; Esc leaves it. What was refused is said above its buttons.
 */
withDefaults(defineProps<{ title: string; width?: number; problem?: Schemas['Problem'] | null }>(), {
  width: 620,
  problem: null,
});
const isOpen = defineModel<boolean>({ required: true });
const emit = defineEmits<{ submit: [] }>();
defineSlots<{ default(): unknown; buttons?(of: { leave: () => void }): unknown }>();
const leave = () => (isOpen.value = false);

const form = useTemplateRef<HTMLFormElement>('form');
// What it stands in is made when it is first opened, and may stay.
watch([isOpen, form], async ([isNow, inside]) => {
  await nextTick();
  if (isNow) inside?.querySelector<HTMLElement>('input, select, textarea')?.focus();
});
let before: Element | null = null;
watch(
  isOpen,
  async (now) => {
    if (now) before = document.activeElement;
    else if (before instanceof HTMLElement && before.isConnected) {
      await nextTick();
      before.focus();
    }
  },
  { flush: 'sync' },
);
</script>

<template>
  <v-dialog v-model="isOpen" :max-width="width" :aria-label="title" scrollable>
    <form ref="form" class="sheet" @submit.prevent="emit('submit')">
      <h2>{{ title }}</h2>
      <slot />
      <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
      <div class="buttons"><slot name="buttons" :leave /></div>
    </form>
  </v-dialog>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 12px;
  padding: 18px 20px;
  overflow: auto;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--ground);
}

h2 {
  font-size: 18px;
}

.problem {
  color: var(--hole);
}

.buttons {
  position: sticky;
  bottom: -18px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding: 8px 0;
  background: var(--ground);
}
</style>
