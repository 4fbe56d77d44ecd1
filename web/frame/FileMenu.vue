<script setup lang="ts">
import ActionMenu from '@/shared/ActionMenu.vue';
import { useFile } from './useFile';

/** What can be taken along, behind one button: what the server makes by its address, and what is drawn here. */
const { files } = defineProps<{
  label: string;
  files: { title: string; href?: string; make?: () => Promise<void> }[];
}>();
const { isMade, refused, take, make } = useFile();
</script>

<template>
  <span class="files">
    <ActionMenu
      :label
      :says="`${label} ▾`"
      is-quiet
      :actions="
        files.map(({ title, href, make: of }) => ({
          title,
          act: () => void (href ? take(href) : of && make(of)),
        }))
      "
    />
    <span v-if="isMade" class="muted" role="status">is being made …</span>
    <span v-if="refused" class="refused" role="alert">{{ refused }}</span>
  </span>
</template>

<style scoped>
.files {
  display: inline-flex;
  gap: 6px;
  align-items: center;
  min-height: var(--touch-tight);
}

.refused {
  color: var(--hole);
}
</style>
