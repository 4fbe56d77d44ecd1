<script setup lang="ts">
/** One field of a form: its name, the control that is put into it, what helps, and what is wrong, said where it is wrong. */
defineProps<{
  label: string;
  unit?: string | undefined;
  hint?: string | undefined;
  problem?: string | undefined;
  /** A tick stands before its words. */
  isCheck?: boolean;
}>();
</script>

<template>
  <div class="field">
    <label :class="{ check: isCheck }">
      <slot v-if="isCheck" />
      <span
        >{{ label }} <small v-if="unit" class="muted">{{ unit }}</small></span
      >
      <slot v-if="!isCheck" />
    </label>
    <small v-if="hint" class="muted">{{ hint }}</small>
    <p v-if="problem" role="alert" class="wrong">{{ problem }}</p>
  </div>
</template>

<style scoped>
label {
  display: grid;
  gap: 3px;
  font-size: 13.5px;
}

.check {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
}

.check :slotted(input) {
  width: 18px;
  height: 18px;
  accent-color: var(--copper);
}

label:not(.check) > :slotted(*) {
  width: 100%;
  min-height: max(40px, var(--touch));
  padding: 4px 10px;
  border: 1px solid var(--tool-edge);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
  font-size: 15px;
}

label:not(.check) > :slotted([aria-invalid='true']) {
  border-color: var(--hole);
}

.wrong {
  margin: 3px 0 0;
  color: var(--hole);
  font-size: 13px;
}
</style>
