<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { prose } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import { markOfFit } from '@/shared/status';

defineProps<{ reasons: Schemas['Reason'][] }>();
</script>

<template>
  <ul class="reasons">
    <li v-for="(reason, index) in reasons" :key="index" :class="reason.fit">
      <StatusMark :status="markOfFit[reason.fit]" :size="11" />
      <span :title="reason.code">{{ prose(reason.text) }}</span>
    </li>
  </ul>
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

.proper {
  color: var(--muted);
}
</style>
