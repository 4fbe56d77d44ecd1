<script setup lang="ts">
import { useFile } from './useFile';

/** A link to a file that may take long to make. With a key held the browser takes the address as it does any other. */
const { href } = defineProps<{ href: string }>();
const { isMade, refused, take } = useFile();

function press(event: MouseEvent): void {
  if (event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) return;
  event.preventDefault();
  void take(href);
}
</script>

<template>
  <span class="file"
    ><a :href download :aria-busy="isMade" @click="press"><slot /></a
    ><span v-if="isMade" class="muted" role="status"> is being made …</span
    ><span v-if="refused" class="refused" role="alert"> {{ refused }}</span></span
  >
</template>

<style scoped>
.refused {
  color: var(--hole);
}
</style>
