<script setup lang="ts">
import { shallowRef, watch } from 'vue';
import { takeHanded } from '@/frame/handedOver';
import { counted } from '@/shared/pretty';
import type { BroughtTable } from './brought';

/** A table that was brought elsewhere: taken in at once, unless rows of another are still here, which nobody loses unasked. */
const props = defineProps<{
  /** What is here; null for none. */
  table: BroughtTable | null;
  /** Whether it is known what was left here. */
  isKnown: boolean;
}>();
const emit = defineEmits<{ bring: [file: File] }>();

const handed = shallowRef(takeHanded());
function bring(): void {
  if (handed.value) emit('bring', handed.value);
  handed.value = null;
}
watch(
  () => props.isKnown,
  (isKnown) => {
    if (isKnown && props.table === null) bring();
  },
  { immediate: true },
);
</script>

<template>
  <p v-if="handed && table && isKnown" class="handed" role="alert">
    {{ counted(table.rows.length, 'row') }} of {{ table.name }}
    {{ table.rows.length === 1 ? 'is' : 'are' }} still here, not taken yet.
    <v-btn size="small" @click="bring">Take the new table in their place</v-btn>
    <v-btn size="small" variant="text" @click="handed = null">Go on with these</v-btn>
  </p>
</template>

<style scoped>
.handed {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  padding: 6px 14px;
  border-left: 4px solid var(--makeshift);
  background: var(--surface);
}
</style>
