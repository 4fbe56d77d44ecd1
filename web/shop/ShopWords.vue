<script setup lang="ts">
import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query';
import { answer, api, problemOf } from '@/api/client';
import { useSession } from '@/session/useSession';
import { computed } from 'vue';

/** What the shop calls its wires and terminals: remembered where an entry was asked about, forgotten here. */
const { person } = useSession();
const client = useQueryClient();
const key = computed(() => ['shop', person.value?.shopId ?? 0, 'aliases']);
const { data, error } = useQuery({ queryKey: key, queryFn: () => answer(api.GET('/aliases')) });
const forget = useMutation({
  mutationFn: (alias: number) =>
    answer(api.DELETE('/aliases/{alias}', { params: { path: { alias: String(alias) } } })),
  onSuccess: () => client.invalidateQueries({ queryKey: key.value }),
});
</script>

<template>
  <p v-if="error" class="muted" role="alert">{{ problemOf(error).title }}</p>
  <p v-else-if="!data?.data.length" class="muted">
    None yet. Where an entry asks which wire or terminal is meant, “and remember it” keeps the answer.
  </p>
  <ul v-else>
    <li v-for="one in data.data" :key="one.alias">
      “{{ one.words }}” is the {{ one.about }} <b>{{ one.id }}</b>
      <button v-if="person?.maySetUpTheShop" type="button" @click="forget.mutate(one.alias)">Forget</button>
    </li>
  </ul>
</template>

<style scoped>
ul {
  padding: 0;
  list-style: none;
}

button {
  min-height: var(--touch);
  margin-left: 8px;
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}
</style>
