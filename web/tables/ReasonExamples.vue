<script setup lang="ts">
import { computed } from 'vue';
import { useReasonExamples } from '@/data/bench';
import { problemOf } from '@/api/client';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { prose } from '@/shared/pretty';
import ProblemNote from '@/shared/ProblemNote.vue';
import StatusMark from '@/shared/StatusMark.vue';
import { fitWords, markOfFit } from '@/shared/status';

/** Every reason code: what it means, an example of it, and what the little ruler shows of that. */
const props = defineProps<{ words: string }>();
const query = useReasonExamples(computed(() => true));
const shown = computed(() => {
  const wanted = props.words.toLowerCase().split(/\s+/).filter(Boolean);
  return (query.data.value?.data ?? []).filter((one) => {
    const text = `${one.code} ${one.meaning} ${one.text} ${one.case}`.toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
});
</script>

<template>
  <ProblemNote v-if="query.error.value" :problem="problemOf(query.error.value)" @retry="query.refetch()" />
  <p v-else-if="!query.data.value" class="muted" role="status">Opening the codes …</p>
  <p v-else-if="!shown.length" class="muted">No code has “{{ words }}”.</p>
  <ul v-else tabindex="0" aria-label="Reason codes">
    <li v-for="one in shown" :key="one.code">
      <div>
        <code class="mono">{{ one.code }}</code>
        <p>{{ prose(one.meaning) }}</p>
      </div>
      <div>
        <p class="said">
          <StatusMark :status="markOfFit[one.fit]" :size="12" :says="fitWords[one.fit]" />
          {{ prose(one.text) }}
        </p>
        <p class="muted">{{ prose(one.case) }}</p>
      </div>
      <LittleRuler
        v-if="one.bars.length || one.span"
        :ticks="query.data.value.ticks"
        :bars="one.bars"
        :span="one.span ?? undefined"
        :wire="one.wire ?? undefined"
        :width="230"
      />
    </li>
  </ul>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0 0 20px;
  overflow: auto;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr) 240px;
  gap: 4px 24px;
  padding: 8px 0;
  border-top: 1px solid var(--hairline);
  font-size: 13.5px;
}

p {
  margin: 1px 0 0;
}

code {
  font-weight: 600;
}

.muted {
  font-size: 12.5px;
}

@media (max-width: 1000px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
