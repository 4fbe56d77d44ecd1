<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { answer, api, problemOf, type Schemas } from '@/api/client';
import { useWrite } from '@/frame/useWrite';
import { useSettings } from '@/settings/useSettings';
import FormField from '@/shared/FormField.vue';
import { measured, shown, unitOf } from '@/shared/measures';
import { omit } from '@/shared/omit';
import { refusal } from '@/shared/refusal';
import WaitBar from '@/shared/WaitBar.vue';

/** Who a person is: what their hand closes with and spans, and how long they are with the shop. */
const props = defineProps<{ id: string }>();
const emit = defineEmits<{ done: [] }>();
const settings = useSettings();
/** As it was when the form was opened: what others write meanwhile is not written over. */
const seen = useQuery({
  queryKey: ['person', props.id],
  queryFn: () => answer(api.GET('/people/{id}', { params: { path: { id: props.id } } })),
  staleTime: Infinity,
  gcTime: 0,
});
const wish = ref({ name: '', grip: '', span: '', until: '', note: '' });
watch(
  seen.data,
  (person) => {
    if (!person) return;
    const { gripForce, handSpan } = person.hand ?? {};
    wish.value = {
      name: person.name,
      grip: gripForce === undefined ? '' : shown(gripForce, 'force', settings),
      span: handSpan === undefined ? '' : shown(handSpan, 'length', settings),
      until: person.until ?? '',
      note: person.note ?? '',
    };
  },
  { immediate: true },
);
/** Undefined for what was not measured, null for what is no measure. */
const measure = (text: string, of: 'force' | 'length') => {
  if (!text.trim()) return undefined;
  const value = measured(text, of, settings);
  return value !== null && value > 0 ? value : null;
};
const grip = computed(() => measure(wish.value.grip, 'force'));
const span = computed(() => measure(wish.value.span, 'length'));
const isAsked = ref(false);
const wrong = computed(() =>
  isAsked.value
    ? {
        name: wish.value.name.trim() ? undefined : 'What are they called?',
        grip: grip.value === null ? 'A force, like 280 or 63 lbf.' : undefined,
        span: span.value === null ? 'A length, like 95 or 3.7 in.' : undefined,
      }
    : {},
);
const { mutate, isPending, problem } = useWrite<unknown, Schemas['RegisteredPersonKept']>({
  ask: (was) => {
    const { name, until, note } = wish.value;
    const hand = {
      ...(grip.value ? { gripForce: grip.value } : {}),
      ...(span.value ? { handSpan: span.value } : {}),
    };
    return api.PUT('/people/{id}', {
      params: { path: { id: props.id }, header: { 'If-Match': `"${was.version}"` } },
      body: {
        ...omit(was, 'version', 'hand', 'until', 'note'),
        name: name.trim(),
        ...(Object.keys(hand).length ? { hand } : {}),
        ...(until ? { until } : {}),
        ...(note.trim() ? { note: note.trim() } : {}),
      },
    });
  },
  said: () => `Written: ${wish.value.name.trim()}`,
  after: () => emit('done'),
});
function send(): void {
  isAsked.value = true;
  if (seen.data.value && Object.values(wrong.value).every((one) => one === undefined))
    mutate(seen.data.value);
}
</script>

<template>
  <p v-if="seen.error.value" class="bad" role="alert">{{ refusal(problemOf(seen.error.value)) }}</p>
  <WaitBar v-else-if="seen.isPending.value" says="Fetching who it is" />
  <form v-else aria-label="Hand" class="who" @submit.prevent="send()" @keydown.esc="emit('done')">
    <FormField label="Name" :problem="wrong.name">
      <input v-model="wish.name" maxlength="200" autocomplete="off" />
    </FormField>
    <FormField
      label="Closes with"
      :unit="unitOf('force', settings)"
      hint="squeezed once on a grip gauge"
      :problem="wrong.grip"
    >
      <input v-model="wish.grip" inputmode="decimal" autocomplete="off" autofocus />
    </FormField>
    <FormField
      label="Spans"
      :unit="unitOf('length', settings)"
      hint="the widest handles that it closes"
      :problem="wrong.span"
    >
      <input v-model="wish.span" inputmode="decimal" autocomplete="off" />
    </FormField>
    <FormField label="With the shop until" hint="empty: no end is known">
      <input v-model="wish.until" type="date" />
    </FormField>
    <FormField class="note" label="Note">
      <input v-model="wish.note" maxlength="1000" autocomplete="off" />
    </FormField>
    <div class="acts">
      <v-btn type="submit" size="small" color="primary" variant="flat" :loading="isPending">Write it</v-btn>
      <v-btn size="small" variant="text" @click="emit('done')">Leave it</v-btn>
    </div>
    <p v-if="problem" class="bad note" role="alert">{{ refusal(problem) }}</p>
  </form>
</template>

<style scoped>
.who {
  display: grid;
  grid-template-columns: 1.4fr repeat(3, 1fr) auto;
  gap: 8px 16px;
  align-items: start;
  max-width: 980px;
  margin-bottom: 14px;
  padding: 10px 14px;
  border-left: 3px solid var(--copper);
  background: var(--row-wash);
}

.note {
  grid-column: 1 / 5;
}

.acts {
  display: flex;
  gap: 6px;
  padding-top: 22px;
}

.bad {
  color: var(--hole);
}

@media (max-width: 900px) {
  .who {
    grid-template-columns: 1fr 1fr;
  }

  .note {
    grid-column: auto;
  }
}
</style>
