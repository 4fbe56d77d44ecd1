<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, prose } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import { fitWords, markOfFit } from '@/shared/status';

/** What fails stands first; beside it what fits is folded, and where nothing fails it is all there is to say. */
const props = defineProps<{ reasons: Schemas['Reason'][] }>();

const amiss = computed(() => props.reasons.filter((reason) => reason.fit !== 'proper'));
const fitting = computed(() => props.reasons.filter((reason) => reason.fit === 'proper'));
</script>

<template>
  <ul v-if="amiss.length" class="reasons">
    <li v-for="(reason, index) in amiss" :key="index" :class="reason.fit">
      <StatusMark :status="markOfFit[reason.fit]" :says="fitWords[reason.fit]" :size="11" />
      <span :title="reason.code">{{ prose(reason.text) }}</span>
    </li>
  </ul>
  <component :is="amiss.length ? 'details' : 'div'" v-if="fitting.length" class="fitting">
    <summary v-if="amiss.length">
      {{ counted(fitting.length, 'point') }} {{ fitting.length === 1 ? 'fits' : 'fit' }}
    </summary>
    <ul class="reasons">
      <li v-for="(reason, index) in fitting" :key="index" class="proper">
        <StatusMark status="covered" says="fits" :size="11" />
        <span :title="reason.code">{{ prose(reason.text) }}</span>
      </li>
    </ul>
  </component>
</template>

<style scoped>
.reasons {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 3px;
}

li {
  display: grid;
  grid-template-columns: 14px 1fr;
  gap: 7px;
  align-items: baseline;
}

.proper,
summary {
  margin-left: 21px;
  color: var(--muted);
}

summary {
  margin-left: 21px;
  display: inline-flex;
  align-items: center;
  min-height: 26px;
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
</style>
