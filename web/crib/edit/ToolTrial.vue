<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, prose } from '@/shared/pretty';
import { markOfFit } from '@/shared/status';
import StatusMark from '@/shared/StatusMark.vue';
import { trialWords, triedGroups } from './trialWords';

/** What the core says of the shop's own wires and terminals under a tool, while it is drawn: in numbers, and why not, one by one. */
const props = defineProps<{ trial: Schemas['ToolTrial']; isBehind: boolean }>();

const fits = ['unsuitable', 'makeshift', 'proper'] as const;
const operations = computed(() =>
  props.trial.operations.map((operation) => ({
    ...operation,
    said: trialWords(operation, props.trial.first !== null),
    groups: fits
      .map((fit) => {
        const tried = operation.tried.filter((one) => one.fit === fit);
        return { fit, count: tried.length, told: triedGroups(tried, props.trial.names) };
      })
      .filter(({ count }) => count),
  })),
);
const share = (operation: Schemas['TrialOperation'], fit: Schemas['Fit']) =>
  operation.of ? `${(100 * operation[fit]) / operation.of}%` : '0';
const groupWords = { unsuitable: 'does not', makeshift: 'only just', proper: 'does' };
const opened = ref<Record<string, boolean>>({});
const isOpen = (op: string, fit: string) => opened.value[`${op} ${fit}`] ?? fit !== 'proper';
const toggle = (op: string, fit: string, event: Event) =>
  (opened.value[`${op} ${fit}`] = (event.target as HTMLDetailsElement).open);
</script>

<template>
  <section class="trial" aria-label="On your own wires and terminals" :aria-busy="isBehind">
    <p v-if="!operations.length" class="muted">
      What it does has no sizes of wires: it is judged where a line needs it.
    </p>
    <article v-for="operation in operations" :key="operation.op">
      <h3>
        <span role="status">
          {{ operation.said }}<small v-if="operation.makeshift">, {{ operation.makeshift }} only just</small>
        </span>
      </h3>
      <div class="shares" aria-hidden="true">
        <i class="proper" :style="{ width: share(operation, 'proper') }" />
        <i class="makeshift" :style="{ width: share(operation, 'makeshift') }" />
      </div>
      <details
        v-for="{ fit, count, told } in operation.groups"
        :key="fit"
        :open="isOpen(operation.op, fit)"
        @toggle="toggle(operation.op, fit, $event)"
      >
        <summary>
          <StatusMark :status="markOfFit[fit]" silent :size="11" /> {{ groupWords[fit] }} ({{ count }})
        </summary>
        <ul>
          <li v-for="one in told" :key="one.key">
            {{ one.title
            }}<template v-if="one.position && fit !== 'unsuitable'">, “{{ one.position }}”</template>
            <span v-if="one.text" class="muted">{{ prose(one.text) }}</span>
            <span v-if="one.wires.length" class="muted" :title="one.wires.join(', ')">
              with {{ one.wires.length > 2 ? counted(one.wires.length, 'wire') : one.wires.join(', ') }}
            </span>
          </li>
        </ul>
      </details>
    </article>
  </section>
</template>

<style scoped src="./trial.css"></style>

<style scoped>
.trial :deep(.mark) {
  margin: 0 3px;
}

h3 {
  font-size: 15px;
}

h3 small {
  font-size: 13px;
  font-weight: 400;
}

.shares {
  display: flex;
  height: 6px;
  margin: 4px 0 6px;
  border: 1px solid var(--tool-edge);
  border-radius: 2px;
  overflow: hidden;
}

.shares .proper {
  background: var(--covered);
}

.shares .makeshift {
  background: repeating-linear-gradient(45deg, var(--makeshift) 0 2px, transparent 2px 5px);
}

summary {
  padding: 3px 0;
  font-size: 13px;
  cursor: pointer;
}

ul {
  list-style: none;
  padding: 0 0 4px 17px;
  font-size: 13px;
}

li span {
  display: block;
  font-size: 12.5px;
}
</style>
