<script setup lang="ts">
import { computed, toRef } from 'vue';
import { problemOf } from '@/api/client';
import { useResting, type Thing } from '@/data/wall';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import StatusMark from '@/shared/StatusMark.vue';

/** What of the work rests on a thing, and what opens when it goes; the scope in which most opens first. */
const props = defineProps<{ thing: Thing; on: string }>();
const { data, error, isPending, refetch } = useResting(
  toRef(() => props.thing.tag),
  toRef(props, 'on'),
);
const rests = computed(() =>
  (data.value?.data ?? [])
    .filter(({ taken, lost }) => taken || lost)
    .sort((one, other) => other.lost - one.lost || other.taken - one.taken),
);
</script>

<template>
  <section aria-label="What rests on it">
    <h3>What rests on it</h3>
    <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
    <p v-else-if="isPending" class="muted" role="status">Looking at the work …</p>
    <p v-else-if="!thing.kit" class="muted">It is in no kit, so nothing does.</p>
    <p v-else-if="!rests.length" class="muted">Nothing: no line of any scope takes it.</p>
    <ul v-else>
      <li v-for="{ scope, taken, lost } in rests" :key="scope.id">
        <RouterLink :to="{ name: 'cover', query: { kit: thing.kit, scope: scope.id, on } }">{{
          scope.name
        }}</RouterLink>
        <span v-if="lost" class="lost"
          ><StatusMark status="hole" :size="13" silent /> {{ counted(lost, 'termination') }} cannot be made
          without it</span
        >
        <span v-else class="muted">{{ counted(taken, 'termination') }}; another does them, too</span>
      </li>
    </ul>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
ul {
  display: grid;
  gap: 2px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: center;
  min-height: var(--touch-tight);
}

.lost {
  color: var(--hole);
  font-weight: 600;
}
</style>
