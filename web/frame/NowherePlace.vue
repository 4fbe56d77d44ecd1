<template>
  <div class="nowhere">
    <h1>Nothing is kept under this address</h1>
    <p class="muted">It may be an old link, or a place that has been renamed.</p>
    <v-btn :to="{ name: 'cover' }">Go to Cover</v-btn>
  </div>
</template>

<style scoped>
.nowhere {
  max-width: 40rem;
  margin: 12vh auto;
  padding: 0 24px;
}

h1 {
  font-size: 22px;
}

p {
  margin: 6px 0 18px;
}
</style>
