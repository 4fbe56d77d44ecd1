<script setup lang="ts">
import { computed, ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { askIn, roles, type Account, type AccountLink, type Role } from '@/data/accounts';
import { useHands } from '@/data/hands';
import { useWrite } from '@/frame/useWrite';
import FormField from '@/shared/FormField.vue';
import { refusal } from '@/shared/refusal';

/** Asks somebody in: who, at which address, as what. Somebody who is among the people of the shop is picked, and need not be written. */
const props = defineProps<{ accounts: Account[] }>();
const emit = defineEmits<{ made: [link: AccountLink] }>();

const people = useHands();
const free = computed(() => {
  const taken = new Set(props.accounts.map(({ person }) => person));
  return people.value.filter(({ id }) => !taken.has(id));
});
const name = ref('');
const email = ref('');
const role = ref<Role>('hand');
/** Whoever is written as somebody of the shop is them. */
const who = computed(() =>
  free.value.find((person) => person.name.toLowerCase() === name.value.trim().toLowerCase()),
);
const missing = ref<{ name?: string; email?: string }>({});
const { mutate, isPending, error } = useWrite({
  ask: (wish: Schemas['AskedIn']) => askIn(wish),
  said: (wish) => `${wish.name} is asked in`,
  mayTakeBack: () => false,
  atOnce: (link) => {
    emit('made', link);
    name.value = '';
    email.value = '';
  },
});
const problem = computed(() => (error.value ? problemOf(error.value) : null));
function send(): void {
  missing.value = {
    ...(name.value.trim() ? {} : { name: 'Who is it?' }),
    ...(/^\S+@\S+$/.test(email.value.trim()) ? {} : { email: 'An address like nela@shop.example.' }),
  };
  if (missing.value.name || missing.value.email) return;
  mutate({
    name: name.value.trim(),
    email: email.value.trim(),
    role: role.value,
    person: who.value?.id ?? null,
  });
}
</script>

<template>
  <form aria-label="Ask somebody in" @submit.prevent="send()">
    <FormField label="Name" :problem="missing.name" :hint="who ? 'among the people of the shop' : undefined">
      <input
        v-model="name"
        list="people-to-ask"
        maxlength="200"
        autocomplete="off"
        :aria-invalid="!!missing.name"
      />
    </FormField>
    <datalist id="people-to-ask">
      <option v-for="person in free" :key="person.id" :value="person.name" />
    </datalist>
    <FormField label="E-mail address" :problem="missing.email">
      <input
        v-model="email"
        type="email"
        maxlength="254"
        autocomplete="off"
        :aria-invalid="!!missing.email"
      />
    </FormField>
    <FormField label="As">
      <select v-model="role">
        <option v-for="one in roles" :key="one.id" :value="one.id">{{ one.name }}: {{ one.may }}</option>
      </select>
    </FormField>
    <v-btn type="submit" color="primary" variant="flat" :loading="isPending">Make the link</v-btn>
    <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(150px, 1fr) minmax(180px, 1.2fr) minmax(180px, 1.3fr) auto;
  gap: 8px 14px;
  align-items: end;
}

.bad {
  grid-column: 1 / -1;
  color: var(--hole);
}

@media (max-width: 900px) {
  form {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
