<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query';
import { computed, ref, watch } from 'vue';
import { answer, api, changeOf, problemOf, type Schemas } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import SheetDialog from '@/frame/SheetDialog.vue';
import { useUndo } from '@/frame/useUndo';
import FormField from '@/shared/FormField.vue';
import { omit } from '@/shared/omit';
import RulesForm from './RulesForm.vue';

/** A scope as a whole: made, copied, taken in, named, put away; its house rules, note and days. */
const props = defineProps<{
  action: 'new' | 'copy' | 'merge' | 'settings';
  scope: string | null;
  scopes: Schemas['ScopeSummary'][];
}>();
/** With the scope to look at from now on, null for none in particular; undefined where that stays. */
const emit = defineEmits<{ close: [next: string | null | undefined] }>();
const next = ref<string | null>();

const isOpen = ref(true);
watch(isOpen, (now) => now || emit('close', next.value));
const undo = useUndo();

const titles = {
  new: 'New scope',
  copy: 'Copy the scope',
  merge: 'Take another scope in',
  settings: 'The scope',
};
const nameOf = (id: string | null) => props.scopes.find((one) => one.id === id)?.name ?? '';

const name = ref(props.action === 'copy' ? `${nameOf(props.scope)}, copy` : '');
const note = ref('');
const days = ref('');
/** What the lines are written for one of, and how many of them there are. */
const piece = ref('');
const pieces = ref('');
const other = ref('');
const rules = ref<Schemas['ScopeKept']['houseRules']>();
const isArchived = ref(false);

const seen = useQuery({
  ...shopQuery(['scope', props.scope], (signal) =>
    api.GET('/scopes/{id}', { params: { path: { id: props.scope ?? '' } }, signal }),
  ),
  enabled: props.action === 'settings' && props.scope !== null,
  staleTime: 0,
  gcTime: 0,
});
watch(
  () => seen.data.value,
  (scope) => {
    if (!scope) return;
    name.value = scope.name;
    note.value = scope.note ?? '';
    days.value = scope.days === undefined ? '' : String(scope.days);
    piece.value = scope.pieces?.name ?? '';
    pieces.value = scope.pieces === undefined ? '' : String(scope.pieces.count);
    rules.value = scope.houseRules;
    isArchived.value = scope.archived ?? false;
  },
  { immediate: true },
);

/** Letters, digits and hyphens of the name, which no other scope has. */
const freeId = computed(() => {
  const slug =
    name.value
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 56) || 'scope';
  const isTaken = (id: string) => props.scopes.some((one) => one.id === id);
  let id = slug;
  for (let next = 2; isTaken(id); next++) id = `${slug}-${next}`;
  return id;
});

const version = () => ({ 'If-Match': `"${seen.data.value?.version ?? ''}"` });

const write = useMutation({
  mutationFn: async (): Promise<{ change: number; said: string; scope: string | null }> => {
    const scope = props.scope ?? '';
    if (props.action === 'new') {
      const made = await api.POST('/scopes', { body: { id: freeId.value, name: name.value.trim() } });
      const { id } = await answer(Promise.resolve(made));
      return { change: changeOf(made.response), said: `Made: ${name.value}`, scope: id };
    }
    if (props.action === 'copy') {
      const made = await api.POST('/scopes/{scope}/copy', {
        params: { path: { scope } },
        body: { id: freeId.value, name: name.value.trim() },
      });
      const { id } = await answer(Promise.resolve(made));
      return { change: changeOf(made.response), said: `Copied: ${name.value}`, scope: id };
    }
    if (props.action === 'merge') {
      const { change } = await answer(
        api.POST('/scopes/{scope}/merge', { params: { path: { scope } }, body: { scope: other.value } }),
      );
      return { change, said: `Taken in: ${nameOf(other.value)}`, scope: null };
    }
    const before = seen.data.value;
    if (!before) throw new Error('It is written over only once it was seen.');
    const written = await api.PUT('/scopes/{id}', {
      params: { path: { id: scope }, header: version() },
      body: {
        ...omit(before, 'version', 'houseRules', 'note', 'days', 'archived', 'pieces'),
        name: name.value.trim(),
        ...(note.value.trim() ? { note: note.value.trim() } : {}),
        ...(days.value.trim() ? { days: Number(days.value) } : {}),
        ...(piece.value.trim() ? { pieces: { name: piece.value.trim(), count: Number(pieces.value) } } : {}),
        ...(rules.value && Object.keys(rules.value).length ? { houseRules: rules.value } : {}),
        ...(isArchived.value ? { archived: true } : {}),
      },
    });
    await answer(Promise.resolve(written));
    return { change: changeOf(written.response), said: `Written: ${name.value}`, scope: null };
  },
  onSuccess: async ({ change, said, scope }) => {
    await undo.did(change, said);
    if (scope) next.value = scope;
    isOpen.value = false;
  },
});

const takeAway = useMutation({
  mutationFn: async () => {
    const gone = await api.DELETE('/scopes/{id}', {
      params: { path: { id: props.scope ?? '' }, header: version() },
    });
    await answer(Promise.resolve(gone));
    return changeOf(gone.response);
  },
  onSuccess: async (change) => {
    // Away from it before the shop is read anew, in which it is no more.
    next.value = null;
    isOpen.value = false;
    await undo.did(change, `Taken away: ${name.value}`);
  },
});

const problem = computed(() => {
  const error = write.error.value ?? takeAway.error.value ?? seen.error.value;
  return error ? problemOf(error) : null;
});
const isDays = computed(() => days.value === '' || /^[1-9]\d{0,3}$/.test(days.value));
/** Both or neither. */
const isPieces = computed(() =>
  piece.value.trim() === '' ? pieces.value === '' : /^[1-9]\d{0,5}$/.test(pieces.value),
);
const mayWrite = computed(() =>
  props.action === 'merge' ? other.value !== '' : name.value.trim() !== '' && isDays.value && isPieces.value,
);
const others = computed(() => props.scopes.filter(({ id, archived }) => id !== props.scope && !archived));
</script>

<template>
  <SheetDialog v-model="isOpen" :title="titles[action]" :problem @submit="write.mutate()">
    <FormField
      v-if="action === 'merge'"
      :label="`Which lines come into “${nameOf(scope)}”`"
      hint="The same work is added up, all else follows at the end, and the other scope is put away."
    >
      <select v-model="other" required>
        <option value="" disabled>pick a scope</option>
        <option v-for="one in others" :key="one.id" :value="one.id">
          {{ one.name }} ({{ one.lines }} lines)
        </option>
      </select>
    </FormField>
    <FormField v-else label="Name">
      <input v-model="name" required maxlength="200" autofocus autocomplete="off" />
    </FormField>
    <template v-if="action === 'settings'">
      <div class="pair">
        <FormField
          label="Days that the quantities spread over"
          :problem="isDays ? undefined : 'A whole number from 1 on.'"
        >
          <input v-model="days" inputmode="numeric" placeholder="not stated" :aria-invalid="!isDays" />
        </FormField>
        <FormField label="Put away: kept, but out of the way" is-check>
          <input v-model="isArchived" type="checkbox" />
        </FormField>
      </div>
      <div class="pair pieces">
        <FormField
          label="Its lines are written for one"
          hint="One fixture, cabinet or robot; all sums are then of so many."
        >
          <input v-model="piece" maxlength="200" placeholder="all of it at once" autocomplete="off" />
        </FormField>
        <FormField
          label="of so many"
          :problem="isPieces ? undefined : 'A whole number from 1 on, and of what.'"
        >
          <input v-model="pieces" inputmode="numeric" :aria-invalid="!isPieces" />
        </FormField>
      </div>
      <FormField label="Note">
        <textarea v-model="note" rows="2" maxlength="2000" />
      </FormField>
      <RulesForm v-model="rules" />
    </template>
    <template #buttons="{ leave }">
      <v-btn
        type="submit"
        color="primary"
        variant="flat"
        :disabled="!mayWrite"
        :loading="write.isPending.value"
      >
        {{ action === 'settings' ? 'Write' : action === 'merge' ? 'Take it in' : 'Make it' }}
      </v-btn>
      <v-btn variant="text" @click="leave">Leave it</v-btn>
      <v-btn
        v-if="action === 'settings'"
        class="away"
        variant="text"
        :loading="takeAway.isPending.value"
        @click="takeAway.mutate()"
      >
        Take the scope away
      </v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  align-items: end;
}

.pieces {
  align-items: start;
}

.away {
  margin-left: auto;
}
</style>
