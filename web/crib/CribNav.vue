<script setup lang="ts">
import { computed } from 'vue';
import type { ThingList } from '@/data/things';
import PartsNav from '@/frame/PartsNav.vue';
import { listRoute } from './edit/routes';

/** The parts of the crib: what the shop has of each kind, and the shelf from which it can be taken. */
/** A part of the crib: a list, or the things one by one. */
type Part = ThingList | 'kits' | 'wall';
const props = defineProps<{ list: Part; isShelf?: boolean }>();
const titles: [ThingList | 'kits', string][] = [
  ['tools', 'Tools'],
  ['wires', 'Wires'],
  ['terminals', 'Terminals'],
  ['kits', 'Kits'],
];
const parts = computed(() => [
  { title: 'Wall', to: { name: 'wall' }, isHere: props.list === 'wall' },
  ...titles.map(([name, title]) => ({
    title,
    to: listRoute(name),
    isHere: !props.isShelf && name === props.list,
  })),
  {
    title: 'Shelf',
    to: {
      name: 'shelf',
      params: { list: props.list === 'kits' || props.list === 'wall' ? 'tools' : props.list },
    },
    isHere: props.isShelf,
    isApart: true,
  },
]);
</script>

<template>
  <PartsNav label="Parts of the crib" :parts />
</template>
