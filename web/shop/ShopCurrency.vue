<script setup lang="ts">
import { computed } from 'vue';
import { api } from '@/api/client';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { currency, payIn } from '@/shared/currency';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';

/** What the shop's prices are in: the lead says it, everybody sees it. */
const { person } = useSession();

const nameOf = new Intl.DisplayNames(navigator.language, { type: 'currency' });
const written = (code: string) => `${code}: ${nameOf.of(code) ?? code}`;
const all = computed(() =>
  [...new Set([currency.value, ...Intl.supportedValuesOf('currency')])]
    .sort()
    .map((id) => ({ id, name: written(id) })),
);

const { mutate, problem } = useWrite<unknown, string>({
  ask: (code) => api.PUT('/currency', { body: { code } }),
  said: (code) => `Prices are in ${written(code)}`,
});
const pick = (code: string) => mutate(code, { onSuccess: () => payIn(code) });
</script>

<template>
  <template v-if="person?.role === 'lead'">
    <PickOne label="Prices are in" :items="all" :picked="currency" @pick="pick" />
    <p class="muted">Amounts stay the numbers that they are; none is turned into another.</p>
    <p v-if="problem" class="wrong" role="alert">{{ refusal(problem) }}</p>
  </template>
  <p v-else>
    Prices are in {{ written(currency) }}. <span class="muted">The shop lead says what they are in.</span>
  </p>
</template>

<style scoped>
p {
  margin: 6px 0 0;
}

.wrong {
  color: var(--hole);
}
</style>
