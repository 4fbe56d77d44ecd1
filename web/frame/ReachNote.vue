<script setup lang="ts">
import { useRoute } from 'vue-router';
import { isWaitingForTurn } from '@/api/turns';
import { useReach, type Reach } from '@/api/useReach';

const { reach, lookNow } = useReach();
const route = useRoute();

const sentences: Record<Exclude<Reach, 'all'>, string> = {
  'no-server': 'The server does not answer.',
  'no-database': 'The server is there, but its database does not answer.',
  'no-disk': 'The disk of the server is full: nothing can be saved.',
};
</script>

<template>
  <div role="status" class="reach">
    <div v-if="reach !== 'all'" class="note">
      <span>
        <strong>{{ sentences[reach] }}</strong>
        What is on the page stays as it is, and goes on by itself once that is over.
        <RouterLink v-if="reach !== 'no-disk' && route.name !== 'bench'" :to="{ name: 'bench' }"
          >Cards that were kept can be read at the Bench.</RouterLink
        >
      </span>
      <v-btn size="small" @click="lookNow()">Try now</v-btn>
    </div>
    <div v-else-if="isWaitingForTurn" class="note turn">
      <span>
        <strong>Your question waits for its turn.</strong>
        Other long ones are being answered: one of each person at a time, two of each shop. It goes on by
        itself.
      </span>
    </div>
  </div>
</template>

<style scoped>
.reach {
  position: sticky;
  top: 0;
  z-index: 5;
}

.note {
  display: flex;
  gap: 16px;
  align-items: center;
  justify-content: space-between;
  padding: 8px 20px;
  border-left: 6px solid var(--hole);
  border-bottom: 1px solid var(--hairline);
  background: var(--surface);
}

a {
  color: var(--copper);
}

.turn {
  border-left-color: var(--ink);
}
</style>
