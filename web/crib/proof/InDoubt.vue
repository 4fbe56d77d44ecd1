<script setup lang="ts">
import { computed, toRef } from 'vue';
import { problemOf } from '@/api/client';
import { useDoubt, type Thing } from '@/data/wall';
import { dayWords } from '@/shared/days';
import { counted } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';

/** What a thing whose pulls are bad may have made since it was last known to be good: what a lead has to look at again. */
const props = defineProps<{ thing: Thing; on: string }>();
const { data, error, refetch } = useDoubt(
  toRef(() => props.thing.tag),
  toRef(props, 'on'),
);
const doubt = computed(() => data.value?.data ?? null);
const total = computed(() =>
  (doubt.value?.made ?? []).reduce((sum, { terminations }) => sum + terminations, 0),
);
</script>

<template>
  <ProblemNote v-if="error" :problem="problemOf(error)" @retry="refetch()" />
  <section v-else-if="doubt" aria-label="Made since it was last good">
    <h3>Made since it was last good</h3>
    <p>
      {{
        doubt.good
          ? `Last known to be good on ${dayWords(doubt.good, on)}; in doubt since ${dayWords(doubt.doubted, on)}.`
          : `In doubt since ${dayWords(doubt.doubted, on)}; it was never known to be good.`
      }}
      <template v-if="total"
        >Up to <b>{{ counted(total, 'termination') }}</b> made in between want looking at:</template
      >
      <template v-else>No work of these days takes it.</template>
    </p>
    <ul v-if="total">
      <li v-for="{ scope, kit, from, terminations } in doubt.made" :key="scope.id">
        <RouterLink
          :to="{ name: 'cover', query: { kit, scope: scope.id, on: doubt.good ?? doubt.doubted } }"
          >{{ scope.name }}</RouterLink
        >
        <span
          >up to {{ terminations
          }}<span class="muted">{{
            from ? `, from ${dayWords(from, on)} on` : ', of which nobody has said when it begins'
          }}</span></span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped src="../wall/part.css"></style>
<style scoped>
ul {
  display: grid;
  gap: 2px;
  margin: 4px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 10px;
  align-items: baseline;
  font-size: 12.5px;
}
</style>
