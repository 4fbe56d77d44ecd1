<script setup lang="ts">
import { useMutation, useQueryClient } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { answer, api, problemOf } from '@/api/client';
import FormField from '@/shared/FormField.vue';
import { LEAST_LETTERS, passwordWords } from './password';
import { sessionKey } from './useSession';

/** The first page of a new shop: its lead names it and themselves, with a password in place of the one that was printed. */
const client = useQueryClient();
const wish = ref({ shop: '', name: '', email: '', password: '' });
const missing = ref<Partial<Record<keyof typeof wish.value, string>>>({});
const isSeen = ref(false);
const open = useMutation({
  mutationFn: () => answer(api.POST('/opening', { body: wish.value })),
  onSuccess: () => client.invalidateQueries({ queryKey: sessionKey }),
});
const problem = computed(() => (open.error.value ? problemOf(open.error.value) : null));
/** What the server says of one field, at that field. */
const saidOf = (field: keyof typeof wish.value) =>
  missing.value[field] ?? problem.value?.problems?.find(({ path }) => path === field)?.expected;
const elsewhere = computed(() => (problem.value?.problems?.length ? null : problem.value?.detail));
function send(): void {
  const { shop, name, email, password } = wish.value;
  missing.value = {
    ...(shop.trim() ? {} : { shop: 'What people call it: it stands on cards and lists.' }),
    ...(name.trim() ? {} : { name: 'Who leads it: history says who did what.' }),
    ...(/^\S+@\S+$/.test(email.trim()) ? {} : { email: 'An address like nela@shop.example.' }),
    ...(password.length >= LEAST_LETTERS ? {} : { password: passwordWords }),
  };
  if (!Object.keys(missing.value).length) open.mutate();
}
</script>

<template>
  <main class="sheet">
    <form aria-labelledby="naming" @submit.prevent="send()">
      <p class="muted">A new shop</p>
      <h1 id="naming">What is it called, and who leads it?</h1>
      <FormField label="Name of the shop" :problem="saidOf('shop')">
        <input v-model="wish.shop" maxlength="200" autocomplete="organization" autofocus />
      </FormField>
      <FormField label="Your name" :problem="saidOf('name')">
        <input v-model="wish.name" maxlength="200" autocomplete="name" />
      </FormField>
      <FormField
        label="Your e-mail address"
        hint="You sign in with it from now on."
        :problem="saidOf('email')"
      >
        <input v-model="wish.email" type="email" maxlength="254" autocomplete="username" />
      </FormField>
      <FormField
        label="A password of your own"
        hint="In place of the one that was printed when the shop was opened."
        :problem="saidOf('password')"
      >
        <input
          v-model="wish.password"
          :type="isSeen ? 'text' : 'password'"
          autocomplete="new-password"
          maxlength="72"
        />
      </FormField>
      <label class="seen"><input v-model="isSeen" type="checkbox" /> show it</label>
      <p v-if="elsewhere" class="wrong" role="alert">{{ elsewhere }}</p>
      <v-btn type="submit" color="primary" variant="flat" :loading="open.isPending.value"
        >Open the shop</v-btn
      >
      <p class="muted">
        Currency, units and theme are set under Shop; others are asked in there, each with a link of their
        own.
      </p>
    </form>
  </main>
</template>

<style scoped>
.sheet {
  display: grid;
  place-content: center;
  min-height: 100vh;
  padding: 24px;
}

form {
  display: grid;
  gap: 12px;
  width: min(460px, 88vw);
}

h1 {
  margin: 0 0 6px;
  font-size: 28px;
  line-height: 1.15;
}

p {
  margin: 0;
}

.seen {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
  cursor: pointer;
}

.v-btn {
  justify-self: start;
}

.wrong {
  color: var(--hole);
}
</style>
