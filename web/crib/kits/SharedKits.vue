<script setup lang="ts">
import { computed } from 'vue';
import { useKitsAndScopes } from '@/data/pairs';

/** The kits out of which its people may fetch a tool; they are reached for in the order in which they were ticked. */
const props = defineProps<{
  id: string | null;
  shares: string[];
  isReadonly: boolean;
  problem?: string | null | undefined;
}>();
const emit = defineEmits<{ put: [shares: string[] | undefined] }>();

const { kits } = useKitsAndScopes();
const others = computed(() => kits.value.filter((kit) => kit.id !== props.id));
function tick(kit: string, isTicked: boolean): void {
  const left = props.shares.filter((one) => one !== kit);
  const shares = isTicked ? [...left, kit] : left;
  emit('put', shares.length ? shares : undefined);
}
</script>

<template>
  <section v-if="others.length && !(isReadonly && !shares.length)" aria-labelledby="shared">
    <h2 id="shared">Tools may be fetched from</h2>
    <p class="muted">
      Behind its own it covers with theirs, and says so. What those fetch from others is not passed on.
    </p>
    <div class="kits">
      <label v-for="kit in others" :key="kit.id">
        <input
          type="checkbox"
          :checked="shares.includes(kit.id)"
          :disabled="isReadonly"
          @change="tick(kit.id, ($event.target as HTMLInputElement).checked)"
        />
        {{ kit.name }}
      </label>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
  font-size: 15px;
}

p {
  margin: 0;
  font-size: 13px;
}

.kits {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 20px;
}

label {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: calc(var(--touch) + 2px);
}

.problem {
  color: var(--hole);
}
</style>
