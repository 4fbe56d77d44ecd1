<script setup lang="ts">
import { mdiAccountCircleOutline } from '@mdi/js';
import { defineAsyncComponent, ref, useTemplateRef } from 'vue';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';

/** Who is here and in which units things are told; a click on it opens all that is not a place. */
const emit = defineEmits<{ keys: [] }>();
const PersonSheet = defineAsyncComponent(() => import('./PersonSheet.vue'));
const { person } = useSession();
const settings = useSettings();
const sizes = { gauge: 'AWG', metric: 'mm²' };
const button = useTemplateRef<HTMLElement>('button');
const isOpen = ref(false);
const wasOpened = ref(false);

/** From then on the sheet itself hears the clicks. */
function openFirst(): void {
  if (wasOpened.value) return;
  wasOpened.value = true;
  isOpen.value = true;
}
</script>

<template>
  <button
    ref="button"
    class="person"
    type="button"
    aria-label="Units, theme and person"
    aria-haspopup="menu"
    :aria-expanded="isOpen"
    @click="openFirst"
  >
    <v-icon :icon="mdiAccountCircleOutline" size="22" />
    <span class="who">
      <span>{{ person?.name }}</span>
      <small class="muted">{{ sizes[settings.first] }} · {{ settings.length }} · {{ settings.force }}</small>
    </span>
  </button>
  <PersonSheet v-if="wasOpened" v-model="isOpen" :activator="button" @keys="emit('keys')" />
</template>

<style scoped>
.person {
  padding: 0;
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: var(--touch);
  cursor: pointer;
}

.who {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  line-height: 1.2;
  font-size: 13px;
  white-space: nowrap;
}

.who small {
  font-family: var(--mono);
  font-size: 11px;
}

@media (max-width: 1100px) {
  .who {
    display: none;
  }
}
</style>
