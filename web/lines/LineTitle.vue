<script setup lang="ts">
/** What a line makes, and below it of which wires: two short lines that end where there is no more room. */
defineProps<{ title: string; wires: string }>();
</script>

<template>
  <span class="names">
    <b>{{ title }}</b>
    <small class="muted">{{ wires }}</small>
  </span>
</template>

<style scoped>
.names {
  min-width: 0;
}

.names > * {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  line-height: 1.22;
}

b {
  font-weight: 560;
}

small {
  font-size: 11.5px;
}
</style>
