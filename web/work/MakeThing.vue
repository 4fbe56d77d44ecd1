<script setup lang="ts">
import { useMutation, useQuery } from '@tanstack/vue-query';
import { computed, nextTick, reactive, ref, toRef, useTemplateRef, watch } from 'vue';
import { answer, api, type Schemas } from '@/api/client';
import { shopQuery } from '@/data/shopQuery';
import { useNames } from '@/data/things';
import { useWorkbookSchema } from '@/data/workbookSchema';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import { millimetres } from '@/shared/length';
import { omit } from '@/shared/omit';
import { asWritten, refusal } from '@/shared/refusal';
import { words as inWords } from '@/shared/pretty';

/**
 * A wire or terminal that the shop lacks, made right where it is missed, of what was written; or the words become another
 * name for one that the shop has.
 */
const props = defineProps<{ about: 'wire' | 'terminal'; text: string }>();
const emit = defineEmits<{ made: [name: string] }>();

const { person } = useSession();
const isLead = computed(() => person.value?.role === 'lead');
/** A coordinator's counts at once, and the lead is asked to look at it. */
const mayMake = computed(() => person.value?.maySetUpTheShop ?? false);

const { part } = useWorkbookSchema();
const wordsOf = (list: string) => part(list).enum ?? [];

interface Field {
  key: string;
  title: string;
  hint: string;
  options?: string[];
  isNeeded?: boolean;
}

const fields = computed<Field[]>(() =>
  props.about === 'wire'
    ? [
        { key: 'name', title: 'Name', hint: '', isNeeded: true },
        { key: 'size', title: 'Size', hint: '12 AWG or 2.5 mm²', isNeeded: true },
        {
          key: 'construction',
          title: 'Construction',
          hint: '',
          options: wordsOf('construction'),
          isNeeded: true,
        },
        { key: 'insulation', title: 'Insulation', hint: '', options: wordsOf('material'), isNeeded: true },
        { key: 'insulationOd', title: 'Outside diameter', hint: '3.9 mm or 0.15 in' },
      ]
    : [
        { key: 'name', title: 'Name', hint: '', isNeeded: true },
        { key: 'class', title: 'Class', hint: '', options: wordsOf('class'), isNeeded: true },
        { key: 'size', title: 'Sizes', hint: '16-14 AWG / 1.5-2.5 mm²', isNeeded: true },
        { key: 'stud', title: 'Stud', hint: 'M6, #10' },
        { key: 'nest', title: 'Nest', hint: 'red, blue, yellow' },
      ],
);

const proposal = useQuery({
  ...shopQuery(['proposal', toRef(props, 'about'), toRef(props, 'text')], (signal) =>
    api.GET('/proposal', { params: { query: { about: props.about, text: props.text } }, signal }),
  ),
});
const says = reactive<Record<string, string>>({});
const others = ref<Record<string, unknown>>({});
watch(
  () => proposal.data.value,
  (read) => {
    others.value = omit(read?.says ?? {}, ...fields.value.map(({ key }) => key));
    for (const { key } of fields.value) says[key] = asWritten(read?.says[key] ?? '');
  },
  { immediate: true },
);
const isNoLength = computed(() => !!says.insulationOd?.trim() && millimetres(says.insulationOd) === null);
const missing = computed(() => fields.value.filter(({ key, isNeeded }) => isNeeded && !says[key]?.trim()));

/** Pressed while something is missing: it is asked for at its field. */
const hasAsked = ref(false);
const isAsked = ({ key, isNeeded }: Field) =>
  hasAsked.value && ((isNeeded && !says[key]?.trim()) || (key === 'insulationOd' && isNoLength.value));
const fieldset = useTemplateRef<HTMLElement>('fieldset');
async function submit(): Promise<void> {
  hasAsked.value = true;
  if (!missing.value.length && !isNoLength.value) {
    make.mutate();
    return;
  }
  await nextTick();
  fieldset.value?.querySelector<HTMLElement>('[aria-invalid=true]')?.focus();
}

const make = useWrite<{ name: string }>({
  ask: () => {
    const said = Object.entries(says).filter(([, value]) => value.trim() !== '');
    const thing = {
      ...others.value,
      ...Object.fromEntries(
        said.map(([key, value]) => [key, key === 'insulationOd' ? millimetres(value) : value.trim()]),
      ),
    };
    const list = props.about === 'wire' ? '/wires' : '/terminals';
    return api.POST(list as '/wires', { body: thing as Schemas['WireDraft'] });
  },
  said: (_, made) => `${isLead.value ? 'Made' : 'Proposed'}: ${made.name}`,
  atOnce: (made) => emit('made', made.name),
});
const problem = computed(() => make.problem.value ?? take.problem.value);

const take = useWrite<{ name: string }, { id: string; name: string }>({
  ask: ({ id }) =>
    api.POST('/catalogue/{list}/{id}', {
      params: { path: { list: props.about === 'wire' ? 'wires' : 'terminals', id } },
    }),
  said: ({ name }) => `${isLead.value ? 'Taken' : 'Proposed'} from the shelf: ${name}`,
  atOnce: (taken) => emit('made', taken.name),
});
/** Where the shelf has it, making one is the other way. */
const isMaking = ref(false);
const shelf = computed(() => proposal.data.value?.shelf ?? []);
const isDescribed = computed(
  () => mayMake.value && proposal.data.value !== undefined && (isMaking.value || !shelf.value.length),
);
const byColour = computed(() =>
  (proposal.data.value?.assumed ?? []).flatMap(
    (key) => fields.value.find((field) => field.key === key)?.title.toLowerCase() ?? [],
  ),
);

const sought = ref('');
const found = useNames(
  computed(() => (props.about === 'wire' ? 'wires' : 'terminals')),
  sought,
);
const call = useMutation({
  mutationFn: (id: string) =>
    answer(api.PUT('/aliases', { body: { about: props.about, words: props.text, id } })),
  onSuccess: (_data, id) => emit('made', found.value.find((one) => one.id === id)?.name ?? id),
});
</script>

<template>
  <section class="make" :aria-label="`A ${about} that is missing`">
    <p>
      The shop has no {{ about }} that is called <b>“{{ text }}”</b>.
    </p>
    <p v-if="shelf.length" class="other shelf">
      {{ shelf.length === 1 ? 'The shelf has it:' : 'The shelf has:' }}
      <template v-if="mayMake">
        <v-btn
          v-for="one in shelf"
          :key="one.id"
          size="small"
          color="primary"
          :variant="shelf.length === 1 ? 'flat' : 'outlined'"
          :aria-label="`Take over: ${one.name}`"
          :loading="take.isPending.value && take.variables.value?.id === one.id"
          @click="take.mutate(one)"
        >
          {{ one.name }}
        </v-btn>
        <span class="muted">one press takes it over</span>
        <v-btn v-if="!isMaking" size="small" variant="text" @click="isMaking = true"
          >It is another: describe it</v-btn
        >
      </template>
      <b v-else>{{ shelf.map(({ name }) => name).join(' · ') }}</b>
    </p>
    <form v-if="isDescribed" ref="fieldset" class="fields" @submit.prevent="submit()">
      <label v-for="field in fields" :key="field.key">
        <span>{{ field.title }}</span>
        <select v-if="field.options" v-model="says[field.key]" :aria-invalid="isAsked(field)">
          <option value="" disabled>which?</option>
          <option v-for="one in field.options" :key="one" :value="one">{{ inWords(one) }}</option>
        </select>
        <input
          v-else
          v-model="says[field.key]"
          :placeholder="field.hint"
          maxlength="200"
          autocomplete="off"
          :aria-invalid="isAsked(field)"
        />
      </label>
      <v-btn type="submit" size="small" color="primary" variant="flat" :loading="make.isPending.value">
        {{ isLead ? 'Make' : 'Propose' }} this {{ about }}
      </v-btn>
    </form>
    <p v-if="!mayMake" class="muted">
      The shop lead and the coordinator make it; until then it can be another name for one that there is.
    </p>
    <p v-else-if="!isLead" class="muted">It counts at once, and the shop lead is asked to look at it.</p>
    <p v-if="missing.length && isDescribed" class="muted">
      Still open: {{ missing.map(({ title }) => title.toLowerCase()).join(', ') }}.
    </p>
    <p v-if="byColour.length && isDescribed" class="muted">
      By its colour, as is common: {{ byColour.join(', ') }}. Look at the package.
    </p>
    <p v-if="isNoLength" class="problem" role="alert">
      “{{ says.insulationOd }}” is no length: write it like 3.9 mm or 0.15 in.
    </p>
    <p v-if="problem" class="problem" role="alert">
      {{ refusal(problem) }}
    </p>
    <p class="other">
      <label
        >Or it is
        <input v-model="sought" placeholder="words of its name" :aria-label="`Which ${about} it is`"
      /></label>
      <template v-if="sought.trim()">
        <button v-for="one in found.slice(0, 4)" :key="one.id" type="button" @click="call.mutate(one.id)">
          {{ one.name }}
        </button>
      </template>
      <small v-if="sought.trim()" class="muted">which is then remembered</small>
    </p>
  </section>
</template>

<style scoped>
.make {
  display: grid;
  gap: 5px;
  padding: 7px 12px;
  border-left: 3px solid var(--makeshift);
  background: var(--surface);
  font-size: 13px;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 12px;
  align-items: end;
}

label {
  display: grid;
  gap: 1px;
  color: var(--muted);
  font-size: 12px;
}

.other,
.other label {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

input,
select {
  min-width: 110px;
  max-width: 230px;
  min-height: var(--touch-tight);
  padding: 0 8px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--ground);
  color: var(--ink);
  font: inherit;
  font-size: 13px;
}

[aria-invalid='true'] {
  border-color: var(--hole);
}

button {
  min-height: var(--touch-tight);
}

.other button {
  padding: 0 9px;
  border: 1px solid var(--ink);
  border-radius: 3px;
  cursor: pointer;
}

.problem {
  color: var(--hole);
}
</style>
