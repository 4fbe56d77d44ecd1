<script setup lang="ts">
import { computed } from 'vue';
import type { Labour } from '@/data/labour';
import { pretty } from '@/shared/pretty';
import { span } from '@/shared/spans';
import { operationWords } from '@/shared/status';
import { gangWords } from './labourWords';

/** The tools that do it, the one that takes longest first, with what a hand squeezes for each. */
const { tools, isShared } = defineProps<{
  tools: Labour['tools'];
  /** Somebody asks how many of each several people need. */
  isShared: boolean;
}>();
const longest = computed(() => [...tools].sort((one, other) => other.seconds - one.seconds));
const most = computed(() => Math.max(...tools.map(({ seconds }) => seconds), 1));
</script>

<template>
  <table>
    <thead>
      <tr>
        <th>Tool</th>
        <th class="does">does</th>
        <th class="number">time</th>
        <th class="number">squeezes</th>
        <th v-if="isShared" class="number">needed</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="one in longest" :key="one.tool">
        <td>
          {{ pretty(one.name) }}
          <span class="mine" aria-hidden="true"
            ><i :style="{ width: `${(100 * one.seconds) / most}%` }"
          /></span>
          <small v-if="gangWords(one.gang)" class="muted">{{ gangWords(one.gang) }}</small>
        </td>
        <td class="does muted">
          {{ one.does.map(({ op, terminations }) => `${operationWords[op]} ${terminations}`).join(', ') }}
        </td>
        <td class="number mono">{{ span(one.seconds) }}</td>
        <td class="number mono">{{ one.squeezes || '–' }}</td>
        <td v-if="isShared" class="number mono">
          <b>{{ one.needed }}</b>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped src="./table.css"></style>

<style scoped>
.mine {
  display: block;
  height: 4px;
  margin-top: 4px;
}

.mine i {
  display: block;
  height: 100%;
  background: var(--copper);
}

.number {
  padding-right: 0;
  padding-left: 8px;
  text-align: right;
  white-space: nowrap;
}

.does {
  font-size: 12.5px;
}

@media (width < 560px) {
  .does {
    display: none;
  }
}
</style>
