<script setup lang="ts">
/** That something takes its time; what, is said to whoever does not see it. */
defineProps<{ says: string }>();
</script>

<template>
  <v-progress-linear :aria-label="says" indeterminate height="2" color="primary" />
</template>
