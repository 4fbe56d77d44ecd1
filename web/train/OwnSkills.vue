<script setup lang="ts">
import { computed } from 'vue';
import type { SkillMatrix } from '@/data/skills';
import EmptyNote from '@/shared/EmptyNote.vue';
import PersonSkills from './PersonSkills.vue';

/** A hand sees its own: what it can do, and what it has practised. */
const props = defineProps<{ matrix: SkillMatrix }>();
const own = computed(() => props.matrix.people[0]?.id);
</script>

<template>
  <PersonSkills v-if="own" :id="own" />
  <EmptyNote v-else title="Nobody has said who you are yet">
    Your account belongs to nobody in the list of people, so there is nothing to show. Whoever leads the shop
    can say who you are, under Shop, People.
  </EmptyNote>
</template>
