<script setup lang="ts">
import type { Schemas } from '@/api/client';
import type { Pair } from '@/api/queries';
import PickOne from '@/shared/PickOne.vue';

/** Which kit is held against which scope, and beside it what comes of it. */
defineProps<{
  pair: Pair;
  kits: Schemas['KitSummary'][];
  scopes: Schemas['ScopeSummary'][];
  isFetching: boolean;
}>();
const emit = defineEmits<{ kit: [id: string]; scope: [id: string] }>();
</script>

<template>
  <div class="band">
    <div class="pick">
      <PickOne label="Kit" :items="kits" :picked="pair.kit" @pick="emit('kit', $event)" />
      <span class="times" aria-hidden="true">×</span>
      <PickOne label="Scope" :items="scopes" :picked="pair.scope" @pick="emit('scope', $event)" />
    </div>
    <slot />
    <v-progress-linear v-if="isFetching" class="progress" indeterminate height="2" color="primary" />
  </div>
</template>
<style scoped>
.band {
  position: relative;
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 2px 24px;
  align-items: center;
  padding-bottom: 6px;
}

.pick {
  display: grid;
  grid-template-columns: 214px auto 300px;
  gap: 8px;
  align-items: center;
  justify-content: start;
}

.times {
  color: var(--copper);
  font-size: 19px;
}

.progress {
  position: absolute;
  bottom: 0;
}

@media (max-width: 1180px) {
  .band {
    grid-template-columns: minmax(0, 1fr);
    gap: 6px;
  }

  .pick {
    grid-template-columns: minmax(0, 240px) auto minmax(0, 360px);
  }
}

@media (max-width: 600px) {
  .pick {
    grid-template-columns: minmax(0, 1fr);
    gap: 4px;
  }

  .times {
    display: none;
  }
}
</style>
