<script setup lang="ts">
/** The two halves of the bench: the card, and what is reckoned beside it. */
</script>

<template>
  <nav class="tabs" aria-label="Bench">
    <RouterLink :to="{ name: 'bench' }">Set-up card</RouterLink>
    <RouterLink :to="{ name: 'reckon' }">Reckon</RouterLink>
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 20px;
  padding-bottom: 8px;
}

a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  border-bottom: 2px solid transparent;
  color: inherit;
  font-size: 14px;
  text-decoration: none;
}

a.router-link-active {
  border-color: var(--copper);
  font-weight: 600;
}
</style>
