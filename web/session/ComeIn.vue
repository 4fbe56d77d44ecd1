<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { answer, api, problemOf, type Schemas } from '@/api/client';
import FormField from '@/shared/FormField.vue';
import { LEAST_LETTERS, passwordWords } from './password';

/** Who opens a link comes in here: it is told whose shop it is, and a password is set. */
const link = Object.fromEntries(
  new URLSearchParams(location.hash.slice(1)),
) as unknown as Schemas['Entrance'];
const look = useQuery({
  queryKey: ['entrance', link.token],
  queryFn: () => answer(api.POST('/entrance/look', { body: link })),
  retry: false,
  staleTime: Infinity,
});
const password = ref('');
const isSeen = ref(false);
const missing = ref('');
const comeIn = useMutation({
  mutationFn: () => answer(api.POST('/entrance', { body: { ...link, password: password.value } })),
  // A page of their own: nothing of who was here before, and nothing of the link, stays.
  onSuccess: () => {
    sessionStorage.clear();
    location.replace('/');
  },
});
const isNew = link.by === 'invitation';
const failure = computed(() => {
  const error = comeIn.error.value ?? look.error.value;
  const problem = error ? problemOf(error) : null;
  return problem?.problems?.[0]?.expected ?? (problem ? problem.detail : '');
});
function send(): void {
  missing.value = password.value.length < LEAST_LETTERS ? passwordWords : '';
  if (!missing.value) comeIn.mutate();
}
</script>

<template>
  <main class="sheet">
    <section>
      <p v-if="look.isPending.value" class="muted" role="status">Looking where the link leads …</p>
      <template v-else-if="look.data.value">
        <p class="muted">{{ look.data.value.shop }}</p>
        <h1>
          {{ isNew ? `Welcome, ${look.data.value.name}` : `A new password for ${look.data.value.name}` }}
        </h1>
        <p v-if="isNew">
          You come in as <b>{{ look.data.value.role }}</b>. Set a password of your own; your name here is the
          address that you were asked at, <span class="mono">{{ link.email }}</span>.
        </p>
        <form @submit.prevent="send()">
          <!-- For who keeps passwords: whose it is. -->
          <input
            class="visually-hidden"
            type="email"
            autocomplete="username"
            :value="link.email"
            tabindex="-1"
            readonly
            aria-hidden="true"
          />
          <FormField class="password" label="Password" :problem="missing || failure || undefined">
            <input
              v-model="password"
              :type="isSeen ? 'text' : 'password'"
              autocomplete="new-password"
              maxlength="72"
              autofocus
            />
          </FormField>
          <label class="seen"><input v-model="isSeen" type="checkbox" /> show it</label>
          <v-btn type="submit" color="primary" variant="flat" :loading="comeIn.isPending.value">{{
            isNew ? 'Come in' : 'Set it and come in'
          }}</v-btn>
        </form>
      </template>
      <template v-else>
        <h1>This link leads nowhere</h1>
        <p role="alert">{{ failure }}</p>
        <p><a href="/">To the sign-in</a></p>
      </template>
    </section>
  </main>
</template>

<style scoped>
.sheet {
  display: grid;
  place-content: center;
  min-height: 100vh;
  padding: 24px;
}

section {
  width: min(460px, 88vw);
}

h1 {
  margin: 4px 0 12px;
  font-size: 28px;
  line-height: 1.15;
}

form {
  display: grid;
  gap: 12px;
  justify-items: start;
  margin-top: 18px;
}

form .password {
  width: 100%;
}

.seen {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
  cursor: pointer;
}
</style>
