<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { counted, prose } from '@/shared/pretty';
import { markOfFit, operationWords } from '@/shared/status';
import StatusMark from '@/shared/StatusMark.vue';

/** Which tools of the shop do the wire or terminal that is drawn, operation by operation, the best first. */
const props = defineProps<{
  tried: Schemas['Tried'][];
  /** Wires of the shop that go into a terminal, and what stands against each. */
  wires?: Schemas['TerminalTrial']['wires'];
}>();

const rank = { proper: 0, makeshift: 1, unsuitable: 2 };
const operations = computed(() => {
  const byOperation = new Map<Schemas['Operation'], Map<string, Schemas['Tried']>>();
  for (const one of props.tried) {
    const tools = byOperation.get(one.op) ?? new Map<string, Schemas['Tried']>();
    const known = tools.get(one.tool);
    // Of several wires the one that it does worst is told.
    if (!known || rank[one.fit] > rank[known.fit]) tools.set(one.tool, one);
    byOperation.set(one.op, tools);
  }
  return [...byOperation].map(([op, tools]) => ({
    op,
    tools: [...tools.values()].sort((one, other) => rank[one.fit] - rank[other.fit]),
    proper: [...tools.values()].filter(({ fit }) => fit === 'proper').length,
  }));
});
const refused = computed(() => (props.wires ?? []).filter(({ checks }) => checks.length));
</script>

<template>
  <section class="trial" aria-label="With the shop’s own tools">
    <article v-if="wires">
      <h3>
        <span role="status">
          {{ counted(wires.length, 'wire of yours lies', 'wires of yours lie') }} within its sizes<template
            v-if="refused.length"
            >, {{ refused.length }} with something against it</template
          >
        </span>
      </h3>
      <ul>
        <li v-for="wire in refused" :key="wire.id">
          <StatusMark :status="markOfFit[wire.checks[0]?.fit ?? 'proper']" silent :size="11" />
          {{ wire.name }}
          <span v-for="check in wire.checks" :key="check.code" class="muted">{{ prose(check.text) }}</span>
        </li>
      </ul>
    </article>
    <article v-for="{ op, tools, proper } in operations" :key="op">
      <h3>{{ operationWords[op] }}: {{ proper ? counted(proper, 'tool') : 'no tool' }} of yours</h3>
      <ul>
        <li v-for="one in tools" :key="one.tool">
          <StatusMark :status="markOfFit[one.fit]" :says="one.fit" :size="11" />
          <RouterLink :to="{ name: 'thing', params: { list: 'tools', id: one.tool } }">{{
            one.name
          }}</RouterLink><template v-if="one.position && one.fit !== 'unsuitable'"
            >, “{{ one.position }}”</template
          >
          <span v-if="one.text" class="muted">{{ prose(one.text) }}</span>
        </li>
      </ul>
    </article>
    <p v-if="!operations.length" class="muted">No tool of the shop does anything to it.</p>
  </section>
</template>

<style scoped src="./trial.css"></style>

<style scoped>
.trial :deep(.mark) {
  margin-right: 5px;
}

h3 {
  font-size: 14.5px;
}

ul {
  list-style: none;
  padding: 3px 0 0;
  font-size: 13px;
}

li span {
  display: block;
  padding-left: 17px;
  font-size: 12.5px;
}
</style>
