<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';
import { useClasses } from '@/data/classes';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useSession } from '@/session/useSession';
import EmptyNote from '@/shared/EmptyNote.vue';
import { counted } from '@/shared/pretty';
import WaitBar from '@/shared/WaitBar.vue';

const NewClass = defineAsyncComponent(() => import('./NewClass.vue'));

/** The classes of the shop: who comes when, and whether a timetable is kept. */
const classes = useClasses();
const router = useRouter();
const { person } = useSession();
const maySetUp = computed(() => person.value?.maySetUpTheShop ?? false);
const isMade = ref(false);
useUndoKeys();
const rows = computed(() =>
  [...(classes.data.value?.data ?? [])].sort((one, other) => (other.on ?? '').localeCompare(one.on ?? '')),
);
</script>

<template>
  <PlaceFrame title="Classes" look="scroll" is-shown :error="classes.error.value" @retry="classes.refetch()">
    <template #beside>
      <RouterLink class="link" :to="{ name: 'train' }">Who can do what</RouterLink>
      <v-btn v-if="maySetUp" variant="outlined" size="small" @click="isMade = true">A new class</v-btn>
    </template>
    <WaitBar v-if="classes.isPending.value" says="Fetching the classes" />
    <EmptyNote v-else-if="!rows.length" title="No class yet">
      A class is who comes on a day, at which stations, to do what. From a list of names it is planned so that
      it is over as soon as can be, and each has a sheet with when to be where.
    </EmptyNote>
    <ul v-else class="classes">
      <li v-for="one in rows" :key="one.id">
        <RouterLink :to="{ name: 'class', params: { id: one.id } }">{{ one.name }}</RouterLink>
        <span>{{ one.on ?? 'no day yet' }}, {{ one.start ?? '08:00' }}</span>
        <span class="muted"
          >{{ counted(one.people.length, 'person', 'people') }},
          {{ counted(one.stations.length, 'station') }}, {{ counted(one.exercises.length, 'exercise') }}</span
        >
        <span class="muted">{{ one.timetable?.length ? 'timetable kept' : 'no timetable kept' }}</span>
      </li>
    </ul>
    <NewClass
      v-if="isMade"
      @close="isMade = false"
      @made="(id) => router.push({ name: 'class', params: { id } })"
    />
  </PlaceFrame>
</template>

<style scoped>
.link {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.classes {
  margin: 8px 0 0;
  padding: 0;
  border-top: 1px solid var(--hairline);
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 0.8fr) minmax(0, 1.4fr) minmax(0, 0.8fr);
  gap: 4px 16px;
  align-items: center;
  min-height: max(40px, var(--touch));
  border-bottom: 1px solid var(--hairline);
}

li a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  color: var(--ink);
  font-weight: 600;
}

@media (width < 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
