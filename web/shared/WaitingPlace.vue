<script setup lang="ts" generic="Data">
import { refDebounced } from '@vueuse/core';
import { computed, type Ref } from 'vue';
import { problemOf } from '@/api/client';
import ProblemNote from './ProblemNote.vue';
import WaitBar from './WaitBar.vue';

/**
 * A place that shows what a query brings: until then it says what is waited for (after half a second, so that nothing
 * flickers), and when it fails it says so. Fills what is left of the height.
 */
const props = defineProps<{
  query: {
    data: Ref<Data>;
    error: Ref<unknown>;
    isFetching: Ref<boolean>;
    refetch: () => unknown;
  };
  what: string;
}>();
const isWaiting = computed(() => props.query.isFetching.value && props.query.data.value === undefined);
const isLong = refDebounced(isWaiting, 500);
</script>

<template>
  <div class="waited">
    <ProblemNote
      v-if="query.error.value && query.data.value === undefined"
      :problem="problemOf(query.error.value)"
      @retry="query.refetch()"
    />
    <template v-else-if="query.data.value === undefined">
      <div v-if="isLong" role="status" class="muted">
        Fetching {{ what }} …
        <WaitBar :says="`Fetching ${what}`" />
      </div>
    </template>
    <slot v-else :data="query.data.value" />
  </div>
</template>

<style scoped>
.waited {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}

.waited > :deep(.grid) {
  flex: 1;
  min-height: 320px;
}

@media print {
  .waited {
    display: block;
  }
}
</style>
