<script setup lang="ts">
import { computed, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useUndoKeys } from '@/frame/useUndoKeys';
import PersonSkills from './PersonSkills.vue';

/** One person of the shop: what they can do, what they practise, and who signed them off. */
const route = useRoute();
const id = computed(() => String(route.params.id));
const skills = useTemplateRef('skills');
useUndoKeys();
</script>

<template>
  <PlaceFrame :title="skills?.record?.person.name ?? 'Person'" look="scroll" is-shown>
    <template #beside><RouterLink class="all" :to="{ name: 'train' }">Who can do what</RouterLink></template>
    <PersonSkills :id ref="skills" :key="id" />
  </PlaceFrame>
</template>

<style scoped>
.all {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}
</style>
