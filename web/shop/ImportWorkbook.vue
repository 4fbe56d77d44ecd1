<script setup lang="ts">
import { mdiFileUploadOutline } from '@mdi/js';
import { useDropZone } from '@vueuse/core';
import { computed, nextTick, onMounted, ref, shallowRef, useTemplateRef, watch } from 'vue';
import { useRouter, type RouteLocationRaw } from 'vue-router';
import { problemOf, type Schemas } from '@/api/client';
import { useKitsAndScopes } from '@/data/pairs';
import { handOver, isTable, takeHanded } from '@/frame/handedOver';
import example from '../../database/demo/tarnholt-ropeway.json?url';
import { counted } from '@/shared/pretty';
import WaitBar from '@/shared/WaitBar.vue';
import BringLog from './BringLog.vue';
import ProblemTable from './ProblemTable.vue';
import { useImport } from './useImport';

const { check, apply, undo, undoHere } = useImport();
const zone = useTemplateRef<HTMLElement>('zone');
const input = useTemplateRef<HTMLInputElement>('input');
const outcome = useTemplateRef<HTMLElement>('outcome');
const file = ref<File | null>(null);
/** It was brought here, but is a table: of what, only its owner knows. */
const table = shallowRef<File | null>(null);
const router = useRouter();
const { kits, scopes, isLoading } = useKitsAndScopes();
const ways = computed(() => {
  const scope = scopes.value.find(({ archived }) => !archived);
  return [
    ...(scope ? [{ of: `lines of ${scope.name}`, to: { name: 'table', query: { scope: scope.id } } }] : []),
    ...(['tools', 'terminals', 'wires', 'kits', 'assets', 'people'] as const).map((list) => ({
      of: list === 'assets' ? 'things with tags' : list,
      to: { name: 'things', params: { list } },
    })),
  ];
});
function takeThere(to: RouteLocationRaw): void {
  if (table.value) handOver(table.value);
  void router.push(to);
}

function take(files: FileList | File[] | null): void {
  const one = files?.[0];
  if (!one) return;
  table.value = isTable(one) ? one : null;
  if (table.value) return;
  file.value = one;
  apply.reset();
  undo.reset();
  check.mutate(one);
}

onMounted(() => {
  const handed = takeHanded();
  if (handed) take([handed]);
});

const { isOverDropZone } = useDropZone(zone, { onDrop: take, multiple: false });

function chosen(event: Event): void {
  const target = event.target as HTMLInputElement;
  take(target.files);
  // The same file, mended, must count as a new choice.
  target.value = '';
}

/** The example tells of other days than a shop's own log does: it is for who has nothing yet. */
const isEmpty = computed(() => !isLoading.value && kits.value.length === 0 && scopes.value.length === 0);

const problem = computed(() => {
  const error = undo.error.value ?? apply.error.value ?? check.error.value;
  return error ? problemOf(error) : null;
});
const plan = computed(() => apply.data.value ?? check.data.value ?? null);
const isApplied = computed(() => apply.data.value !== undefined);
const isUndone = computed(() => undo.isSuccess.value);
const lists: [keyof Schemas['Import']['counts'], string][] = [
  ['wires', 'Wires'],
  ['terminals', 'Terminals'],
  ['tools', 'Tools'],
  ['kits', 'Kits'],
  ['scopes', 'Scopes'],
  ['people', 'People'],
  ['assets', 'Things'],
  ['stock', 'Stock'],
  ['boxes', 'Divided boxes'],
  ['stations', 'Stations'],
  ['exercises', 'Exercises'],
  ['sessions', 'Classes'],
  ['log', 'What happened'],
];

function startOver(): void {
  file.value = null;
  check.reset();
  apply.reset();
  undo.reset();
}

watch([problem, plan, isUndone], () => void nextTick(() => outcome.value?.focus()));
</script>

<template>
  <div>
    <div ref="zone" class="zone" :class="{ over: isOverDropZone }">
      <v-icon :icon="mdiFileUploadOutline" size="28" aria-hidden="true" />
      <div>
        <p class="call">
          {{ isOverDropZone ? 'Let go to read it' : 'Drop a workbook here' }}
          <span class="muted">or</span>
          <v-btn size="small" :loading="check.isPending.value" @click="input?.click()">choose a file</v-btn>
        </p>
        <p class="muted small">
          JSON, or a zip of tables, up to 10 MB. No workbook yet?
          <a v-if="isEmpty" :href="example" download="example-workbook.json">Take the example</a>
          <a v-else href="/api/v1/workbook" download>Take what this shop has</a>, change it, bring it back.
        </p>
      </div>
      <input
        ref="input"
        class="visually-hidden"
        type="file"
        accept=".json,.zip,application/json,application/zip"
        aria-label="Workbook file"
        tabindex="-1"
        @change="chosen"
      />
    </div>

    <div v-if="table" class="outcome" role="alert">
      <p>“{{ table.name }}” is a table, not a workbook. What are its rows?</p>
      <p class="ways">
        <v-btn v-for="way in ways" :key="way.of" size="small" @click="takeThere(way.to)">{{ way.of }}</v-btn>
      </p>
      <BringLog :key="table.name + table.lastModified" :file="table" />
    </div>

    <div v-if="check.isPending.value" class="outcome" role="status">
      <p>Reading {{ file?.name }} …</p>
      <WaitBar says="Looking at the file" />
    </div>

    <section v-else-if="problem" ref="outcome" class="outcome" tabindex="-1" aria-labelledby="problems">
      <h3 id="problems" class="bad">
        {{
          problem.problems ? `${counted(problem.problems.length, 'problem')} in ${file?.name}` : problem.title
        }}
      </h3>
      <p class="muted">
        {{ problem.detail }} {{ problem.problems ? 'Mend the file and bring it again.' : '' }}
      </p>
      <ProblemTable v-if="problem.problems" class="problems" :problems="problem.problems" />
    </section>

    <section v-else-if="isUndone" ref="outcome" class="outcome" tabindex="-1" aria-labelledby="undone">
      <h3 id="undone">{{ plan?.fileName }} was taken back</h3>
      <p class="muted">The shop is as it was before.</p>
      <div class="actions"><v-btn @click="startOver">Import another</v-btn></div>
    </section>

    <section v-else-if="plan" ref="outcome" class="outcome" tabindex="-1" aria-labelledby="plan">
      <h3 id="plan">
        <template v-if="isApplied">{{ plan.fileName }} is in the shop</template>
        <template v-else-if="plan.changesNothing">{{ plan.fileName }} changes nothing</template>
        <template v-else>{{ plan.fileName }} is good. It would</template>
      </h3>
      <table class="counts">
        <thead>
          <tr>
            <td></td>
            <th scope="col">{{ isApplied ? 'added' : 'add' }}</th>
            <th scope="col">{{ isApplied ? 'changed' : 'change' }}</th>
            <th scope="col">{{ isApplied ? 'left as it was' : 'leave' }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[key, title] in lists" :key="key">
            <th scope="row">{{ title }}</th>
            <td class="mono" :class="{ some: plan.counts[key].added }">{{ plan.counts[key].added }}</td>
            <td class="mono" :class="{ some: plan.counts[key].changed }">{{ plan.counts[key].changed }}</td>
            <td class="mono">{{ plan.counts[key].left }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="plan.changesHouseRules">
        The house rules of the shop {{ isApplied ? 'were' : 'would be' }} replaced by those of the workbook.
      </p>
      <div class="actions">
        <template v-if="isApplied || plan.changesNothing">
          <v-btn color="primary" variant="flat" :to="{ name: 'cover' }">See what is covered</v-btn>
          <v-btn @click="startOver">Import another</v-btn>
          <v-btn v-if="isApplied && plan.canUndo" :loading="undo.isPending.value" @click="undoHere(plan.id)">
            Take it back
          </v-btn>
        </template>
        <template v-else>
          <v-btn
            color="primary"
            variant="flat"
            :loading="apply.isPending.value"
            @click="apply.mutate(plan.id)"
            >Apply</v-btn
          >
          <v-btn :disabled="apply.isPending.value" @click="startOver">Leave it</v-btn>
        </template>
      </div>
    </section>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.zone {
  display: flex;
  gap: 18px;
  align-items: center;
  padding: 22px;
  border: 1.5px dashed var(--tool-edge);
  border-radius: 4px;
}

.zone.over {
  border-color: var(--copper);
  background: var(--row-wash);
}

.call {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 0;
  font-size: 16px;
  font-weight: 560;
}

.small {
  margin: 4px 0 0;
  font-size: 13px;
}

.outcome {
  margin-top: 22px;
  outline: none;
}

h3 {
  font-size: 16px;
}

.bad {
  color: var(--hole);
}

table {
  border-collapse: collapse;
  margin-top: 10px;
  font-size: 13px;
}

th,
td {
  text-align: left;
  font-weight: 400;
  padding: 6px 14px 6px 0;
  border-bottom: 1px solid var(--hairline);
  vertical-align: top;
}

thead th {
  color: var(--muted);
  white-space: nowrap;
}

.counts td,
.counts thead th {
  text-align: right;
  padding-left: 26px;
}

.counts .some {
  font-weight: 500;
  color: var(--copper);
}

.actions {
  display: flex;
  gap: 10px;
  margin-top: 18px;
}
</style>
