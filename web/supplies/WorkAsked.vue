<script setup lang="ts">
import { computed } from 'vue';
import { counted } from '@/shared/pretty';
import PickOne from '@/shared/PickOne.vue';

/** For which work, and how many times each: a class of twelve makes one scope twelve times. */
const { scopes, picked, times, weeks } = defineProps<{
  scopes: { id: string; name: string }[];
  /** Null for all. */
  picked: string[] | null;
  times: Map<string, number>;
  weeks: string | null;
}>();
const emit = defineEmits<{
  pick: [ids: string[] | null];
  times: [id: string, count: number];
  weeks: [weeks: string | null];
}>();

const isIn = (id: string) => picked === null || picked.includes(id);
/** The last one stays: nothing at all would be all of it. */
const isOne = computed(() => scopes.filter(({ id }) => isIn(id)).length === 1);
function tick(id: string, isOn: boolean): void {
  const now = scopes.map((scope) => scope.id).filter((one) => (one === id ? isOn : isIn(one)));
  emit('pick', now.length === scopes.length ? null : now);
}
function make(id: string, event: Event): void {
  const { value, validity } = event.target as HTMLInputElement;
  if (validity.valid && value !== '') emit('times', id, Number(value));
}
const said = computed(() => {
  const those = scopes.filter(({ id }) => isIn(id));
  const only = those[0];
  const count = only ? (times.get(only.id) ?? 1) : 1;
  if (those.length === 1 && only) return count > 1 ? `${count} × ${only.name}` : only.name;
  const more = those.filter(({ id }) => (times.get(id) ?? 1) > 1).length;
  return `${picked === null ? 'all work' : counted(those.length, 'scope')}${more ? `, ${more} of it several times` : ''}`;
});
const ahead = [
  { id: '', name: 'no more' },
  { id: '2', name: 'two weeks of the usual use' },
  { id: '3', name: 'three weeks of the usual use' },
  { id: '4', name: 'four weeks of the usual use' },
  { id: '8', name: 'eight weeks of the usual use' },
];
const choices = computed(() =>
  weeks === null || ahead.some(({ id }) => id === weeks)
    ? ahead
    : [...ahead, { id: weeks, name: `${weeks} weeks of the usual use` }],
);
</script>

<template>
  <div class="asked">
    <details>
      <summary>
        For <b>{{ said }}</b>
      </summary>
      <ul>
        <li v-for="scope in scopes" :key="scope.id">
          <label>
            <input
              type="checkbox"
              :checked="isIn(scope.id)"
              :disabled="isIn(scope.id) && isOne"
              @change="tick(scope.id, ($event.target as HTMLInputElement).checked)"
            />
            {{ scope.name }}
          </label>
          <label class="times"
            ><input
              type="number"
              min="1"
              max="1000"
              step="1"
              inputmode="numeric"
              class="mono"
              :aria-label="`How many times ${scope.name} is made`"
              :value="times.get(scope.id) ?? 1"
              :disabled="!isIn(scope.id)"
              @change="make(scope.id, $event)"
            />
            times</label
          >
        </li>
      </ul>
    </details>
    <PickOne label="Beside it" :items="choices" :picked="weeks ?? ''" @pick="emit('weeks', $event || null)" />
  </div>
</template>

<style scoped>
.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: flex-start;
}

details {
  flex: 0 1 auto;
  min-width: 260px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
}

summary {
  min-height: calc(var(--touch) - 8px);
  padding: 5px 12px;
  cursor: pointer;
}

ul {
  margin: 0;
  padding: 4px 12px 10px;
  list-style: none;
}

li {
  display: flex;
  gap: 18px;
  align-items: center;
  justify-content: space-between;
}

label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
}

input[type='checkbox'] {
  width: 17px;
  height: 17px;
  accent-color: var(--copper);
}

.times input {
  width: 76px;
  min-height: var(--touch-tight);
  padding: 0 6px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--ground);
  color: var(--ink);
  font-size: 14px;
  text-align: right;
}

.times input:disabled {
  color: var(--muted);
}
</style>
