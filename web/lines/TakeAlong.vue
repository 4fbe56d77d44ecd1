<script setup lang="ts">
import { computed } from 'vue';
import FileMenu from '@/frame/FileMenu.vue';
import { save } from '@/shared/saved';

/** What can be taken along of a verdict: files of the server, and the ruler as it is drawn here. */
const { files, name, draw } = defineProps<{
  files: { title: string; href: string }[];
  /** Of the pictures, without their ending. */
  name: string;
  /** The ruler as an SVG. */
  draw: () => Promise<string>;
}>();

const all = computed(() => [
  ...files,
  {
    title: 'The ruler as a drawing (SVG)',
    make: async () => save(`${name}.svg`, await draw(), 'image/svg+xml'),
  },
  {
    title: 'The ruler as a picture (PNG)',
    make: async () => save(`${name}.png`, await (await import('@/ruler/png')).pngOf(await draw())),
  },
]);
</script>

<template>
  <FileMenu label="Take along" :files="all" />
</template>
