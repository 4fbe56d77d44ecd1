<script setup lang="ts">
import { useMutation } from '@tanstack/vue-query';
import { computed, ref, toRef, watch } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { useToolsById } from '@/data/things';
import SheetDialog from '@/frame/SheetDialog.vue';
import { useUndo } from '@/frame/useUndo';
import { useWrite } from '@/frame/useWrite';
import WaitBar from '@/shared/WaitBar.vue';
import DueRows from '../edit/DueRows.vue';
import EditField from '../edit/EditField.vue';
import EditPick from '../edit/EditPick.vue';
import { problemAt } from '../edit/paths';
import { SHELF } from './strips';
import { tagAfter, useThingDraft } from './useThingDraft';

/** A thing as it is kept: its tag, of which model, where it lives, and what is to be done to it; written, changed and taken away. */
const props = defineProps<{ /** Null for a new one. */ tag: string | null; wall: Schemas['Wall'] }>();
const emit = defineEmits<{ close: []; written: [tag: string] }>();

const isOpen = ref(true);
watch(isOpen, (now) => now || emit('close'));
const undo = useUndo();
const { draft, put, isKnown, seen, write: ask, takeAway } = useThingDraft(toRef(props, 'tag'));

const tools = useToolsById();
const models = computed(() =>
  [...tools.value]
    .map(([id, { name }]) => ({ id, name }))
    .sort((one, other) => one.name.localeCompare(other.name)),
);
const model = computed(() => tools.value.get((draft.value.tool as string | undefined) ?? ''));
const asText = (value: unknown) => (typeof value === 'string' ? value : undefined);
const terms = ['owned', 'hired', 'dealer'];

const write = useWrite<Schemas['AssetKept']>({
  ask,
  said: (_, { id }) => `${props.tag === null ? 'Made' : 'Written'}: ${id}`,
  after: ({ id }) => {
    emit('written', id);
    if (props.tag === null) put('id', tagAfter(id));
    else isOpen.value = false;
  },
});
const gone = useMutation({
  mutationFn: takeAway,
  onSuccess: async (change) => {
    isOpen.value = false;
    await undo.did(change, `Taken away: ${props.tag}`);
  },
});
const problem = computed(() => {
  const error = gone.error.value ?? seen.error.value;
  return write.problem.value ?? (error ? problemOf(error) : null);
});
/** As the fields know them: below the thing. */
const problems = computed(() =>
  (problem.value?.problems ?? []).map(({ path, expected }) => ({
    path: path.replace(/^asset\//, ''),
    expected,
  })),
);
const at = (key: string) => problemAt(problems.value, key);
/** What is said at its field is not said twice. */
const rest = computed(() => (problems.value.length ? null : problem.value));
const lacking = computed(() =>
  !draft.value.id ? 'A thing has a tag.' : !draft.value.tool ? 'Say which model it is of.' : '',
);
const isTried = ref(false);
function submit(): void {
  isTried.value = true;
  if (!lacking.value) write.mutate();
}
</script>

<template>
  <SheetDialog
    v-model="isOpen"
    :title="tag === null ? 'A new thing' : `Thing ${tag}`"
    :problem="rest"
    @submit="submit()"
  >
    <WaitBar v-if="!isKnown" says="Fetching the thing" />
    <template v-else>
      <div class="fields">
        <EditField
          v-if="tag === null"
          label="Tag: what stands on its label"
          :value="draft.id"
          hint="CR-27"
          :problem="at('id')"
          @put="put('id', $event)"
        />
        <label class="pick">
          <span class="label">Model</span>
          <select
            class="lone-field"
            :value="draft.tool ?? ''"
            @change="put('tool', ($event.target as HTMLSelectElement).value)"
          >
            <option value="" disabled>which?</option>
            <option v-for="one in models" :key="one.id" :value="one.id">{{ one.name }}</option>
          </select>
          <small v-if="at('tool')" class="wrong">{{ at('tool') }}</small>
        </label>
        <label class="pick">
          <span class="label">Lives in</span>
          <select
            class="lone-field"
            :value="draft.home ?? SHELF"
            @change="put('home', ($event.target as HTMLSelectElement).value || undefined)"
          >
            <option v-for="kit in wall.kits" :key="kit.id" :value="kit.id">{{ kit.name }}</option>
            <option :value="SHELF">The shelf</option>
          </select>
          <small v-if="at('home')" class="wrong">{{ at('home') }}</small>
        </label>
        <EditPick
          label="Whose"
          :value="draft.terms ?? 'owned'"
          :options="terms"
          :problem="at('terms')"
          @put="put('terms', $event === 'owned' ? undefined : $event)"
        />
        <label class="pick">
          <span class="label">Bought</span>
          <input
            class="lone-field"
            type="date"
            :max="wall.today"
            :value="draft.bought ?? ''"
            @change="put('bought', ($event.target as HTMLInputElement).value)"
          />
          <small v-if="at('bought')" class="wrong">{{ at('bought') }}</small>
        </label>
        <label class="pick">
          <span class="label">{{
            (draft.terms ?? 'owned') === 'owned' ? 'Can go back until' : 'Goes home on'
          }}</span>
          <input
            class="lone-field"
            type="date"
            :min="asText(draft.bought)"
            :value="draft.returnBy ?? ''"
            @change="put('returnBy', ($event.target as HTMLInputElement).value || undefined)"
          />
          <small v-if="at('returnBy')" class="wrong">{{ at('returnBy') }}</small>
        </label>
        <EditField
          label="Serial"
          :value="draft.serial"
          :problem="at('serial')"
          @put="put('serial', $event)"
        />
        <EditField
          label="Paid"
          :value="draft.price"
          measure="money"
          :problem="at('price')"
          @put="put('price', $event)"
        />
        <EditField
          label="Its counter when it came"
          :value="draft.cycles"
          measure="count"
          :problem="at('cycles')"
          @put="put('cycles', $event)"
        />
        <EditField
          class="wide"
          label="Note"
          :value="draft.note"
          :problem="at('note')"
          @put="put('note', $event)"
        />
      </div>
      <label class="own">
        <input
          type="checkbox"
          :checked="draft.dues !== undefined"
          @change="put('dues', ($event.target as HTMLInputElement).checked ? (model?.dues ?? []) : undefined)"
        />
        Other dues than those of its model
      </label>
      <DueRows
        v-if="draft.dues !== undefined"
        :dues="draft.dues as { kind: string }[]"
        :problems
        path="dues"
        :is-readonly="false"
        has-costs
        @put="put('dues', $event ?? [])"
      />
      <p v-if="isTried && lacking" class="wrong" role="alert">{{ lacking }}</p>
    </template>
    <template #buttons="{ leave }">
      <v-btn
        type="submit"
        color="primary"
        variant="flat"
        :loading="write.isPending.value"
        :disabled="!isKnown"
        >{{ tag === null ? 'Make it' : 'Write' }}</v-btn
      >
      <v-btn variant="text" @click="leave()">{{ tag === null ? 'Done' : 'Leave it' }}</v-btn>
      <v-btn
        v-if="tag !== null"
        variant="text"
        :loading="gone.isPending.value"
        :disabled="!isKnown"
        @click="gone.mutate()"
        >Take it away</v-btn
      >
    </template>
  </SheetDialog>
</template>

<style scoped src="../edit/field.css"></style>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 8px 14px;
  align-items: start;
}

.pick {
  display: grid;
  gap: 1px;
}

select,
input[type='date'] {
  width: 100%;
}

.wide {
  grid-column: 1 / -1;
}

.own {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
}

.wrong {
  color: var(--hole);
}
</style>
