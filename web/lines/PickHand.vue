<script setup lang="ts">
import { computed } from 'vue';
import { useHands } from '@/data/hands';
import { useAddress } from '@/frame/useAddress';
import PickOne from '@/shared/PickOne.vue';

/** In whose hands the kit is: their strength and span, and what they may do alone. Not there while nobody is named. */
const props = defineProps<{ picked: string | undefined }>();
const { show } = useAddress();
const hands = useHands();
const items = computed(() => [{ id: '', name: 'nobody in particular' }, ...hands.value]);
</script>

<template>
  <PickOne
    v-if="hands.length || props.picked"
    label="Hands"
    :items="items"
    :picked="picked ?? ''"
    @pick="show({ hand: $event || null })"
  />
</template>
