<script setup lang="ts">
import { nextTick, ref, useId, useTemplateRef } from 'vue';

/** Something that can be done, or an address where it can be had. */
export interface Action {
  title: string;
  act?: () => void;
  href?: string;
}

/**
 * What can be done with something, behind one button: opened by a press, Enter or an arrow down; walked by the arrows; left by Esc
 * and by going elsewhere, and then the focus is on the button again.
 */
const props = defineProps<{
  label: string;
  actions: Action[];
  says?: string;
  /** Words among others, without a frame. */
  isQuiet?: boolean;
}>();
const isOpen = ref(false);
const menu = useId();
const root = useTemplateRef<HTMLElement>('root');
const button = useTemplateRef<HTMLButtonElement>('button');
const items = () => [...(root.value?.querySelectorAll<HTMLElement>('[role=menuitem]') ?? [])];

async function open(at: 'first' | 'last' = 'first'): Promise<void> {
  isOpen.value = true;
  await nextTick();
  items()
    .at(at === 'first' ? 0 : -1)
    ?.focus();
}

function close(): void {
  isOpen.value = false;
  button.value?.focus();
}

/** Round and round, and by the first letter. */
function walk(event: KeyboardEvent): void {
  const all = items();
  const at = all.indexOf(document.activeElement as HTMLElement);
  const to =
    { ArrowDown: at + 1, ArrowUp: at - 1 + all.length, Home: 0, End: all.length - 1 }[event.key] ??
    (event.key.length === 1
      ? all.findIndex((_, from) => titleFrom(at + 1 + from).startsWith(event.key.toLowerCase())) + at + 1
      : null);
  if (to === null || event.ctrlKey || event.metaKey || event.altKey) return;
  event.preventDefault();
  event.stopPropagation();
  all[to % all.length]?.focus();
}
const titleFrom = (at: number) => (props.actions[at % props.actions.length]?.title ?? '').toLowerCase();

function leave(event: FocusEvent): void {
  if (!root.value?.contains(event.relatedTarget as Node | null)) isOpen.value = false;
}

function choose({ act }: Action): void {
  close();
  act?.();
}
</script>

<template>
  <div ref="root" class="actions" @focusout="leave">
    <button
      ref="button"
      :class="{ quiet: isQuiet }"
      type="button"
      aria-haspopup="menu"
      :aria-label="label"
      :aria-expanded="isOpen"
      :aria-controls="menu"
      @click="isOpen ? close() : open()"
      @keydown.down.prevent.stop="open()"
      @keydown.up.prevent.stop="open('last')"
    >
      {{ says ?? '⋯' }}
    </button>
    <div
      v-if="isOpen"
      :id="menu"
      role="menu"
      :aria-label="label"
      @keydown="walk"
      @keydown.esc.stop.prevent="close"
      @keydown.tab="isOpen = false"
    >
      <template v-for="action in actions" :key="action.title">
        <a v-if="action.href" role="menuitem" tabindex="-1" :href="action.href" download @click="close">{{
          action.title
        }}</a>
        <button v-else role="menuitem" type="button" tabindex="-1" @click="choose(action)">
          {{ action.title }}
        </button>
      </template>
    </div>
  </div>
</template>

<style scoped>
.actions {
  position: relative;
}

.actions > button {
  min-width: 36px;
  min-height: max(34px, var(--touch));
  padding: 0 10px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  font-weight: 600;
  cursor: pointer;
}

button.quiet {
  min-height: inherit;
  padding: 0;
  border: 0;
  background: transparent;
  color: inherit;
  font: inherit;
}

[role='menu'] {
  position: absolute;
  z-index: 6;
  top: calc(100% + 2px);
  left: 0;
  display: grid;
  min-width: max-content;
  max-height: min(60vh, 480px);
  padding: 3px 0;
  overflow: auto;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--surface);
}

[role='menuitem'] {
  display: flex;
  align-items: center;
  min-height: max(32px, var(--touch));
  padding: 0 14px;
  border-left: 3px solid transparent;
  color: var(--ink);
  text-align: left;
  text-decoration: none;
  cursor: pointer;
}

[role='menuitem']:hover,
[role='menuitem']:focus-visible {
  border-left-color: var(--copper);
  background: var(--row-wash);
  outline: none;
}
</style>
