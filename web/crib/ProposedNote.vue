<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '@/api/client';
import { useProposals } from '@/data/proposals';
import type { ThingList } from '@/data/things';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { counted } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';

/** What waits for the lead: all of a list, or one that is open. It counts meanwhile. */
const props = defineProps<{ list: ThingList; id?: string | null }>();
const { person } = useSession();
const router = useRouter();
const isLead = computed(() => person.value?.role === 'lead');
const all = useProposals();
const waiting = computed(() =>
  all.value.filter((one) => one.list === props.list && (props.id == null || one.id === props.id)),
);
const { mutate, problem, isPending, variables } = useWrite<unknown, (typeof waiting.value)[number]>({
  ask: ({ list, id }) => api.POST('/{list}/{id}/confirm', { params: { path: { list, id } } }),
  said: ({ name }) => `Confirmed: ${name}`,
});
const pathOf = (one: (typeof waiting.value)[number]) =>
  router.resolve({ name: 'thing', params: { list: one.list, id: one.id } }).fullPath;
</script>

<template>
  <section v-if="waiting.length" class="proposed" aria-label="Proposed">
    <p v-if="id == null" class="muted">
      {{ counted(waiting.length, props.list.slice(0, -1)) }} made by a coordinator;
      {{ isLead ? 'look whether it is right' : 'the shop lead has still to look at it' }}. It counts
      meanwhile.
    </p>
    <ul>
      <li v-for="one in waiting" :key="one.id">
        <span v-if="id != null"
          >Proposed by {{ one.by }}: it counts, and {{ isLead ? 'you have' : 'the shop lead has' }} still to
          say that it is right.</span
        >
        <span v-else
          ><RouterLink :to="pathOf(one)">{{ one.name }}</RouterLink
          ><small class="muted"> by {{ one.by }}</small></span
        >
        <v-btn
          v-if="isLead"
          size="small"
          color="primary"
          variant="flat"
          :aria-label="`It is right: ${one.name}`"
          :loading="isPending && variables?.id === one.id"
          @click="mutate(one)"
          >It is right</v-btn
        >
      </li>
    </ul>
    <p v-if="problem" class="wrong" role="alert">Not confirmed: {{ refusal(problem) }}</p>
  </section>
</template>

<style scoped>
.proposed {
  margin: 6px 0;
  padding: 6px 12px;
  border-left: 3px solid var(--makeshift);
  background: var(--surface);
  font-size: 13.5px;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 22px;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
}

p {
  margin: 0 0 2px;
}

.wrong {
  color: var(--hole);
}
</style>
