<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import type { Schemas } from '@/api/client';
import GridTable, { type GridColumn } from '@/shared/GridTable.vue';
import { pretty } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import { operationWords } from '@/shared/status';
import { operationsIn, type LineRow } from './reading';

const props = defineProps<{
  coverage: Schemas['Coverage'];
  rows: LineRow[];
  lit: ReadonlySet<string>;
  selected: { row: string; column: string } | null;
}>();
const emit = defineEmits<{ open: [line: string, operation: string | null]; light: [lines: string[]] }>();

const grid = useTemplateRef('grid');
const columns = computed<GridColumn[]>(() => [
  { key: 'line', title: 'Line' },
  { key: 'size', title: 'Size', align: 'end' },
  { key: 'quantity', title: 'Count', align: 'end' },
  ...operationsIn(props.coverage.report).map((operation) => ({
    key: operation,
    title: operationWords[operation],
  })),
]);

const stepsOf = (row: LineRow, operation: string) => {
  const seen = new Set<string>();
  return row.report.steps.filter((step) => {
    const key = `${step.op} ${step.status} ${step.tool} ${step.position}`;
    return step.op === operation && !seen.has(key) && seen.add(key);
  });
};
const isOperation = (column: string) => !['line', 'size', 'quantity'].includes(column);
const toolName = (id: string | null) => (id ? (props.coverage.tools[id]?.name ?? id) : '');

defineExpose({ focusOn: (row: string, column: string) => grid.value?.focusOn(row, column) });
</script>

<template>
  <GridTable
    ref="grid"
    :columns="columns"
    :rows="rows"
    caption="Lines of the scope, with the tool for each step"
    :lit="lit"
    :selected="selected"
    :row-class="(row) => (['hole', 'faulty'].includes(row.report.status) ? 'open' : undefined)"
    @light="emit('light', $event)"
    @open="(row, column) => emit('open', row.id, isOperation(column) ? column : null)"
  >
    <template #cell="{ row, column }">
      <div v-if="column.key === 'line'" class="line">
        <StatusMark :status="row.report.status" />
        <span>
          <b v-if="row.terminal">{{ row.terminal.name }}</b>
          <b v-else>Screw, {{ row.line.torque }} N·m</b>
          <small class="muted">
            {{ row.wire?.name }}<template v-if="row.wireB"> and {{ row.wireB.name }}</template>
          </small>
        </span>
      </div>
      <span v-else-if="column.key === 'size'" class="mono size">
        <template v-for="(size, index) in row.size" :key="size.text">
          <small v-if="index > 0" class="muted"
            >{{ size.isWritten ? '' : '≈ ' }}{{ pretty(size.text) }}</small
          >
          <span v-else>{{ size.isWritten ? '' : '≈ ' }}{{ pretty(size.text) }}</span>
        </template>
      </span>
      <span v-else-if="column.key === 'quantity'" class="mono">{{ row.line.quantity ?? 1 }}</span>
      <template v-else>
        <div v-for="(step, index) in stepsOf(row, column.key)" :key="index" class="step" :class="step.status">
          <StatusMark :status="step.status" />
          <span v-if="step.tool" :title="toolName(step.tool)">
            <small v-if="step.position" class="position">{{ pretty(step.position) }}</small>
            {{ ` ${toolName(step.tool)}` }}
          </span>
          <span v-else class="nothing">no tool</span>
          <b v-if="step.unbacked" class="unbacked" title="One tool only, no backup">1×</b>
        </div>
      </template>
    </template>
  </GridTable>
</template>

<style scoped>
.line {
  display: flex;
  gap: 10px;
  align-items: center;
  min-width: 11rem;
}

.line b {
  display: block;
  font-weight: 560;
  line-height: 1.2;
}

.line small {
  display: block;
  line-height: 1.25;
  font-size: 12px;
}

.size {
  display: flex;
  flex-direction: column;
  line-height: 1.2;
  white-space: nowrap;
}

.size small {
  font-size: 11px;
}

.step {
  display: flex;
  gap: 7px;
  align-items: baseline;
  line-height: 1.25;
  min-width: 5rem;
  font-size: 12.5px;
}

.step > span {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  line-clamp: 2;
  overflow: hidden;
}

.step :deep(svg) {
  align-self: center;
}

.position {
  font-family: var(--mono);
  font-weight: 500;
  font-size: 11px;
  white-space: nowrap;
  border: 1px solid var(--hairline);
  border-radius: 2px;
  padding: 0 3px;
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

/* On paper nothing can be pointed at to read the rest of it. */
@media print {
  .step > span {
    display: inline;
  }
}
</style>
