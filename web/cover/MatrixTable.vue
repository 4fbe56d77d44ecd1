<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import type { Matrix, MatrixCell } from '@/data/matrix';
import { counted } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import { cellWords, columnsOf, markOf, rowsOf, shareOf, type MatrixRow, type Order } from './matrix';

/** Scopes by kits: the row tells whether any kit does all of it, the cell how far each comes, and opens it on Cover. */
const props = defineProps<{ matrix: Matrix; order: Order }>();
const columns = computed(() => columnsOf(props.matrix, props.order));
const rows = computed(() => rowsOf(props.matrix, props.order));
const kitOf = (id: string) => props.matrix.kits.find((kit) => kit.id === id);
const nameOf = (id: string) => kitOf(id)?.name ?? id;

/** A kit that is kept by its things is shown on the day, any other as it is packed. */
const to = (kit: string, scope: string) => ({
  name: 'cover',
  query: {
    kit,
    scope,
    ...(props.matrix.on && kitOf(kit)?.tracked ? { on: props.matrix.on } : {}),
    ...(props.matrix.hand ? { hand: props.matrix.hand.id } : {}),
  },
});
const said = ({ whole, nearest, terminations }: MatrixRow) =>
  terminations === 0
    ? 'no lines yet'
    : whole.length === 1
      ? nameOf(whole[0] ?? '')
      : whole.length
        ? counted(whole.length, 'kit')
        : nearest
          ? `none; ${nameOf(nearest.kit)} comes nearest`
          : 'none';

/** What does less than half of it was hardly meant for it: the eye goes to what is nearly there. */
const isFar = ({ headline }: MatrixCell) => (headline.share ?? 0) < 0.5;

const table = useTemplateRef('table');
const steps: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};
/** From cell to cell, as in a sheet. */
function move(event: KeyboardEvent, row: number, column: number): void {
  const step = steps[event.key];
  if (!step) return;
  const next = table.value?.querySelector<HTMLElement>(`[data-cell="${row + step[0]} ${column + step[1]}"]`);
  if (!next) return;
  event.preventDefault();
  next.focus();
}
</script>

<template>
  <div class="scroll" tabindex="0" role="region" aria-label="Kits and scopes">
    <table ref="table">
      <thead>
        <tr>
          <th scope="col" class="scope first">Scope</th>
          <th scope="col" class="count">Terminations</th>
          <th scope="col" class="whole">All of it</th>
          <th v-for="kit in columns" :key="kit.id" scope="col" class="kit upright">
            <RouterLink :to="{ name: 'kit', params: { id: kit.id } }"
              ><span>{{ kit.name }}</span></RouterLink
            >
          </th>
        </tr>
      </thead>
      <tbody>
        <tr
          v-for="(row, at) in rows"
          :key="row.scope.id"
          :class="{ open: row.terminations && !row.whole.length }"
        >
          <th scope="row" class="scope first">
            <RouterLink :to="{ name: 'work', query: { scope: row.scope.id } }">{{
              row.scope.name
            }}</RouterLink>
            <small v-if="row.scope.hasOwnRules" class="muted">rules of its own</small>
          </th>
          <td class="count mono">{{ row.terminations || '' }}</td>
          <td class="whole">{{ said(row) }}</td>
          <td v-for="(cell, column) in row.cells" :key="cell.kit" class="cell">
            <RouterLink
              v-if="markOf(cell)"
              :to="to(cell.kit, cell.scope)"
              :data-cell="`${at} ${column}`"
              :class="[markOf(cell), { far: isFar(cell) }]"
              :aria-label="cellWords(cell, nameOf(cell.kit), row.scope.name)"
              :title="cellWords(cell, nameOf(cell.kit), row.scope.name)"
              @keydown="move($event, at, column)"
            >
              <StatusMark :status="markOf(cell) ?? 'hole'" :size="13" silent />
              <span class="mono">{{ shareOf(cell) }}</span>
            </RouterLink>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped src="@/shared/across.css"></style>
<style scoped>
thead th {
  height: 124px;
}

.scope {
  min-width: 210px;
  padding-right: 12px;
}

.kit span {
  max-height: 116px;
}

.scope a {
  color: var(--ink);
  text-decoration: none;
}

.scope a:hover {
  text-decoration: underline;
}

.scope small {
  display: block;
  font-weight: 400;
  line-height: 1.2;
}

.count {
  padding-right: 16px;
  text-align: right;
}

.whole {
  min-width: 150px;
  max-width: 210px;
  padding-right: 12px;
  line-height: 1.25;
}

.open .whole,
.open .scope a {
  color: var(--hole);
  font-weight: 640;
}

.cell a {
  display: grid;
  grid-template-columns: 15px 27px;
  gap: 3px;
  place-content: center;
  align-items: center;
  min-width: 56px;
  min-height: max(30px, var(--touch));
  color: var(--muted);
  font-size: 12.5px;
  text-align: right;
  text-decoration: none;
}

.cell:nth-child(even) {
  background: color-mix(in srgb, var(--row-wash) 55%, transparent);
}

.cell a.covered,
.cell a.makeshift {
  color: var(--ink);
  font-weight: 600;
}

.cell a.far svg {
  opacity: 0.4;
}

.cell a:hover,
.cell a:focus-visible {
  background: var(--row-wash);
  box-shadow: inset 0 -2px 0 var(--copper);
}
</style>
