<script setup lang="ts">
import { computed, ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useKitsAndScopes } from '@/data/pairs';
import { useWall } from '@/data/wall';
import ProblemNote from '@/shared/ProblemNote.vue';
import { missing } from './unlike';

/** Whether a kit is kept by its things, of which kit it is a copy, and how what lives in it differs from paper and pattern. */
const props = defineProps<{
  id: string | null;
  isTracked: boolean;
  like: string | undefined;
  isReadonly: boolean;
  problem?: string | null | undefined;
}>();
const emit = defineEmits<{ put: [key: 'tracked' | 'like', value: boolean | string | undefined] }>();

const { kits } = useKitsAndScopes();
const others = computed(() => kits.value.filter((kit) => kit.id !== props.id));
const wall = useWall(ref(null));
const kit = computed(() => wall.data.value?.kits.find((one) => one.id === props.id));
const pattern = computed(() => kits.value.find((one) => one.id === kit.value?.like)?.name ?? '');
const lists = computed(() => [
  { title: 'Planned, not there', counts: (kit.value?.unlikePaper ?? []).filter((one) => missing(one) > 0) },
  { title: 'There, not planned', counts: (kit.value?.unlikePaper ?? []).filter((one) => missing(one) < 0) },
  {
    title: `Less than in ${pattern.value}`,
    counts: (kit.value?.drift ?? []).filter((one) => missing(one) > 0),
  },
  {
    title: `More than in ${pattern.value}`,
    counts: (kit.value?.drift ?? []).filter((one) => missing(one) < 0),
  },
]);
const isAlike = computed(() => lists.value.every(({ counts }) => !counts.length));
const many = (count: Schemas['ModelCount']) => Math.abs(missing(count));
</script>

<template>
  <section aria-labelledby="things">
    <h2 id="things">Its things</h2>
    <label class="check">
      <input
        type="checkbox"
        :checked="isTracked"
        :disabled="isReadonly"
        @change="emit('put', 'tracked', ($event.target as HTMLInputElement).checked || undefined)"
      />
      Kept by its things: on a day it covers with what has a tag, is there and counts
    </label>
    <label v-if="others.length && !(isReadonly && !like)" class="like">
      A copy of
      <select
        class="lone-field"
        :value="like ?? ''"
        :disabled="isReadonly"
        @change="emit('put', 'like', ($event.target as HTMLSelectElement).value || undefined)"
      >
        <option value="">no other kit</option>
        <option v-for="one in others" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
    </label>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <template v-if="kit?.tracked">
      <p v-if="isAlike" class="muted">What is planned lives in it, and nothing else.</p>
      <template v-for="{ title, counts } in lists" :key="title">
        <template v-if="counts.length">
          <h3>{{ title }}</h3>
          <ul>
            <li v-for="count in counts" :key="count.tool">
              <b class="mono">{{ many(count) }}</b>
              <RouterLink :to="{ name: 'thing', params: { list: 'tools', id: count.tool } }">{{
                count.name
              }}</RouterLink>
              <span class="muted mono">
                <RouterLink
                  v-for="tag in count.tags"
                  :key="tag"
                  :to="{ name: 'wall', query: { thing: tag } }"
                  class="tag"
                  >{{ tag }}</RouterLink
                >
              </span>
            </li>
          </ul>
        </template>
      </template>
    </template>
    <ProblemNote
      v-if="wall.error.value && !wall.data.value"
      :problem="problemOf(wall.error.value)"
      @retry="wall.refetch()"
    />
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
  font-size: 15px;
}

h3 {
  margin: 8px 0 2px;
  font-size: 13.5px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  min-height: var(--touch);
}

.check,
.like {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
}

.tag {
  margin-right: 8px;
}

.problem {
  color: var(--hole);
}
</style>
