<script setup lang="ts">
import { computed, ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { currency } from '@/shared/currency';
import { hundredths } from '@/shared/format';
import { refusal } from '@/shared/refusal';

/** A tool that would do an open step and only wants a price: said here, it is planned with at once. */
const props = defineProps<{ offer: Schemas['Unpriced'] }>();
const { person } = useSession();
const isLead = computed(() => person.value?.role === 'lead');

const text = ref('');
const isAsked = ref(false);
const price = computed(() => hundredths(text.value));

/** One of the shelf is taken over with it, one of the shop gets it. */
async function priced(cents: number) {
  const path = { id: props.offer.tool };
  if (props.offer.isOnShelf)
    return api.POST('/catalogue/{list}/{id}', {
      params: { path: { ...path, list: 'tools' } },
      body: { price: cents },
    });
  const { data, error, response } = await api.GET('/tools/{id}', { params: { path } });
  if (!data) return { error, response };
  const { version, ...tool } = data;
  return api.PUT('/tools/{id}', {
    params: { path, header: { 'If-Match': `"${version}"` } },
    body: { ...tool, price: cents },
  });
}
const write = useWrite<unknown, number>({
  ask: priced,
  said: () => `Priced: ${props.offer.name}`,
});
const { problem } = write;

function submit(): void {
  isAsked.value = true;
  if (price.value !== null) write.mutate(price.value);
}
</script>

<template>
  <form class="priced" @submit.prevent="submit">
    <span>
      {{ offer.name }}
      <small class="muted">{{ offer.isOnShelf ? 'on the shelf' : 'has no price' }}</small>
    </span>
    <template v-if="isLead">
      <input
        v-model="text"
        inputmode="decimal"
        size="7"
        placeholder="price"
        autocomplete="off"
        :aria-label="`Price of ${offer.name}, in ${currency}`"
        :aria-invalid="isAsked && price === null"
      />
      <span aria-hidden="true" class="muted">{{ currency }}</span>
      <v-btn type="submit" size="x-small" :loading="write.isPending.value">Plan with it</v-btn>
      <p v-if="isAsked && price === null" class="wrong" role="alert">
        {{ text.trim() ? `“${text}” is no price: write it like 48.50.` : 'Say what it costs, like 48.50.' }}
      </p>
    </template>
    <p v-if="problem" class="wrong" role="alert">{{ refusal(problem) }}</p>
  </form>
</template>

<style scoped>
.priced {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 8px;
  align-items: center;
  padding: 3px 0;
}

span {
  flex: 1 1 100%;
}

input {
  min-height: var(--touch-tight);
  padding: 0 8px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font-family: var(--mono);
  font-size: 13px;
}

input::placeholder {
  font-family: var(--font, inherit);
  color: var(--muted);
}

.wrong {
  flex: 1 1 100%;
  margin: 0;
  color: var(--hole);
}
</style>
