<script setup lang="ts">
import { nextTick, useTemplateRef, watch } from 'vue';
import { useRoute } from 'vue-router';
import { placeAt, places } from './places';

/** The places in the order of work: in the head, or at the foot of a narrow page as a row that scrolls. */
const nav = useTemplateRef<HTMLElement>('nav');
const route = useRoute();
watch(
  () => route.name,
  () =>
    void nextTick(() =>
      nav.value?.querySelector('.here')?.scrollIntoView({ inline: 'nearest', block: 'nearest' }),
    ),
);
</script>

<template>
  <nav ref="nav" aria-label="Places">
    <RouterLink
      v-for="place in places"
      :key="place.name"
      :to="{ name: place.name }"
      :class="{ here: place === placeAt(route.path) }"
      >{{ place.title }}</RouterLink
    >
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  gap: 2px;
  min-width: 0;
  overflow-x: auto;
  scrollbar-width: none;
}

a {
  display: flex;
  flex: none;
  align-items: center;
  padding: 0 12px;
  min-height: var(--touch);
  color: var(--muted);
  text-decoration: none;
  border-bottom: 3px solid transparent;
  border-top: 3px solid transparent;
}

a.here {
  color: var(--ink);
  font-weight: 600;
  border-bottom-color: var(--copper);
}

a:focus-visible {
  outline-offset: -3px;
}

@media (max-width: 1100px) {
  a {
    padding: 0 9px;
  }
}

@media (max-width: 760px) {
  nav {
    min-height: 52px;
    border-top: 1px solid var(--hairline);
    background: var(--ground);
  }

  a {
    flex: 1 1 auto;
    justify-content: center;
    min-width: 0;
    padding: 0 4px;
    border-bottom-width: 0;
  }

  a.here {
    border-top-color: var(--copper);
  }
}

@media (forced-colors: active) {
  a {
    border-color: Canvas;
  }

  a.here {
    border-color: Highlight;
  }
}

@media print {
  nav {
    display: none;
  }
}
</style>
