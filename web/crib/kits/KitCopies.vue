<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue';
import { problemOf } from '@/api/client';
import { bringCopies, useCopies, type KitCopy } from '@/data/copies';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { counted, pretty } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import { refusal } from '@/shared/refusal';

/** The copies of a kit: what each has otherwise, and a change of the pattern brought to those that are ticked. */
const props = defineProps<{ id: string | null; isReadonly: boolean }>();
const { person } = useSession();
const { data, error, refetch } = useCopies(toRef(props, 'id'));
const copies = computed(() => data.value?.data ?? []);
const unlike = computed(() => copies.value.filter(({ gaps }) => gaps.length));
const ticked = ref<string[]>([]);
// All that differ are offered; who wants fewer unticks them.
watch(unlike, (now) => (ticked.value = now.map(({ id }) => id)), { immediate: true });
const withoutMore = ref(false);

const many = (of: KitCopy['gaps'], by: (gap: KitCopy['gaps'][number]) => number) =>
  of
    .filter((gap) => by(gap) > 0)
    .map((gap) => `${by(gap) > 1 ? `${by(gap)} × ` : ''}${pretty(gap.name)}`)
    .join(', ');
const lacks = ({ gaps }: KitCopy) => many(gaps, ({ wanted, has }) => wanted - has);
const beyond = ({ gaps }: KitCopy) => many(gaps, ({ wanted, has }) => has - wanted);
/** Whether something would change: what only has more stays as it is, unless that goes. */
const changes = computed(() =>
  unlike.value.some((copy) => ticked.value.includes(copy.id) && (withoutMore.value || lacks(copy) !== '')),
);

const write = useWrite({
  ask: () => bringCopies(props.id ?? '', ticked.value, withoutMore.value),
  said: () => `${counted(ticked.value.length, 'copy', 'copies')} brought into line`,
  mayTakeBack: () => person.value?.maySetUpTheShop ?? false,
});
const { isPending, problem } = write;
</script>

<template>
  <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
  <section v-else-if="copies.length" aria-labelledby="copies">
    <h2 id="copies">Its copies</h2>
    <p v-if="!unlike.length" class="muted">
      {{ counted(copies.length, 'copy', 'copies') }}, packed as this one is.
    </p>
    <template v-else>
      <p class="muted">
        {{ unlike.length }} of {{ counted(copies.length, 'copy', 'copies') }} packed otherwise than this kit
        was written last.
      </p>
      <ul>
        <li v-for="copy in unlike" :key="copy.id">
          <label>
            <input v-if="!isReadonly" v-model="ticked" type="checkbox" :value="copy.id" />
            <b>{{ pretty(copy.name) }}</b>
          </label>
          <RouterLink :to="{ name: 'kit', params: { id: copy.id } }">open</RouterLink>
          <span v-if="lacks(copy)" class="lacks">lacks {{ lacks(copy) }}</span>
          <span v-if="beyond(copy)" class="muted">has beyond it {{ beyond(copy) }}</span>
        </li>
      </ul>
      <template v-if="!isReadonly">
        <label class="more"
          ><input v-model="withoutMore" type="checkbox" /> and take out of them what this kit has not</label
        >
        <v-btn
          variant="outlined"
          size="small"
          :disabled="!changes"
          :loading="isPending"
          @click="write.mutate()"
          >Bring {{ counted(ticked.length, 'copy', 'copies') }} into line</v-btn
        >
        <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
      </template>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
  font-size: 15px;
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 14px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
  font-size: 13px;
}

li span {
  grid-column: 1 / -1;
  padding-left: 28px;
}

label {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: var(--touch);
}

input {
  flex: none;
  width: 18px;
  height: 18px;
  accent-color: var(--copper);
}

.lacks,
.problem {
  color: var(--hole);
}
</style>
