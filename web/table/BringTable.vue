<script setup lang="ts">
import { mdiTableArrowUp } from '@mdi/js';
import { useDropZone, useEventListener } from '@vueuse/core';
import { shallowRef, useTemplateRef } from 'vue';
import { useRouter } from 'vue-router';
import { handOver, isWorkbook } from '@/frame/handedOver';

/** A table is dropped here, chosen, or pasted, here or anywhere on the page: it comes as a file in any case. */
const emit = defineEmits<{ bring: [file: File] }>();

const zone = useTemplateRef<HTMLElement>('zone');
const input = useTemplateRef<HTMLInputElement>('input');

const router = useRouter();
/** It was brought here, but moves a whole shop. */
const workbook = shallowRef<File | null>(null);
function bring(file: File | undefined): void {
  workbook.value = file && isWorkbook(file) ? file : null;
  if (file && !workbook.value) emit('bring', file);
}
function takeThere(): void {
  if (workbook.value) handOver(workbook.value);
  void router.push({ name: 'shop' });
}
const { isOverDropZone } = useDropZone(zone, { onDrop: (files) => bring(files?.[0]), multiple: false });

function chosen(event: Event): void {
  const target = event.target as HTMLInputElement;
  bring(target.files?.[0]);
  // The same file, mended, must count as a new choice.
  target.value = '';
}

useEventListener(window, 'paste', (event: ClipboardEvent) => {
  const text = event.clipboardData?.getData('text/plain') ?? '';
  if (text.trim() === '') return;
  event.preventDefault();
  bring(new File([text], 'pasted table', { type: 'text/plain' }));
});
</script>

<template>
  <section ref="zone" class="bring" :class="{ over: isOverDropZone }">
    <v-icon :icon="mdiTableArrowUp" size="34" />
    <p>
      <slot>
        <b>Drop a parts list or a wire list here</b>, or paste it: CSV, TSV, ODS or XLSX, up to 20,000 rows.
        Each row is one line of work; a row with a terminal at each end is two, and equal ones are counted
        together.
      </slot>
    </p>
    <div class="ways">
      <v-btn color="primary" variant="flat" @click="input?.click()">Choose a file</v-btn>
      <textarea
        aria-label="Paste a table here"
        placeholder="… or paste rows of a spreadsheet here"
        rows="2"
      />
    </div>
    <input
      ref="input"
      class="visually-hidden"
      type="file"
      tabindex="-1"
      aria-label="A table"
      accept=".csv,.tsv,.txt,.ods,.xlsx,.json"
      @change="chosen"
    />
    <p v-if="workbook" class="elsewhere" role="alert">
      “{{ workbook.name }}” is a workbook, not a table: a whole shop, which comes in under Shop.
      <v-btn size="small" @click="takeThere">Take it there</v-btn>
    </p>
    <p class="muted">
      <slot name="later">
        Nothing is written until you take the rows. Columns are recognised by their names; what they say can
        be corrected and is remembered for the shop.
      </slot>
    </p>
  </section>
</template>

<style scoped>
.bring {
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 760px;
  margin-top: 18px;
  padding: 26px 28px;
  border: 2px dashed var(--tool-edge);
  border-radius: 3px;
}

.bring.over {
  border-color: var(--copper);
  background: var(--row-wash);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  width: 100%;
}

textarea {
  flex: 1;
  min-width: 260px;
  padding: 6px 10px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}
</style>
