<script setup lang="ts">
/** Where nothing is yet: what goes here, why it matters, and the next step. */
defineProps<{ title: string }>();
</script>

<template>
  <section class="empty">
    <h2>{{ title }}</h2>
    <p><slot /></p>
    <slot name="next" />
  </section>
</template>

<style scoped>
.empty {
  max-width: 52ch;
  padding: 8vh 0;
}

h2 {
  font-size: 22px;
}

p {
  margin: 8px 0 18px;
  font-size: 15px;
}
</style>
