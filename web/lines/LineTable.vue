<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import DataGrid from '@/grid/DataGrid.vue';
import type { GridColumn } from '@/grid/columns';
import AlignedSize from '@/shared/AlignedSize.vue';
import { pretty } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import { operationWords } from '@/shared/status';
import { operationsIn, stepsOf, type LineRow } from './reading';

/** The lines of a scope, a cell for each step with its mark, tool and position. */
const props = defineProps<{
  coverage: Schemas['Coverage'];
  rows: LineRow[];
  lit: ReadonlySet<string>;
  selected: { row: string; column: string } | null;
  /** How many of each may be written. */
  isEditable?: boolean;
}>();
const emit = defineEmits<{
  open: [line: string, operation: string | null];
  light: [lines: string[]];
  /** How many of a line somebody wants. */
  count: [counts: { line: Schemas['Line']; quantity: number }[]];
  erase: [lines: Schemas['Line'][]];
}>();

const grid = useTemplateRef('grid');
const isNarrow = useMediaQuery('(max-width: 600px)');
const toolName = (id: string | null) => (id ? (props.coverage.tools[id]?.name ?? id) : 'no tool');
const columns = computed<GridColumn<LineRow>[]>(() => [
  { key: 'line', title: 'Line', width: isNarrow.value ? 158 : 226, grow: 2, value: (row) => row.title },
  {
    key: 'size',
    title: 'Size',
    width: 118,
    align: 'end',
    value: (row) => row.size[0]?.text ?? null,
    order: (row) => props.coverage.spans.wires[row.wire?.id ?? ''] ?? null,
  },
  {
    key: 'quantity',
    title: 'Count',
    width: 64,
    align: 'end',
    value: (row) => row.line.quantity ?? 1,
    isEditable: props.isEditable,
  },
  ...operationsIn(props.coverage.report).map((operation) => ({
    key: operation,
    title: operationWords[operation],
    width: operation === 'crimp' ? 172 : 120,
    grow: operation === 'crimp' ? 1.5 : 1,
    value: (row: LineRow) =>
      stepsOf(row.report, operation)
        .map((step) => [step.position, toolName(step.tool)].filter(Boolean).join(' '))
        .join(', ') || null,
  })),
]);
/** What is no whole number from 1 on is left as it was. */
function counted(row: LineRow, text: string): { line: Schemas['Line']; quantity: number }[] {
  const quantity = Number(text.trim().replace(/^×\s*|\s*×$/g, ''));
  const isCount = Number.isInteger(quantity) && quantity >= 1 && quantity <= 1_000_000;
  return isCount && quantity !== (row.line.quantity ?? 1) ? [{ line: row.line, quantity }] : [];
}

function write(row: LineRow, event: Event, finish: () => void): void {
  const counts = counted(row, (event.target as HTMLInputElement).value);
  finish();
  if (counts.length) emit('count', counts);
}

/** So much is open that tinting it would paint the whole table. */
const isCrowded = computed(() => {
  const open = props.coverage.report.lines.filter(({ status }) => status === 'hole' || status === 'faulty');
  return open.length > 6 && open.length / props.coverage.report.lines.length > 0.5;
});
const kindOf = ({ report }: LineRow) =>
  report.status === 'hole' || report.status === 'faulty' ? 'open' : undefined;
const isOperation = (column: string) => !['line', 'size', 'quantity'].includes(column);

defineExpose({
  focusOn: (row: string, column: string) => grid.value?.focusOn(row, column),
  reveal: (rows: ReadonlySet<string>) => grid.value?.reveal(rows),
});
</script>

<template>
  <DataGrid
    ref="grid"
    :class="{ crowded: isCrowded }"
    :columns="columns"
    :rows="rows"
    caption="Lines of the scope, with the tool for each step"
    :lit="lit"
    :selected="selected"
    :kind-of="kindOf"
    @light="emit('light', $event)"
    @open="(row, column) => emit('open', row.id, isOperation(column) ? column : null)"
    @paste="
      (cells) =>
        emit(
          'count',
          cells.flatMap(({ row, text }) => counted(row, text)),
        )
    "
    @erase="
      (gone) =>
        isEditable &&
        emit(
          'erase',
          gone.map(({ line }) => line),
        )
    "
  >
    <template #editor="{ row, finish }">
      <input
        class="count mono"
        inputmode="numeric"
        aria-label="Count"
        :value="row.line.quantity ?? 1"
        @focus="($event.target as HTMLInputElement).select()"
        @keydown.enter.stop.prevent="write(row, $event, finish)"
        @blur="write(row, $event, finish)"
      />
    </template>
    <template #cell="{ row, column }">
      <div v-if="column.key === 'line'" class="line">
        <StatusMark :status="row.report.status" />
        <span class="names">
          <b>{{ row.title }}</b>
          <small class="muted">{{ row.wires }}</small>
        </span>
      </div>
      <span v-else-if="column.key === 'size'" class="size">
        <component
          :is="index > 0 ? 'small' : 'span'"
          v-for="(size, index) in row.size"
          :key="size.text"
          :class="{ muted: index > 0 }"
        >
          <AlignedSize :text="size.text" :is-about="!size.isWritten" />
        </component>
      </span>
      <span v-else-if="column.key === 'quantity'" class="mono">{{ row.line.quantity ?? 1 }}</span>
      <div v-else class="steps">
        <div
          v-for="(step, index) in stepsOf(row.report, column.key)"
          :key="index"
          class="step"
          :class="step.status"
        >
          <StatusMark :status="step.status" />
          <span v-if="step.tool" class="tool" :title="toolName(step.tool)">
            <small v-if="step.position" class="position">{{ pretty(step.position) }}</small>
            {{ ` ${toolName(step.tool)}` }}
          </span>
          <span v-else class="nothing">no tool</span>
          <b v-if="step.unbacked" class="unbacked" title="One tool only, no backup">1×</b>
        </div>
      </div>
    </template>
  </DataGrid>
</template>

<style scoped>
.crowded {
  --open-row: var(--ground);
}

.line {
  display: flex;
  gap: 10px;
  align-items: center;
  min-width: 0;
}

.names {
  min-width: 0;
}

.names > * {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  line-height: 1.22;
}

.names b {
  font-weight: 560;
}

.names small {
  font-size: 11.5px;
}

.count {
  width: 100%;
  border: 0;
  outline: 2px solid var(--copper);
  background: var(--surface);
  color: var(--ink);
  text-align: right;
}

.size {
  display: flex;
  flex-direction: column;
  line-height: 1.2;
  font-size: 12.5px;
}

.size small {
  font-size: 11px;
}

.steps {
  min-width: 0;
}

.step {
  display: flex;
  gap: 7px;
  align-items: baseline;
  line-height: 1.2;
  font-size: 12.5px;
}

.tool {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  overflow: hidden;
}

/* Two ends of a splice share the row. */
.step:not(:only-child) .tool {
  -webkit-line-clamp: 1;
  line-clamp: 1;
}

.step :deep(svg) {
  align-self: center;
}

.position {
  font-family: var(--mono);
  font-weight: 500;
  font-size: 11px;
  white-space: nowrap;
  border-radius: 2px;
  padding: 0 3px;
  background: color-mix(in srgb, var(--tool) 45%, transparent);
  margin-right: 2px;
}

.nothing {
  color: var(--hole);
  font-weight: 600;
}

.unbacked {
  font-family: var(--mono);
  font-size: 11px;
  font-weight: 500;
  color: var(--makeshift);
}
</style>
