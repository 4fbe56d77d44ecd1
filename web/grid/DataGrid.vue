<script setup lang="ts" generic="Row extends { id: string }">
import { mdiArrowDown, mdiArrowUp, mdiChevronDown, mdiChevronRight } from '@mdi/js';
import { useElementSize } from '@vueuse/core';
import { computed, nextTick, useTemplateRef, watch } from 'vue';
import { FINGER, useFinger } from '@/theme/useFinger';
import { tracks, type GridColumn } from './columns';
import GridRow from './GridRow.vue';
import { useArranging } from './useArranging';
import { useEditing, type EditorOf } from './useEditing';
import { useExchange, type Pasted, type Standing } from './useExchange';
import { useRows, type Item } from './useRows';
import { useSight } from './useSight';
import { useWalk } from './useWalk';

/*
 * The one table: thousands of rows of which only those in sight are there, head and first column always in sight, walked by
 * keys, marked, copied to and pasted from a spreadsheet, sorted, grouped, and edited where somebody gives it an editor.
 *
 *   <DataGrid :columns :rows caption="Lines" @open="(row, key) => …">
 *     <template #cell="{ row, column }">…</template>
 *   </DataGrid>
 *
 * One cell is in the order of the tab key. Enter, Space or a click opens a cell; where the column is edited, Enter, F2, a double
 * click or a letter edits it, and the editor closes with `finish` or Esc. Ctrl+D fills the marked cells with the topmost. Rows
 * that may be arranged go up and down with Alt and the arrows, or by their handle; Alt+Shift+Down puts a copy below.
 */
const props = withDefaults(
  defineProps<{
    columns: GridColumn<Row>[];
    rows: Row[];
    caption: string;
    /** Rows to light, by id. */
    lit?: ReadonlySet<string> | undefined;
    selected?: { row: string; column: string } | null | undefined;
    /** A class for a whole row. */
    kindOf?: ((row: Row) => string | undefined) | undefined;
    groupOf?: ((row: Row) => string) | undefined;
    /** Rows may be put into another order; not while they are sorted or in groups. */
    isArrangeable?: boolean;
    /** Pixels; all rows are of one height, so that a thousand need not be measured. */
    rowHeight?: number | undefined;
  }>(),
  { lit: () => new Set<string>(), selected: null, kindOf: undefined, groupOf: undefined, rowHeight: 36 },
);
const emit = defineEmits<{
  open: [row: Row, column: string];
  light: [rows: string[]];
  /** Cells of a spreadsheet, from the marked cell on; what stands in no editable cell is left out. */
  paste: [cells: Pasted<Row>[]];
  /** Delete was pressed over these cells. */
  clear: [cells: Standing<Row>[]];
  /** Delete was pressed over the heads of these rows. */
  erase: [rows: Row[]];
  /** These rows are wanted before another one; null at the end. */
  arrange: [rows: Row[], before: Row | null];
  duplicate: [rows: Row[]];
}>();
const slots = defineSlots<{
  cell(props: { row: Row; column: GridColumn<Row> }): unknown;
  editor?(props: { row: Row; column: GridColumn<Row> } & EditorOf): unknown;
}>();

const isByFinger = useFinger();
const head = computed(() => (isByFinger.value ? FINGER : 28));
const tall = computed(() => (isByFinger.value ? Math.max(FINGER, props.rowHeight) : props.rowHeight));
const root = useTemplateRef<HTMLElement>('root');
const { height } = useElementSize(root, { width: 0, height: 400 });
const { items, sorting, sort, toggle } = useRows(
  () => props.rows,
  () => props.columns,
  () => props.groupOf,
);
const laid = computed(() => tracks(props.columns));

const walk = useWalk(
  () => ({ row: items.value.length, column: props.columns.length }),
  () => Math.max(1, Math.floor((height.value - head.value) / tall.value) - 1),
  ({ row }) => sight.scrollTo(row, 'auto'),
);
const { at, range, hasRange } = walk;

const sight = useSight(root, {
  count: () => items.value.length,
  rowHeight: () => tall.value,
  head: () => head.value,
  focus: () => at.value.row,
  id: (index) => items.value[index]?.id ?? String(index),
});
const { total } = sight;
const visible = computed(() =>
  sight.sighted.value.flatMap(({ index, top }) => {
    const item = items.value[index];
    return item ? [{ item, index, top }] : [];
  }),
);

const chosenColumn = computed(() => props.columns.findIndex(({ key }) => key === props.selected?.column));
const isMarked = (row: number) => hasRange.value && row >= range.value.top && row <= range.value.bottom;

const element = ({ row, column }: { row: number; column: number }) =>
  root.value?.querySelector<HTMLElement>(`[aria-rowindex="${row + 2}"] [data-column="${column}"]`) ?? null;

/** The row may have to be drawn first, and for that the rows in sight to be found out. */
async function focusAt(): Promise<void> {
  await nextTick();
  for (let tries = 0; tries < 3 && !element(at.value); tries++) await nextTick();
  element(at.value)?.focus({ preventScroll: true });
}

function cellOf(target: EventTarget | null): { row: number; column: number } | null {
  const cell = target instanceof Element ? target.closest<HTMLElement>('[data-column]') : null;
  const row = Number(cell?.closest('[aria-rowindex]')?.getAttribute('aria-rowindex')) - 2;
  return cell && root.value?.contains(cell) ? { row, column: Number(cell.dataset.column) } : null;
}

/** What stands at a place of the screen, where that is a cell. */
function standing({ row, column }: { row: number; column: number }): Standing<Row> | null {
  const item = items.value[row];
  const of = props.columns[column];
  return item?.kind === 'row' && of ? { row: item.row, column: of } : null;
}
const exchange = useExchange<Row>(() => range.value, standing);

const isWritten = (place: { row: number; column: number }) =>
  standing(place)?.column.isEditable === true && slots.editor !== undefined;

const { editing, begin, finish } = useEditing({
  element,
  isEditable: isWritten,
  size: () => ({ row: items.value.length, column: props.columns.length }),
  go: (place) => walk.go(place),
  focus: focusAt,
});

const mayArrange = computed(() => props.isArrangeable && !props.groupOf && sorting.value === null);
const rowOf = (place: number) => standing({ row: place, column: 0 })?.row ?? null;
const rowsBetween = (top: number, bottom: number) =>
  items.value.slice(top, bottom + 1).flatMap((item) => (item.kind === 'row' ? [item.row] : []));

/** Puts the rows from the first to the last of these places before another place, and goes along with them. */
function arrange(top: number, bottom: number, before: number): void {
  const rows = rowsBetween(top, bottom);
  if (!mayArrange.value || rows.length === 0 || before < 0 || before > items.value.length) return;
  emit('arrange', rows, rowOf(before));
}

const arranging = useArranging({
  rowAt(clientY) {
    const area = root.value?.querySelector('.rows')?.getBoundingClientRect();
    const down = area ? (clientY - area.top) / tall.value : -1;
    const row = Math.max(0, Math.min(items.value.length - 1, Math.floor(down)));
    return area ? { row, share: down - row } : null;
  },
  drop: (from, before) => {
    const isMarkedToo = hasRange.value && from >= range.value.top && from <= range.value.bottom;
    const [top, bottom] = isMarkedToo ? [range.value.top, range.value.bottom] : [from, from];
    arrange(top, bottom, before);
  },
});

function act(place: { row: number; column: number }, isEditing: boolean): void {
  const item = items.value[place.row];
  if (item?.kind === 'group') {
    toggle(item.id);
    return;
  }
  const cell = standing(place);
  if (!cell) return;
  if (isEditing && isWritten(place)) {
    begin(cell.row.id, place);
  } else {
    emit('open', cell.row, cell.column.key);
  }
}

const isPressed = (key: string) => key === 'Enter' || key === ' ';
const hasItsOwn = (target: EventTarget | null) =>
  target instanceof Element && target.closest('button, input, select, a[href]') !== null;

function press(event: KeyboardEvent): void {
  if (editing.value !== null) {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    finish();
    return;
  }
  // The buttons of the head have keys of their own, and so has what can be pressed within a cell.
  if (!cellOf(event.target) || (isPressed(event.key) && hasItsOwn(event.target))) return;
  const { top, bottom } = range.value;
  const isFar = event.ctrlKey || event.metaKey;
  if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
    event.preventDefault();
    if (event.shiftKey) emit('duplicate', rowsBetween(top, bottom));
    else if (event.key === 'ArrowUp') arrange(top, bottom, top - 1);
    else arrange(top, bottom, bottom + 2);
  } else if (isFar && event.key.toLowerCase() === 'd') {
    event.preventDefault();
    const cells = exchange.filled();
    if (cells.length) emit('paste', cells);
  } else if (walk.press(event)) {
    event.preventDefault();
    if (event.key === 'Escape') event.stopPropagation();
    void focusAt();
  } else if (isPressed(event.key) || event.key === 'F2') {
    event.preventDefault();
    act(at.value, event.key !== ' ');
  } else if (event.key === 'Delete') {
    const cells = exchange.editable();
    if (range.value.left === 0) emit('erase', exchange.rows());
    else if (cells.length) emit('clear', cells);
  } else if (event.key.length === 1 && !isFar && !event.altKey && isWritten(at.value)) {
    // A letter writes, as in a sheet; the keys of the page wait.
    event.preventDefault();
    event.stopPropagation();
    begin(rowOf(at.value.row)?.id ?? '', at.value, event.key);
  }
}

/** A button that is pressed with Shift marks from where one was; until it is released nothing changes. */
let isMarking = false;

function doubleClick(event: MouseEvent): void {
  const place = cellOf(event.target);
  if (place && standing(place)?.column.isEditable) act(place, true);
}

function click(event: MouseEvent): void {
  isMarking = false;
  const place = cellOf(event.target);
  if (place === null || editing.value !== null) return;
  walk.go(place, event.shiftKey);
  void focusAt();
  const isEdited = standing(place)?.column.isEditable && slots.editor;
  if (!event.shiftKey && !isEdited) act(place, false);
}

function focused(event: FocusEvent): void {
  const place = cellOf(event.target);
  if (!place || isMarking) return;
  if (place.row !== at.value.row || place.column !== at.value.column) walk.stand(place);
  const cell = standing(place);
  emit('light', cell ? [cell.row.id] : []);
}

let pointed: string | null = null;
function point(event: PointerEvent): void {
  const row = (event.target as Element).closest<HTMLElement>('[data-row]')?.dataset.row ?? null;
  if (row === pointed) return;
  pointed = row;
  emit('light', row === null ? [] : [row]);
}

function unpoint(): void {
  pointed = null;
  emit('light', []);
}

function copy(event: ClipboardEvent): void {
  // What was marked with the mouse within a text is the browser's own.
  if (editing.value !== null || window.getSelection()?.isCollapsed === false) return;
  const text = exchange.taken();
  if (text === null) return;
  event.clipboardData?.setData('text/plain', text);
  event.preventDefault();
}

function paste(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData('text/plain') ?? '';
  if (editing.value !== null || text === '' || !props.columns.some(({ isEditable }) => isEditable)) return;
  event.preventDefault();
  const cells = exchange.put(text);
  if (cells.length) emit('paste', cells);
}

const indexOf = (row: string) => items.value.findIndex((item) => item.kind === 'row' && item.id === row);

/** Puts the focus on a cell, so that the keys go on from there. */
function focusOn(row: string, column: string): void {
  const place = { row: indexOf(row), column: props.columns.findIndex(({ key }) => key === column) };
  if (place.row < 0) return;
  walk.go({ ...place, column: Math.max(0, place.column) });
  void focusAt();
}

/** Scrolls as little as it takes for one of these rows to be seen. */
function reveal(rows: ReadonlySet<string>): void {
  const places = items.value.flatMap((item, index) => (rows.has(item.id) ? [index] : []));
  const first = places[0];
  if (first !== undefined && !places.some(sight.isSeen)) sight.scrollTo(first, 'center');
}

watch(
  () => [items.value.length, props.columns.length],
  () => {
    const within = {
      row: Math.min(at.value.row, Math.max(0, items.value.length - 1)),
      column: Math.min(at.value.column, Math.max(0, props.columns.length - 1)),
    };
    if (within.row !== at.value.row || within.column !== at.value.column) at.value = within;
  },
);
// What is asked about is in sight, also when the room for it has changed.
watch([() => props.selected?.row, height], ([row]) => row && void nextTick(() => reveal(new Set([row]))), {
  immediate: true,
});

const isRow = (item: Item<Row>): item is Extract<Item<Row>, { kind: 'row' }> => item.kind === 'row';
const ariaSort = (key: string) =>
  sorting.value?.key === key ? (sorting.value.isDescending ? 'descending' : 'ascending') : undefined;

/** So many pixels down the line shows where what is held would be put. */
const goalTop = computed(() => (arranging.goal.value === null ? null : arranging.goal.value * tall.value));

function pointerDown(event: PointerEvent): void {
  isMarking = event.shiftKey;
  const handle = event.target instanceof Element ? event.target.closest('[data-handle]') : null;
  const place = handle && cellOf(handle);
  if (place && mayArrange.value) arranging.take(event, place.row);
}

defineExpose({ focusOn, reveal });
</script>

<template>
  <div
    ref="root"
    class="grid"
    role="grid"
    :aria-label="caption"
    :aria-rowcount="items.length + 1"
    :aria-colcount="columns.length"
    :style="{
      '--columns': laid.template,
      '--least': `${laid.least}px`,
      '--row': `${tall}px`,
      '--head': `${head}px`,
    }"
    @keydown="press"
    @pointerdown="pointerDown"
    @pointermove="arranging.move"
    @pointerup="arranging.letGo()"
    @pointercancel="arranging.cancel()"
    @click="click"
    @dblclick="doubleClick"
    @focusin="focused"
    @pointerover="point"
    @pointerleave="unpoint"
    @copy="copy"
    @paste="paste"
  >
    <div class="head" role="row" aria-rowindex="1">
      <div
        v-for="(column, index) in columns"
        :key="column.key"
        class="cell"
        :class="column.align"
        role="columnheader"
        :aria-colindex="index + 1"
        :aria-sort="ariaSort(column.key)"
      >
        <button v-if="column.value" type="button" @click.stop="sort(column.key)">
          {{ column.title }}
          <v-icon
            v-if="sorting?.key === column.key"
            :icon="sorting.isDescending ? mdiArrowDown : mdiArrowUp"
            size="13"
          />
        </button>
        <template v-else>{{ column.title }}</template>
      </div>
    </div>
    <div class="rows" role="rowgroup" :style="{ height: `${total}px` }">
      <div v-if="goalTop !== null" class="goal" :style="{ transform: `translateY(${goalTop}px)` }" />
      <template v-for="{ item, index, top } in visible" :key="item.id">
        <GridRow
          v-if="isRow(item)"
          :row="item.row"
          :columns="columns"
          :index="index + 2"
          :top="top"
          :kind="kindOf?.(item.row)"
          :is-lit="lit.has(item.id)"
          :is-chosen="selected?.row === item.id"
          :chosen="selected?.row === item.id ? chosenColumn : -1"
          :at="at.row === index ? at.column : -1"
          :marked-from="isMarked(index) ? range.left : -1"
          :marked-to="isMarked(index) ? range.right : -1"
          :editing="editing?.row === item.id ? editing.place.column : -1"
        >
          <template #cell="cell"><slot name="cell" v-bind="cell" /></template>
          <template #editor="cell"
            ><slot name="editor" v-bind="cell" :start="editing?.start ?? null" :finish="finish"
          /></template>
        </GridRow>
        <div
          v-else
          class="row group"
          role="row"
          :aria-rowindex="index + 2"
          :style="{ transform: `translateY(${top}px)` }"
        >
          <div
            class="cell"
            role="rowheader"
            :aria-expanded="item.isOpen"
            :tabindex="at.row === index ? 0 : -1"
            data-column="0"
          >
            <v-icon :icon="item.isOpen ? mdiChevronDown : mdiChevronRight" size="15" />
            <b>{{ item.title }}</b> <span class="muted">{{ item.count }}</span>
          </div>
        </div>
      </template>
    </div>
  </div>
</template>

<style scoped>
.grid {
  position: relative;
  overflow: auto;
  font-size: 13px;
  /* What scrolls here does not scroll the page along. */
  overscroll-behavior: contain;
}

.head,
.grid :deep(.row) {
  display: grid;
  grid-template-columns: var(--columns);
  min-width: var(--least);
  width: 100%;
}

.head {
  position: sticky;
  top: 0;
  z-index: 3;
  height: var(--head);
  background: var(--ground);
  border-bottom: 1px solid var(--ink);
  color: var(--muted);
  font-weight: 560;
}

.head button {
  padding: 0;
  height: 100%;
  display: flex;
  align-items: center;
  gap: 3px;
  font-weight: inherit;
  white-space: nowrap;
  cursor: pointer;
}

.rows {
  position: relative;
  min-width: var(--least);
}

.grid :deep(.row) {
  position: absolute;
  top: 0;
  left: 0;
  height: var(--row);
  background: var(--ground);
  border-bottom: 1px solid var(--hairline);
  contain: layout style;
}

.head .cell,
.grid :deep(.cell) {
  display: flex;
  align-items: center;
  min-width: 0;
  padding: 0 8px;
  overflow: hidden;
}

.grid :deep(.row .cell) {
  cursor: pointer;
}

.grid :deep(.end) {
  justify-content: flex-end;
  text-align: right;
}

/* The first column tells what a row is: it stays in sight. */
.head .cell:first-child,
.grid :deep(.row .cell:first-child) {
  position: sticky;
  left: 0;
  z-index: 1;
  background: inherit;
}

.grid :deep(.row.lit),
.grid :deep(.row.chosen) {
  background: var(--row-wash);
}

.grid :deep(.row.open) {
  background: var(--open-row, color-mix(in srgb, var(--hole-wash) 55%, var(--ground)));
}

.grid :deep(.row.open.lit),
.grid :deep(.row.open.chosen) {
  background: var(--hole-wash);
}

.goal {
  position: absolute;
  top: -2px;
  z-index: 2;
  width: 100%;
  height: 3px;
  background: var(--copper);
  pointer-events: none;
}

.grid :deep([data-handle]) {
  cursor: grab;
  touch-action: none;
}

@media (pointer: coarse) {
  .grid :deep([data-handle]) {
    min-width: 44px;
    min-height: 44px;
  }
}

.grid :deep(.marked) {
  background: color-mix(in srgb, var(--copper) 16%, var(--ground)) !important;
}

.grid :deep(.selected) {
  box-shadow: inset 0 0 0 2px var(--copper);
}

.group {
  grid-template-columns: 1fr;
  color: var(--ink);
}

.group .cell {
  gap: 6px;
}

.grid :deep(:focus-visible) {
  outline-offset: -2px;
}

@media print {
  .grid {
    overflow: visible;
    height: auto !important;
  }

  /* One below the other, so that no row is cut where a sheet ends. */
  .rows {
    height: auto !important;
  }

  .grid :deep(.row) {
    position: static;
    transform: none !important;
    break-inside: avoid;
  }

  .head {
    position: static;
  }

  .grid :deep(.selected) {
    box-shadow: none;
  }
}
</style>
