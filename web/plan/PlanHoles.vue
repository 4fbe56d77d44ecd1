<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, prose } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';

/** The holes of the kit as it is, each with what the plan does about it; and what nothing that can be had closes. */
const props = defineProps<{ plan: Schemas['Plan'] }>();
const holes = computed(() =>
  [...props.plan.holes].sort((one, other) => Number(one.isClosed) - Number(other.isClosed)),
);
</script>

<template>
  <section aria-labelledby="holes-head">
    <h2 id="holes-head">Holes</h2>
    <p v-if="!plan.holes.length" class="muted none">None: all of this can be made with the kit as it is.</p>
    <ul class="rows">
      <li v-for="(hole, index) in holes" :key="index" :class="{ open: !hole.isClosed }">
        <StatusMark
          :status="hole.isClosed ? 'covered' : 'hole'"
          :size="13"
          :says="hole.isClosed ? 'closed by the plan' : 'stays open'"
        />
        <div>
          <b>{{ prose(hole.name) }}</b>
          <span class="muted many">{{ counted(hole.quantity, 'termination') }}</span>
          <p v-if="!hole.isClosed">
            Stays open.
            <template
              v-if="
                plan.open.some(
                  (one) => one.canBeClosed && hole.lines.includes(one.line) && one.op === hole.op,
                )
              "
              >The money or the mass does not reach.</template
            >
            <template v-else>Nothing here closes it. Wanted: {{ prose(hole.wanted) }}</template>
          </p>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
li {
  display: grid;
  grid-template-columns: 16px minmax(0, 1fr);
  gap: 7px;
  font-size: 13px;
}

li > svg {
  margin-top: 3px;
}

b {
  display: block;
  font-weight: 600;
}

.open b {
  color: var(--hole);
}

.many {
  font-size: 12.5px;
}

p {
  margin: 2px 0 0;
  font-size: 12.5px;
}
</style>
