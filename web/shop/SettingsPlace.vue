<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { api, type Schemas } from '@/api/client';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useUndoKeys } from '@/frame/useUndoKeys';
import { useWrite } from '@/frame/useWrite';
import { sessionKey, useSession } from '@/session/useSession';
import FormField from '@/shared/FormField.vue';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';
import ShopCurrency from './ShopCurrency.vue';
import { choices, nameOf, type Choice } from './settings';

/** What the shop is called, what its prices are in, and how it tells things to who has chosen nothing else. */
type Said = Schemas['ShopSettingsSaid'];
const { person } = useSession();
const client = useQueryClient();
const isLead = computed(() => person.value?.role === 'lead');
const settings = computed(() => person.value?.settings ?? null);
const name = ref('');
const missing = ref('');
watch(
  () => settings.value?.name,
  (of) => (name.value = of ?? ''),
  { immediate: true },
);
const { mutate, isPending, problem } = useWrite<unknown, { body: Said; said: string }>({
  ask: ({ body }) => api.PUT('/settings', { body }),
  said: ({ said }) => said,
  atOnce: () => void client.invalidateQueries({ queryKey: sessionKey }),
});
function pick(of: Choice, value: string): void {
  // That alone: what was picked a moment ago, or by another lead, stays.
  mutate({ body: { [of.key]: value }, said: `${of.label}: ${nameOf(of, value)}` });
}
function call(): void {
  missing.value = name.value.trim() ? '' : 'What people call it: it stands on cards and lists.';
  if (missing.value || name.value.trim() === settings.value?.name) return;
  const called = name.value.trim();
  mutate({ body: { name: called }, said: `The shop is called ${called}` });
}
useUndoKeys();
</script>

<template>
  <PlaceFrame title="Name, currency, units and theme" look="page" is-shown>
    <template #beside><RouterLink class="all" :to="{ name: 'shop' }">Shop</RouterLink></template>
    <div v-if="settings" class="columns">
      <section aria-labelledby="called">
        <h2 id="called">What it is called</h2>
        <form v-if="isLead" @submit.prevent="call()">
          <FormField
            class="name"
            label="Name of the shop"
            hint="It stands on cards, lists and calendars."
            :problem="missing || undefined"
          >
            <input v-model="name" maxlength="200" autocomplete="organization" />
          </FormField>
          <v-btn
            type="submit"
            variant="outlined"
            :disabled="name.trim() === settings.name"
            :loading="isPending"
            >Call it so</v-btn
          >
        </form>
        <p v-else>{{ settings.name }}</p>
        <h2>What prices are in</h2>
        <ShopCurrency />
      </section>
      <section aria-labelledby="tells">
        <h2 id="tells">How it tells things first</h2>
        <p class="muted lead">
          To who has chosen nothing else: everybody may, by the button with their name. What was chosen there
          stays.
        </p>
        <div v-for="choice in choices" :key="choice.key" class="choice">
          <PickOne
            v-if="isLead"
            :label="choice.label"
            :items="choice.options"
            :picked="settings[choice.key]"
            @pick="(value) => pick(choice, value)"
          />
          <p v-else>
            <span class="muted">{{ choice.label }}</span> {{ nameOf(choice, settings[choice.key]) }}
          </p>
          <small v-if="choice.hint" class="muted">{{ choice.hint }}</small>
        </div>
        <p v-if="!isLead" class="muted">The shop lead says how.</p>
      </section>
    </div>
    <p v-if="problem" class="wrong" role="alert">{{ refusal(problem) }}</p>
  </PlaceFrame>
</template>

<style scoped>
.all {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.columns {
  display: grid;
  grid-template-columns: minmax(260px, 1fr) minmax(300px, 1.2fr);
  gap: 24px 56px;
}

h2 {
  margin: 0 0 6px;
  font-size: 17px;
}

form {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: start;
  margin-bottom: 26px;
}

.name {
  flex: 1 1 220px;
}

form .v-btn {
  margin-top: 24px;
}

.lead {
  margin: 0 0 12px;
  max-width: 52ch;
}

.choice {
  display: grid;
  gap: 3px;
  max-width: 420px;
  margin-bottom: 14px;
}

.wrong {
  color: var(--hole);
}

@media (max-width: 760px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
