<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { useTokens } from '@/data/accounts';
import { useWrite } from '@/frame/useWrite';
import { dayWords, todayHere } from '@/shared/days';
import FormField from '@/shared/FormField.vue';
import { moment } from '@/shared/format';
import { refusal } from '@/shared/refusal';

/** Tokens by which scripts come in as oneself: named, dated, shown once, and ended here. */
const tokens = useTokens();
const all = computed(() => tokens.data.value?.data ?? []);
const name = ref('');
const until = ref('');
const missing = ref('');
const secret = ref('');
const make = useWrite({
  ask: (body: { name: string; until: string | null }) => api.POST('/tokens', { body }),
  said: (body) => `A token for ${body.name}`,
  mayTakeBack: () => false,
  atOnce: (made) => {
    secret.value = made.secret;
    name.value = '';
    until.value = '';
  },
});
const end = useWrite({
  ask: ({ id }: Schemas['Token']) => api.DELETE('/tokens/{token}', { params: { path: { token: id } } }),
  said: ({ name: of }) => `The token for ${of} is ended`,
  mayTakeBack: () => false,
});
const problem = computed(() => make.problem.value ?? end.problem.value);
function send(): void {
  missing.value = name.value.trim() ? '' : 'What is it for? By this you know it again.';
  if (!missing.value) make.mutate({ name: name.value.trim(), until: until.value || null });
}
</script>

<template>
  <section aria-labelledby="tokens">
    <h2 id="tokens">Tokens for scripts</h2>
    <p class="muted">
      A script that brings one is you, and may what you may. How to ask stands in the
      <a href="/api/v1/openapi.json">OpenAPI description</a>.
    </p>
    <form @submit.prevent="send()">
      <FormField label="For" :problem="missing || undefined"
        ><input v-model="name" maxlength="100" placeholder="nightly list"
      /></FormField>
      <FormField label="Until"><input v-model="until" type="date" :min="todayHere()" /></FormField>
      <v-btn type="submit" variant="outlined" :loading="make.isPending.value">Make one</v-btn>
    </form>
    <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
    <p v-if="secret" class="secret" role="status">
      Copy it now, it is not shown again: <code class="mono">{{ secret }}</code>
    </p>
    <p v-if="tokens.data.value && !all.length" class="muted">There is none.</p>
    <ul v-else>
      <li v-for="token in all" :key="token.id">
        <b>{{ token.name }}</b>
        <span class="muted"
          >made {{ token.madeAt ? moment(Date.parse(token.madeAt)) : '' }},
          {{ token.lastUsedAt ? `used ${moment(Date.parse(token.lastUsedAt))}` : 'not used yet' }},
          {{ token.until ? `until ${dayWords(token.until, todayHere())}` : 'without an end' }}</span
        >
        <v-btn
          size="small"
          variant="text"
          :aria-label="`End the token for ${token.name}`"
          @click="end.mutate(token)"
          >End it</v-btn
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 6px;
  font-size: 17px;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  margin: 8px 0;
}

ul {
  margin: 8px 0 0;
  padding: 0;
  list-style: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
  min-height: 40px;
  border-bottom: 1px solid var(--hairline);
}

li .v-btn {
  margin-left: auto;
}

.secret {
  padding: 8px 12px;
  border: 1px solid var(--ink);
  border-left: 4px solid var(--copper);
  border-radius: 3px;
  overflow-wrap: anywhere;
}

.bad {
  color: var(--hole);
}
</style>
