<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, prose } from '@/shared/pretty';
import StatusMark from '@/shared/StatusMark.vue';
import PriceIt from './PriceIt.vue';

/** The holes of the kit as it is, each with what the plan does about it; and what nothing that can be had closes. */
const props = defineProps<{
  plan: Schemas['Plan'];
  /** Tools that only want a price. */
  unpriced: Schemas['Unpriced'][];
}>();
const holes = computed(() =>
  [...props.plan.holes].sort((one, other) => Number(one.isClosed) - Number(other.isClosed)),
);
/** So many tools that want a price are shown for a hole at first. */
const SHOWN = 3;
const all = ref<ReadonlySet<string>>(new Set());
const wanting = (hole: Schemas['Plan']['holes'][number]) =>
  props.unpriced.filter(({ does }) =>
    does.some(({ line, op }) => op === hole.op && hole.lines.includes(line)),
  );
const shown = (hole: Schemas['Plan']['holes'][number]) =>
  all.value.has(hole.name) ? wanting(hole) : wanting(hole).slice(0, SHOWN);
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
              >{{
                plan.beyond
                  ? 'It can be closed, but its lines stay open for something else.'
                  : 'The money or the mass does not reach.'
              }}</template
            >
            <template v-else
              >{{
                wanting(hole).length ? 'Nothing with a price closes it.' : 'Nothing here closes it.'
              }}
              Wanted: {{ prose(hole.wanted) }}</template
            >
          </p>
          <div v-if="!hole.isClosed && wanting(hole).length" class="wanting">
            <p>{{ wanting(hole).length === 1 ? 'This would:' : 'Any of these would:' }}</p>
            <PriceIt v-for="offer in shown(hole)" :key="offer.tool" :offer />
            <button
              v-if="wanting(hole).length > shown(hole).length"
              type="button"
              @click="all = new Set([...all, hole.name])"
            >
              and {{ wanting(hole).length - shown(hole).length }} more
            </button>
          </div>
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

.wanting button {
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}
</style>
