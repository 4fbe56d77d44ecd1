<script setup lang="ts">
import PlaceFrame from './PlaceFrame.vue';
</script>

<template>
  <PlaceFrame title="Nothing is kept under this address" look="page" is-shown>
    <p class="muted">It may be an old link, or a place that has been renamed.</p>
    <v-btn :to="{ name: 'cover' }">Go to Cover</v-btn>
  </PlaceFrame>
</template>
