<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { useTimeoutFn } from '@vueuse/core';
import { watch } from 'vue';
import { problemOf } from '@/api/client';
import { useDone } from './useDone';

/** What was done, in one quiet line with its undo. It goes by itself, but not while somebody is at it. */
const done = useDone();
const SHOWN = 20_000;
const { start, stop } = useTimeoutFn(done.dismiss, SHOWN, { immediate: false });
watch(
  () => done.last,
  (last) => (last ? start() : stop()),
);
</script>

<template>
  <div class="done" role="status">
    <div
      v-if="done.last"
      class="line"
      @pointerenter="stop"
      @pointerleave="start()"
      @focusin="stop"
      @focusout="start()"
    >
      <span>{{ done.last.said }}</span>
      <span v-if="done.failed" class="failed">{{ problemOf(done.failed).detail }}</span>
      <button
        v-if="done.last.undo"
        type="button"
        class="undo"
        :disabled="done.isUndoing"
        @click="done.undo()"
      >
        Undo
      </button>
      <button type="button" aria-label="Dismiss" @click="done.dismiss()">
        <v-icon :icon="mdiClose" size="15" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.done {
  position: fixed;
  left: 20px;
  bottom: 34px;
  z-index: 15;
  max-width: calc(100vw - 40px);
}

.line {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 38px;
  padding: 0 8px 0 14px;
  border: 1px solid var(--ink);
  border-left: 4px solid var(--copper);
  border-radius: 3px;
  background: var(--surface);
}

.failed {
  color: var(--hole);
}

button {
  min-width: var(--touch);
  min-height: var(--touch);
  cursor: pointer;
}

.undo {
  padding: 0 8px;
  color: var(--copper);
  font-weight: 600;
  text-decoration: underline;
  text-underline-offset: 3px;
}

@media (max-width: 760px) {
  .done {
    bottom: 84px;
  }
}

@media print {
  .done {
    display: none;
  }
}
</style>
