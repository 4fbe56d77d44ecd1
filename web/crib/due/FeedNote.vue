<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { useClipboard } from '@vueuse/core';
import { computed, ref } from 'vue';
import { answer, api, problemOf } from '@/api/client';
import { useFeed } from '@/data/feed';
import { dayWords } from '@/shared/days';
import { refusal } from '@/shared/refusal';

/** The dues as a calendar that other programs take in: made, made anew or taken back, and its address told the one time it is made. */
const props = defineProps<{ today: string }>();
const feed = useFeed(ref(true));
const since = computed(() => feed.data.value?.since ?? null);
const made = ref('');
const { copy, copied } = useClipboard({ legacy: true });

const renew = useMutation({
  mutationFn: () => answer(api.POST('/feed')),
  onSuccess: async ({ address }) => {
    made.value = new URL(address, location.href).href;
    await feed.refetch();
  },
});
const takeBack = useMutation({
  mutationFn: () => answer(api.DELETE('/feed')),
  onSuccess: async () => {
    made.value = '';
    await feed.refetch();
  },
});
const isPending = computed(() => renew.isPending.value || takeBack.isPending.value);
const problem = computed(() => {
  const error = renew.error.value ?? takeBack.error.value ?? feed.error.value;
  return error ? problemOf(error) : null;
});
const words = computed(() => (since.value ? dayWords(since.value.slice(0, 10), props.today) : ''));
</script>

<template>
  <section aria-labelledby="feed">
    <h2 id="feed">In your own calendar</h2>
    <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
    <p>
      <template v-if="since">There is an address since {{ words }}. Whoever knows it</template>
      <template v-else>A calendar can take the dues in from an address. Whoever knows it</template>
      reads dates, tags and models, whose sign-off lapses for what, and nothing else.
    </p>
    <p v-if="made" class="made" role="status">
      <input
        class="lone-field"
        :value="made"
        readonly
        aria-label="Address of the calendar"
        @focus="($event.target as HTMLInputElement).select()"
      />
      <v-btn size="small" variant="flat" color="primary" @click="copy(made)">{{
        copied ? 'Copied' : 'Copy'
      }}</v-btn>
      <span class="muted">Keep it now: it is not shown again.</span>
    </p>
    <div class="acts">
      <v-btn size="small" variant="outlined" :disabled="isPending" @click="renew.mutate()">{{
        since ? 'Make a new address' : 'Make an address'
      }}</v-btn>
      <v-btn v-if="since" size="small" variant="text" :disabled="isPending" @click="takeBack.mutate()"
        >Take it back</v-btn
      >
      <span v-if="since" class="muted">The one before holds no longer then.</span>
    </div>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 4px;
  font-size: 15px;
}

p {
  margin: 0 0 6px;
}

.made,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

input {
  flex: 1 1 320px;
  font-size: 12.5px;
}

.problem {
  color: var(--hole);
}
</style>
