<script setup lang="ts">
/** What each column of a table says: recognised by its name, and set otherwise by whoever knows better. */
const props = defineProps<{
  /** Over the columns, empty where there is none. */
  names: string[];
  columns: { index: number; says: string }[];
  /** All that a column can say, in words. */
  words: Record<string, string>;
}>();
const emit = defineEmits<{ say: [column: number, says: string] }>();

const saysOf = (at: number) => props.columns.find(({ index }) => index === at)?.says ?? '';
</script>

<template>
  <div class="mapping" aria-label="What the columns say">
    <label v-for="(name, at) in names" :key="at">
      <span>{{ name || `Column ${at + 1}` }}</span>
      <select
        :value="saysOf(at)"
        :class="{ says: saysOf(at) !== '' }"
        @change="emit('say', at, ($event.target as HTMLSelectElement).value)"
      >
        <option value="">says nothing</option>
        <option v-for="(word, key) in words" :key="key" :value="key">{{ word }}</option>
      </select>
    </label>
  </div>
</template>

<style scoped>
.mapping {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  max-height: 30%;
  overflow: auto;
}

label {
  display: grid;
  gap: 1px;
  font-size: 12px;
  color: var(--muted);
}

select {
  max-width: 190px;
  min-height: var(--touch-tight);
  padding: 0 6px;
  border: 1px dashed var(--tool-edge);
  border-radius: 3px;
  background: var(--ground);
  color: var(--muted);
  font: inherit;
}

select.says {
  border-style: solid;
  color: var(--ink);
}
</style>
