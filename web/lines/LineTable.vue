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
import { operationsIn, stepsOf, verdictWords, type LineRow } from './reading';
import { VERDICT, writtenColumns, type SheetEdit } from './sheet';
import CellEditor from './CellEditor.vue';
import LineTitle from './LineTitle.vue';

/** The lines of a scope, a cell for each step with its mark, tool and position. */
const props = defineProps<{
  coverage: Schemas['Coverage'];
  rows: LineRow[];
  lit: ReadonlySet<string>;
  selected: { row: string; column: string } | null;
  /** Written as a sheet: the columns that are shown besides those that some line says. Without it the table is only read. */
  sheet?: readonly string[] | undefined;
  groupOf?: ((row: LineRow) => string) | undefined;
}>();
const emit = defineEmits<{
  open: [line: string, operation: string | null];
  light: [lines: string[]];
  edit: [edit: SheetEdit];
}>();

const grid = useTemplateRef('grid');
const isNarrow = useMediaQuery('(max-width: 600px)');
const toolName = (id: string | null) => (id ? (props.coverage.tools[id]?.name ?? id) : 'no tool');
const read = computed<GridColumn<LineRow>[]>(() => [
  { key: 'line', title: 'Line', width: isNarrow.value ? 158 : 226, grow: 2, value: (row) => row.title },
  {
    key: 'size',
    title: 'Size',
    width: 118,
    align: 'end',
    value: (row) => row.size[0]?.text ?? null,
    order: (row) => props.coverage.spans.wires[row.wire?.id ?? ''] ?? null,
  },
  { key: 'quantity', title: 'Count', width: 64, align: 'end', value: (row) => row.line.quantity ?? 1 },
]);
const written = computed(() =>
  props.sheet
    ? writtenColumns(
        Object.values(props.coverage.lines),
        props.sheet,
        (list, id) => props.coverage[list][id]?.name ?? id,
      )
    : null,
);
const steps = computed(() =>
  operationsIn(props.coverage.report).map((operation) => ({
    key: operation,
    title: operationWords[operation],
    width: operation === 'crimp' ? 172 : 120,
    grow: operation === 'crimp' ? 1.5 : 1,
    value: (row: LineRow) =>
      stepsOf(row.report, operation)
        .map((step) => [step.position, toolName(step.tool)].filter(Boolean).join(' '))
        .join(', ') || null,
  })),
);
const columns = computed<GridColumn<LineRow>[]>(() => written.value ?? [...read.value, ...steps.value]);
/** Where it is written, all that is judged stands in one cell. */
const chosen = computed(() =>
  props.selected && props.sheet ? { ...props.selected, column: VERDICT } : props.selected,
);

function write(row: LineRow, column: GridColumn<LineRow>, text: string): void {
  if (text.trim() === String(column.value?.(row) ?? '')) return;
  emit('edit', { kind: 'cells', cells: [{ line: row.line, column: column.key, text }] });
}

const asCells = (cells: { row: LineRow; column: GridColumn<LineRow>; text?: string }[]): SheetEdit => ({
  kind: 'cells',
  cells: cells.map(({ row, column, text }) => ({ line: row.line, column: column.key, text: text ?? '' })),
});

/** So much is open that tinting it would paint the whole table. */
const isCrowded = computed(() => {
  const open = props.coverage.report.lines.filter(({ status }) => status === 'hole' || status === 'faulty');
  return open.length > 6 && open.length / props.coverage.report.lines.length > 0.5;
});
const kindOf = ({ report }: LineRow) =>
  report.status === 'hole' || report.status === 'faulty' ? 'open' : undefined;
const operations = computed(() => new Set<string>(props.sheet ? [] : operationsIn(props.coverage.report)));

defineExpose({
  focusOn: (row: string, column: string) => grid.value?.focusOn(row, props.sheet ? VERDICT : column),
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
    :selected="chosen"
    :kind-of="kindOf"
    :group-of="groupOf"
    :is-arrangeable="sheet !== undefined"
    @light="emit('light', $event)"
    @open="(row, column) => emit('open', row.id, operations.has(column) ? column : null)"
    @paste="(cells) => emit('edit', asCells(cells))"
    @clear="(cells) => emit('edit', asCells(cells))"
    @erase="(gone) => sheet && emit('edit', { kind: 'erase', lines: gone.map(({ line }) => line) })"
    @duplicate="(rows) => sheet && emit('edit', { kind: 'duplicate', lines: rows.map(({ line }) => line) })"
    @arrange="
      (rows, before) =>
        emit('edit', { kind: 'arrange', lines: rows.map(({ line }) => line), before: before?.line ?? null })
    "
  >
    <template #editor="{ row, column, start, finish }">
      <CellEditor
        :column="column.key"
        :title="column.title"
        :value="String(column.value?.(row) ?? '')"
        :start="start"
        @write="
          (text, onward) => {
            write(row, column, text);
            finish(onward);
          }
        "
      />
    </template>
    <template #cell="{ row, column }">
      <div v-if="column.key === 'wire'" class="line">
        <button v-if="!isNarrow" type="button" class="handle" data-handle tabindex="-1" aria-label="Move">
          ⠿
        </button>
        <StatusMark :status="row.report.status" />
        <span class="one">{{ row.wire?.name ?? row.title }}</span>
      </div>
      <span v-else-if="column.key === 'terminal'" class="one">{{ row.terminal?.name ?? '–' }}</span>
      <div v-else-if="column.key === 'line'" class="line">
        <StatusMark :status="row.report.status" />
        <LineTitle :title="row.title" :wires="row.wires" />
        <em v-if="row.change" class="change" :class="row.change">{{ row.change }}</em>
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
      <span
        v-else-if="column.key === 'verdict'"
        class="one"
        :class="row.report.status"
        :title="verdictWords(row)"
        >{{ verdictWords(row) }}</span
      >
      <span v-else-if="!operations.has(column.key)" class="one">{{ column.value?.(row) }}</span>
      <div v-else class="steps">
        <small v-if="row.report.status === 'faulty'" class="nothing-asked" :title="verdictWords(row)">{{
          column.key === steps[0]?.key ? verdictWords(row) : '–'
        }}</small>
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

.change {
  flex: none;
  margin-left: auto;
  padding: 0 5px;
  border: 1px solid var(--copper);
  border-radius: 2px;
  color: var(--copper);
  font-size: 11.5px;
  font-style: normal;
}

.change.opened,
.change.worse {
  border-color: var(--hole);
  color: var(--hole);
}

.one {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.one.hole,
.one.faulty {
  color: var(--hole);
}

.one.makeshift {
  color: var(--makeshift);
}

.handle {
  flex: none;
  width: 14px;
  margin-left: -6px;
  padding: 0;
  color: var(--muted);
  opacity: 0.45;
}

.handle:hover {
  opacity: 1;
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

.nothing-asked {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  overflow: hidden;
  color: var(--hole);
  font-size: 11.5px;
  line-height: 1.2;
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
