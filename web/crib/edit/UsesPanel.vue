<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query';
import { refDebounced } from '@vueuse/core';
import { computed, ref, toRef } from 'vue';
import { answer, api, problemOf } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import { useThingPage, type ThingList } from '@/data/things';
import { useUndo } from '@/frame/useUndo';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { refusal } from '@/shared/refusal';

/** Where a thing is used, and what of the shop is the same: two that are one become one. */
const props = defineProps<{ list: ThingList; id: string; name: string; isReadonly: boolean }>();
const emit = defineEmits<{ merged: [into: string] }>();

const undo = useUndo();
const one = computed(() => props.list.slice(0, -1));
const query = useQuery({
  ...shopQuery(['uses', toRef(props, 'list'), toRef(props, 'id')], (signal) =>
    api.GET('/{list}/{id}/uses', { params: { path: { list: props.list, id: props.id } }, signal }),
  ),
});
const uses = computed(() => query.data.value);
/** Lines by their scope: so many lines of a scope are one row. */
const places = computed(() => {
  const found = new Map<string, { title: string; to: object; count: number }>();
  for (const use of uses.value?.uses ?? []) {
    const key = use.list === 'lines' ? `scope ${use.scope}` : `${use.list} ${use.id}`;
    const to =
      use.list === 'lines'
        ? { name: 'work', query: { scope: use.scope, line: use.id } }
        : use.list === 'kits'
          ? { name: 'cover', query: { kit: use.id } }
          : { name: 'thing', params: { list: 'tools', id: use.id } };
    const known = found.get(key);
    found.set(key, {
      title: use.name,
      to: known?.to ?? to,
      count: (known?.count ?? 0) + (use.list === 'lines' ? 1 : 0),
    });
  }
  return [...found.values()];
});

const isMerging = ref(false);
const sought = ref('');
const page = useThingPage(toRef(props, 'list'), refDebounced(sought, 150), 6);
const others = computed(() => page.value.filter(({ id }) => id !== props.id));
const merge = useMutation({
  mutationFn: async (into: { id: string; name: string }) => {
    const { change, changed } = await answer(
      api.POST('/{list}/{id}/merge', {
        params: { path: { list: props.list, id: props.id } },
        body: { into: into.id },
      }),
    );
    return { into, change, changed };
  },
  onSuccess: async ({ into, change, changed }) => {
    emit('merged', into.id);
    await undo.did(change, `Merged: ${props.name} into ${into.name}, ${counted(changed, 'use')} passed on`);
  },
});
const problem = computed(() => (merge.error.value ? problemOf(merge.error.value) : null));
</script>

<template>
  <section class="uses" aria-label="Where used">
    <h3>
      {{
        uses ? (uses.count ? `Used in ${counted(uses.count, 'place')}` : 'Used nowhere yet') : 'Where used …'
      }}
    </h3>
    <ProblemNote v-if="query.error.value" :problem="problemOf(query.error.value)" @retry="query.refetch()" />
    <ul>
      <li v-for="place in places" :key="place.title">
        <RouterLink :to="place.to">{{ place.title }}</RouterLink>
        <small v-if="place.count" class="muted">, {{ counted(place.count, 'line') }}</small>
      </li>
    </ul>
    <p v-if="uses && uses.count > uses.uses.length" class="muted">
      and {{ counted(uses.count - uses.uses.length, 'more place') }}
    </p>
    <template v-if="!isReadonly">
      <p v-for="twin in uses?.alike ?? []" :key="twin.id" class="twin">
        “{{ twin.name }}” says the same of itself.
        <v-btn size="x-small" :loading="merge.isPending.value" @click="merge.mutate(twin)">
          Merge this one into it
        </v-btn>
      </p>
      <v-btn v-if="!isMerging" size="small" variant="text" @click="isMerging = true">
        It is the same as another …
      </v-btn>
      <div v-else class="merge">
        <label>
          Which {{ one }} stays? All that names this one then names that.
          <input
            v-model="sought"
            autofocus
            placeholder="words of its name"
            :aria-label="`The ${one} that stays`"
            @keydown.esc.stop="isMerging = false"
          />
        </label>
        <v-btn
          v-for="other in others"
          :key="other.id"
          size="small"
          variant="text"
          :loading="merge.isPending.value"
          @click="merge.mutate(other)"
        >
          {{ other.name }}
        </v-btn>
      </div>
      <p v-if="problem" class="problem" role="alert">Not merged: {{ refusal(problem) }}</p>
    </template>
  </section>
</template>

<style scoped>
.uses {
  display: grid;
  gap: 5px;
  justify-items: start;
  font-size: 13px;
}

h3 {
  font-size: 14.5px;
}

ul {
  list-style: none;
}

.twin {
  padding: 4px 0 4px 10px;
  border-left: 3px solid var(--makeshift);
}

.merge {
  display: grid;
  gap: 3px;
  justify-items: start;
  width: 100%;
}

input {
  width: 100%;
  min-height: var(--touch);
  padding: 0 8px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--ground);
  color: var(--ink);
}

.problem {
  color: var(--hole);
}
</style>
