<script setup lang="ts">
import { mdiClose } from '@mdi/js';
import { computed, ref, useId } from 'vue';
import { useToolsById } from '@/data/things';

/** What a tool cannot do without, picked by name. */
const props = defineProps<{
  /** Ids of what is required. */
  required: readonly string[];
  /** The tool itself, which does not require itself. */
  self: string | undefined;
  problem: string | null;
  isReadonly: boolean;
}>();
const emit = defineEmits<{ put: [required: string[] | undefined] }>();

const tools = useToolsById();
const nameOf = (tool: string) => tools.value.get(tool)?.name ?? 'a tool that is gone';
const others = computed(() =>
  [...tools.value].flatMap(([id, { name }]) =>
    id === props.self || props.required.includes(id) ? [] : [{ id, name }],
  ),
);

const id = useId();
const text = ref('');
const isUnknown = ref(false);
const told = computed(() =>
  isUnknown.value ? `No tool of the shop is called “${text.value.trim()}”.` : props.problem,
);

/** By its whole name, or by words that only one has. */
function add(): void {
  const words = text.value.trim().toLowerCase();
  if (words === '') return;
  const named = others.value.filter(({ name }) => name.toLowerCase() === words);
  const found = named.length ? named : others.value.filter(({ name }) => name.toLowerCase().includes(words));
  const [one] = found;
  isUnknown.value = found.length !== 1;
  if (one === undefined || isUnknown.value) return;
  emit('put', [...props.required, one.id]);
  text.value = '';
}
function remove(tool: string): void {
  const left = props.required.filter((other) => other !== tool);
  emit('put', left.length ? left : undefined);
}
</script>

<template>
  <div class="required">
    <label class="label" :for="id">Works only with</label>
    <div class="row">
      <span v-for="tool in required" :key="tool" class="chip">
        {{ nameOf(tool) }}
        <v-btn
          v-if="!isReadonly"
          :icon="mdiClose"
          size="x-small"
          variant="text"
          :aria-label="`Works without ${nameOf(tool)}`"
          @click="remove(tool)"
        />
      </span>
      <span v-if="isReadonly && !required.length" class="muted">nothing else</span>
      <template v-if="!isReadonly">
        <input
          :id
          v-model="text"
          :list="`${id}-list`"
          placeholder="e.g. Press frame"
          autocomplete="off"
          :aria-invalid="told ? true : undefined"
          :aria-describedby="told ? `${id}-told` : undefined"
          @input="isUnknown = false"
          @change="add"
          @keydown.enter.prevent="add"
        />
        <datalist :id="`${id}-list`">
          <option v-for="one in others" :key="one.id" :value="one.name" />
        </datalist>
      </template>
    </div>
    <small v-if="told" :id="`${id}-told`" class="told" role="alert">{{ told }}</small>
  </div>
</template>

<style scoped src="./field.css"></style>

<style scoped>
.required {
  display: grid;
  grid-column: 1 / -1;
  gap: 2px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
}

.chip {
  display: inline-flex;
  gap: 2px;
  align-items: center;
  min-height: var(--touch-tight);
  padding: 0 4px 0 9px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  font-size: 13px;
}

input {
  flex: 0 1 260px;
  min-width: 0;
  min-height: var(--touch);
  padding: 0 8px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-size: 13.5px;
}

input::placeholder {
  color: var(--muted);
  font-style: italic;
}
</style>
