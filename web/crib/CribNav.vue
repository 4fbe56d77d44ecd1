<script setup lang="ts">
import type { ThingList } from '@/data/things';
import { listRoute } from './edit/routes';

/** The parts of the crib: what the shop has of each kind, and the shelf from which it can be taken. */
defineProps<{ list: ThingList | 'kits'; isShelf?: boolean }>();
const titles: [ThingList | 'kits', string][] = [
  ['tools', 'Tools'],
  ['wires', 'Wires'],
  ['terminals', 'Terminals'],
  ['kits', 'Kits'],
];
</script>

<template>
  <nav class="parts" aria-label="Parts of the crib">
    <RouterLink
      v-for="[name, title] in titles"
      :key="name"
      :to="listRoute(name)"
      :class="{ here: !isShelf && name === list }"
      :aria-current="!isShelf && name === list ? 'page' : undefined"
      >{{ title }}</RouterLink
    >
    <RouterLink
      class="shelf"
      :to="{ name: 'shelf', params: { list: list === 'kits' ? 'tools' : list } }"
      :class="{ here: isShelf }"
      :aria-current="isShelf ? 'page' : undefined"
      >Shelf</RouterLink
    >
  </nav>
</template>

<style scoped>
.parts {
  display: flex;
  gap: 2px;
}

a {
  display: flex;
  align-items: center;
  min-height: var(--touch);
  padding: 0 11px;
  color: var(--muted);
  text-decoration: none;
  border: 1px solid transparent;
  border-radius: 3px;
}

a.here {
  color: var(--ink);
  font-weight: 600;
  border-color: var(--ink);
}

.shelf {
  margin-left: 10px;
  border-style: dashed;
  border-color: var(--tool-edge);
}
</style>
