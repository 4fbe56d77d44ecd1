<script setup lang="ts">
import PartsNav from '@/frame/PartsNav.vue';

/** The two halves of the bench: the card, and what is reckoned beside it. */
defineProps<{ here: 'bench' | 'reckon' }>();
</script>

<template>
  <PartsNav
    label="Bench"
    :parts="[
      { title: 'Set-up card', to: { name: 'bench' }, isHere: here === 'bench' },
      { title: 'Reckon', to: { name: 'reckon' }, isHere: here === 'reckon' },
    ]"
  />
</template>

<style scoped>
nav {
  padding-bottom: 8px;
}
</style>
