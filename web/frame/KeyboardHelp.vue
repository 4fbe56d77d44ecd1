<script setup lang="ts">
import { computed, ref } from 'vue';
import FormField from '@/shared/FormField.vue';
import { places } from './places';
import SheetDialog from './SheetDialog.vue';

const isOpen = defineModel<boolean>({ required: true });
const search = ref('');
const keys: [string, string][] = [
  ...places.map((place): [string, string] => [`g ${place.key}`, `go to ${place.title}`]),
  ['n', 'write a new line (Work)'],
  ['/', 'search the table'],
  ['↑ ↓ ← →', 'walk the table or the ruler'],
  ['Shift ↑ ↓ ← →', 'mark cells'],
  ['Ctrl A', 'mark all cells'],
  ['Ctrl C', 'copy what is marked, for a spreadsheet'],
  ['Home End', 'first and last column; with Ctrl row too'],
  ['Page↑ Page↓', 'a page up or down'],
  ['Enter', 'open what is under the cell: why this tool, or why none'],
  ['F2', 'write in the cell, where it can be written (Work); a letter does too'],
  ['Tab', 'write it, and go on to the next cell; Enter to the one below'],
  ['Ctrl D', 'fill the marked cells with the topmost'],
  ['Ctrl V', 'put cells of a spreadsheet here'],
  ['Alt ↑ ↓', 'move the marked lines (Work)'],
  ['Alt Shift ↓', 'copy the marked lines below (Work)'],
  ['Delete', 'empty the marked cells; in the first column take the lines out'],
  ['Ctrl Z', 'take the last step back'],
  ['Ctrl Y', 'do it again'],
  ['← →', 'move the end of a bar, or a whole one, size by size (Crib)'],
  ['Ctrl ← →', 'the next end or bar of the lane; Tab goes to the next lane (Crib)'],
  ['Ctrl S', 'write what is drawn (Crib)'],
  ['Esc', 'close the panel, or leave a cell as it was'],
  ['?', 'this list'],
];
const found = computed(() => {
  const text = search.value.trim().toLowerCase();
  return keys.filter(([key, meaning]) => `${key} ${meaning}`.toLowerCase().includes(text));
});
</script>

<template>
  <SheetDialog v-model="isOpen" title="Keys" :width="430">
    <FormField label="What do you want to do?">
      <input v-model="search" type="search" autofocus />
    </FormField>
    <dl>
      <template v-for="[key, meaning] in found" :key="key">
        <dt>
          <kbd v-for="part in key.split(' ')" :key="part" class="mono">{{ part }}</kbd>
        </dt>
        <dd>{{ meaning }}</dd>
      </template>
    </dl>
    <p v-if="found.length === 0" class="muted">No key does that.</p>
    <template #buttons="{ leave }"><v-btn @click="leave">Close</v-btn></template>
  </SheetDialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 6px 16px;
  margin: 0;
}

dd {
  margin: 0;
}

kbd {
  border: 1px solid var(--hairline);
  border-radius: 3px;
  padding: 0 5px;
  margin-right: 4px;
  background: var(--surface);
}
</style>
