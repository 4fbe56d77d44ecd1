<script setup lang="ts">
import { computed } from 'vue';
import { pretty } from './pretty';

/** A size or number with its unit, so that in a column the points stand below each other. */
const props = defineProps<{ text: string; isAbout?: boolean }>();

const parts = computed(() => {
  const [, whole = '', fraction = '', unit = ''] =
    /^([^\s.]+)((?:\.\d+)?)\s*(.*)$/.exec(pretty(props.text)) ?? [];
  return { whole: whole || props.text, fraction, unit };
});
</script>

<template>
  <span class="aligned"
    ><span class="whole">{{ isAbout ? '≈ ' : '' }}{{ parts.whole }}</span
    ><span class="rest">{{ parts.fraction }} {{ parts.unit }}</span></span
  >
</template>

<style scoped>
.aligned {
  display: inline-grid;
  grid-template-columns: 5.5ch 9ch;
  font-family: var(--mono);
  white-space: nowrap;
}

.whole {
  text-align: right;
}

.rest {
  white-space: pre;
  text-align: left;
}
</style>
