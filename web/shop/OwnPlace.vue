<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { answer, api, problemOf } from '@/api/client';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { LEAST_LETTERS, passwordWords } from '@/session/password';
import { useSession } from '@/session/useSession';
import FormField from '@/shared/FormField.vue';
import { refusal } from '@/shared/refusal';
import OwnTokens from './OwnTokens.vue';

/** One's own account: the password, where one is signed in, and tokens for scripts. */
const { person } = useSession();
const current = ref('');
const next = ref('');
const missing = ref<{ current?: string; next?: string }>({});
const password = useMutation({
  mutationFn: () =>
    answer(api.PUT('/session/password', { body: { current: current.value, password: next.value } })),
  onSuccess: () => {
    current.value = '';
    next.value = '';
  },
});
const others = useMutation({ mutationFn: () => answer(api.DELETE('/session/others')) });
const problem = computed(() => (password.error.value ? problemOf(password.error.value) : null));
function send(): void {
  missing.value = {
    ...(current.value ? {} : { current: 'The password that holds now.' }),
    ...(next.value.length >= LEAST_LETTERS ? {} : { next: passwordWords }),
  };
  if (!missing.value.current && !missing.value.next) password.mutate();
}
</script>

<template>
  <PlaceFrame :title="person?.name ?? 'You'" look="page" is-shown>
    <template #beside
      ><span class="muted">{{ person?.email }} · {{ person?.role }}</span></template
    >
    <div class="columns">
      <section aria-labelledby="password">
        <h2 id="password">Password</h2>
        <form @submit.prevent="send()">
          <FormField label="The one that holds" :problem="missing.current">
            <input v-model="current" type="password" autocomplete="current-password" />
          </FormField>
          <FormField label="The new one" :problem="missing.next">
            <input v-model="next" type="password" autocomplete="new-password" maxlength="72" />
          </FormField>
          <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
          <p v-if="password.isSuccess.value" role="status">
            Changed. Wherever else you were signed in, you are no more.
          </p>
          <v-btn type="submit" variant="outlined" :loading="password.isPending.value">Change it</v-btn>
        </form>
        <h2>Elsewhere</h2>
        <p class="muted">
          A tablet at the bench, the computer in the office: signs you out of all but this one.
        </p>
        <v-btn variant="outlined" :loading="others.isPending.value" @click="others.mutate()"
          >Sign out everywhere else</v-btn
        >
        <p v-if="others.isSuccess.value" role="status">Signed out everywhere else.</p>
        <p v-if="others.error.value" class="bad" role="alert">{{ refusal(problemOf(others.error.value)) }}</p>
      </section>
      <OwnTokens />
    </div>
  </PlaceFrame>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(260px, 1fr) minmax(300px, 1.4fr);
  gap: 20px 48px;
}

form {
  display: grid;
  gap: 10px;
  justify-items: start;
  max-width: 340px;
}

form :deep(.field) {
  width: 100%;
}

h2 {
  margin: 18px 0 6px;
  font-size: 17px;
}

.bad {
  color: var(--hole);
}

@media (max-width: 760px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
