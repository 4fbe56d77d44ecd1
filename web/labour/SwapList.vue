<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LabourSwap } from '@/data/labour';
import { money } from '@/shared/currency';
import { pretty } from '@/shared/pretty';
import { savesWords } from './labourWords';

/** Tools that would save something where they take over, most first, each with the ways on from there. */
const { swaps, pair, weighed, mayWeigh } = defineProps<{
  swaps: LabourSwap[];
  pair: { kit: string; scope: string };
  /** Id of the tool that is weighed now. */
  weighed: string | null;
  mayWeigh: boolean;
}>();
const emit = defineEmits<{ weigh: [tool: string] }>();

/** Those that save most are seen; the rest at a press. */
const FIRST = 6;
const isAll = ref(false);
const shown = computed(() => (isAll.value ? swaps : swaps.slice(0, FIRST)));
</script>

<template>
  <ul>
    <li v-for="one in shown" :key="one.tool">
      <div>
        <b>{{ pretty(one.name) }}</b>
        <span v-if="one.with.length" class="muted"> with {{ one.with.map(pretty).join(', ') }}</span>
        <span class="saves">{{ savesWords(one) }}</span>
      </div>
      <span class="ways">
        <span v-if="one.isInKit" class="muted">in the kit: reach for it first</span>
        <template v-else>
          <span v-if="one.price !== null" class="mono">{{ money(one.price) }}</span>
          <button
            v-if="mayWeigh"
            type="button"
            class="link"
            :aria-pressed="weighed === one.tool"
            @click="emit('weigh', one.tool)"
          >
            {{ weighed === one.tool ? 'Weighed below' : 'Does it pay?' }}
          </button>
          <RouterLink :to="{ name: 'cover', query: { ...pair, with: one.tool } }"
            >As if it were there</RouterLink
          >
          <RouterLink
            v-if="mayWeigh"
            :to="{ name: 'plan', query: { kit: pair.kit, scopes: pair.scope, with: one.tool } }"
            >Plan it</RouterLink
          >
        </template>
      </span>
    </li>
  </ul>
  <button v-if="swaps.length > shown.length" type="button" class="link" @click="isAll = true">
    and {{ swaps.length - shown.length }} more
  </button>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 16px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hairline);
}

.saves {
  display: block;
  font-size: 13px;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  justify-content: flex-end;
  min-height: var(--touch);
  font-size: 13px;
}

a,
.link {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

@media (width < 760px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }

  .ways {
    justify-content: flex-start;
  }
}
</style>
