<script setup lang="ts">
import { computed } from 'vue';
import type { ThingList } from '@/data/things';
import PartsNav from '@/frame/PartsNav.vue';
import { listRoute } from './edit/routes';
import type { CribPart } from './parts';

/** The parts of the crib: what the shop has of each kind, and the shelf from which it can be taken. */
const props = defineProps<{ list: CribPart; isShelf?: boolean }>();
const titles: [ThingList | 'kits', string][] = [
  ['tools', 'Tools'],
  ['wires', 'Wires'],
  ['terminals', 'Terminals'],
  ['kits', 'Kits'],
];
const parts = computed(() => [
  { title: 'Wall', to: { name: 'wall' }, isHere: props.list === 'wall' },
  { title: 'Due', to: { name: 'due' }, isHere: props.list === 'due' },
  ...titles.map(([name, title]) => ({
    title,
    to: listRoute(name),
    isHere: !props.isShelf && name === props.list,
  })),
  {
    title: 'Shelf',
    to: {
      name: 'shelf',
      params: {
        list: props.list === 'kits' || props.list === 'wall' || props.list === 'due' ? 'tools' : props.list,
      },
    },
    isHere: props.isShelf,
    isApart: true,
  },
]);
</script>

<template>
  <PartsNav label="Parts of the crib" :parts />
</template>
