<script setup lang="ts">
import { watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useSession } from '@/session/useSession';

/** Where one comes in: whoever sets up the shop sees what is open, a hand sees what is to be done. */
const route = useRoute();
const router = useRouter();
const { person } = useSession();
watch(
  person,
  (somebody) => {
    if (somebody)
      void router.replace({ name: somebody.role === 'hand' ? 'bench' : 'cover', query: route.query });
  },
  { immediate: true },
);
</script>

<template>
  <span />
</template>
