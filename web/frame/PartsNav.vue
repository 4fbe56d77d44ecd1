<script setup lang="ts">
import type { RouteLocationRaw } from 'vue-router';

/** One part of a place: where it leads and whether one is there. */
export interface Part {
  title: string;
  to: RouteLocationRaw;
  isHere: boolean;
  /** Small, behind its name: how many rows it has. */
  note?: string | number;
  /** Stands apart from the others: where things come from, not where they are. */
  isApart?: boolean;
}

/** The parts of one place, each by its own address: in a row above what they show, or in a column beside it. */
defineProps<{ parts: Part[]; label: string; inColumn?: boolean }>();
</script>

<template>
  <nav :class="inColumn ? 'parts-column' : 'parts-row'" :aria-label="label">
    <RouterLink
      v-for="part in parts"
      :key="part.title"
      :to="part.to"
      :class="{ apart: part.isApart }"
      :aria-current="part.isHere ? 'page' : undefined"
      >{{ part.title }}
      <small v-if="part.note !== undefined" class="mono muted">{{ part.note }}</small></RouterLink
    >
  </nav>
</template>

<style scoped>
.parts-row {
  display: flex;
  flex-wrap: wrap;
  gap: 0 20px;
}

.parts-column {
  display: grid;
  align-content: start;
  min-height: 0;
  overflow: auto;
}

a {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  min-height: max(var(--touch), 31px);
  border: 0 solid transparent;
  color: inherit;
  font-size: 14px;
  text-decoration: none;
}

.parts-row a {
  border-bottom-width: 2px;
}

.parts-column a {
  padding: 0 10px;
  border-left-width: 3px;
  font-size: 13.5px;
}

a[aria-current] {
  border-color: var(--copper);
  font-weight: 600;
}

a:hover {
  color: var(--copper);
}

.parts-row .apart {
  position: relative;
  margin-left: 20px;
}

.parts-row .apart::before {
  position: absolute;
  left: -20px;
  height: 18px;
  border-left: 1px solid var(--tool-edge);
  content: '';
}
</style>
