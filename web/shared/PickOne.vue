<script setup lang="ts">
/**
 * One of a list, as the device lets somebody pick: by keys, by letters, by the wheel of a tablet. Where the browser knows how to
 * dress its list, it is dressed as everything else.
 */
defineProps<{
  label: string;
  items: { id: string; name: string }[];
  picked: string | null;
}>();
const emit = defineEmits<{ pick: [id: string] }>();
</script>

<template>
  <label class="one">
    <span class="label">{{ label }}</span>
    <select
      :value="picked ?? ''"
      :aria-label="label"
      @change="emit('pick', ($event.target as HTMLSelectElement).value)"
    >
      <option v-if="picked === null || !items.some(({ id }) => id === picked)" :value="picked ?? ''" disabled>
        –
      </option>
      <option v-for="item in items" :key="item.id" :value="item.id">{{ item.name }}</option>
    </select>
  </label>
</template>

<style scoped>
.one {
  display: flex;
  align-items: center;
  min-width: 0;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
}

.one:hover {
  border-color: var(--tool-edge);
}

.one:focus-within {
  border-color: var(--ink);
  box-shadow: inset 0 -2px 0 var(--copper);
}

.label {
  padding-left: 10px;
  font-size: 12.5px;
  color: var(--muted);
}

select {
  flex: 1;
  min-width: 0;
  min-height: calc(var(--touch) + 2px);
  padding: 0 8px 0 6px;
  border: 0;
  outline: none;
  background: transparent;
  color: var(--ink);
  font: inherit;
  font-weight: 560;
  text-overflow: ellipsis;
  cursor: pointer;
}

option {
  background: var(--surface);
  color: var(--ink);
}

@supports (appearance: base-select) {
  select,
  select::picker(select) {
    appearance: base-select;
  }

  select {
    display: flex;
    align-items: center;
    overflow: hidden;
    white-space: nowrap;
  }

  select::picker-icon {
    color: var(--copper);
    font-size: 11px;
  }

  select::picker(select) {
    margin-top: 3px;
    padding: 3px 0;
    border: 1px solid var(--ink);
    border-radius: 3px;
    background: var(--surface);
  }

  option {
    min-height: max(32px, var(--touch));
    padding: 0 14px 0 11px;
    border-left: 3px solid transparent;
    font-weight: 400;
  }

  option:checked {
    border-left-color: var(--copper);
    font-weight: 600;
  }

  option:hover,
  option:focus-visible {
    background: var(--row-wash);
    outline: none;
  }

  option::checkmark {
    display: none;
  }
}
</style>
