<script setup lang="ts">
import { nextTick, useTemplateRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useAddress } from './useAddress';

/*
 * A place with a panel beside it, below it where the page is narrow. What is in the panel stands in the address; opening it is
 * a step that Back takes back, and so do Esc and `close`. The focus returns to where it was opened from.
 *
 *   const split = useTemplateRef('split');
 *   <SplitPlace ref="split" :keys="['line', 'step']" :is-open="opened !== null" :held="pairKey" @lost="focusRow">
 *     …
 *     <template #panel="{ close }">…</template>
 *   </SplitPlace>
 */
const props = defineProps<{
  /** What of the address opens the panel. */
  keys: string[];
  isOpen: boolean;
  /** What else the place shows: where that has changed since, closing does not take it back. */
  held: string;
}>();
const emit = defineEmits<{
  /** The panel has closed, and where it was opened from is no longer there. */
  lost: [];
}>();

const { show } = useAddress();
const router = useRouter();
const panel = useTemplateRef<HTMLElement>('panel');
let from: { focus: Element | null; held: string } | null = null;

/** Opens the panel, or goes about in the open one, which is no step of its own. */
function open(query: Record<string, string | number | null>): void {
  if (!props.isOpen) from = { focus: document.activeElement, held: props.held };
  show(query, props.isOpen ? 'replace' : 'push');
  void nextTick(() => panel.value?.scrollTo({ top: 0 }));
}

function close(): void {
  // An address that was sent has nothing behind it.
  if (from?.held === props.held) router.back();
  else show(Object.fromEntries(props.keys.map((key) => [key, null])), 'replace');
}

// Before the panel goes: what is asked after it can still be told what it was.
watch(
  () => props.isOpen,
  (isOpen) => {
    if (isOpen) return;
    const focus = from?.focus;
    from = null;
    void nextTick(() => {
      if (focus?.isConnected && focus !== document.body) (focus as HTMLElement | SVGElement).focus();
      else emit('lost');
    });
  },
);

defineExpose({ open, close });
</script>

<template>
  <div class="split" :class="{ parted: isOpen }" @keydown.esc="isOpen && close()">
    <div class="work"><slot /></div>
    <div v-if="isOpen" ref="panel" class="panel"><slot name="panel" :close="close" /></div>
  </div>
</template>

<style scoped>
.split {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  height: 100%;
}

.work,
.panel {
  min-width: 0;
  height: 100%;
  overflow: auto;
}

/* What stands in it may go by how much room the panel leaves. */
.work {
  container: work / size;
}

.panel {
  background: var(--surface);
}

.parted {
  grid-template-columns: minmax(0, 1fr) 384px;
}

@media (max-width: 1080px) {
  .parted {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: minmax(0, 1fr) minmax(0, 46%);
  }

  .panel {
    border-top: 2px solid var(--copper);
  }
}

@media (max-width: 600px) {
  .parted {
    grid-template-rows: 0 minmax(0, 1fr);
  }
}

@media print {
  .split,
  .work {
    display: block;
    height: auto;
    overflow: visible;
    container-type: normal;
  }

  .panel {
    display: none;
  }
}
</style>
