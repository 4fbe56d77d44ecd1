<script setup lang="ts">
import { places } from './places';

const isOpen = defineModel<boolean>({ required: true });
const keys = [
  ...places.map((place) => [`g ${place.key}`, `go to ${place.title}`]),
  ['/', 'search the lines'],
  ['↑ ↓ ← →', 'walk the table'],
  ['Enter', 'why this tool, or why none'],
  ['Esc', 'close the panel'],
  ['?', 'this list'],
];
</script>

<template>
  <v-dialog v-model="isOpen" max-width="360" aria-label="Keys">
    <v-card class="keys">
      <h2>Keys</h2>
      <dl>
        <template v-for="[key, meaning] in keys" :key="key">
          <dt>
            <kbd v-for="part in key?.split(' ')" :key="part" class="mono">{{ part }}</kbd>
          </dt>
          <dd>{{ meaning }}</dd>
        </template>
      </dl>
      <v-btn autofocus @click="isOpen = false">Close</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.keys {
  padding: 20px 24px;
}

h2 {
  font-size: 16px;
  margin-bottom: 8px;
}

dl {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: 6px 16px;
  margin: 0 0 16px;
}

dd {
  margin: 0;
}

kbd {
  border: 1px solid var(--hairline);
  border-radius: 3px;
  padding: 0 5px;
  margin-right: 4px;
  background: var(--ground);
}
</style>
