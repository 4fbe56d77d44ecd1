<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import type { Pair } from '@/data/pairs';
import { useAddress } from '@/frame/useAddress';

/** That the kit is looked at as it is not: which tools are supposed in it or out of it, what that closes and opens, and the way back. */
const props = defineProps<{ pair: Pair; coverage: Schemas['Coverage'] | undefined }>();
const { show } = useAddress();

const ids = (list: string | undefined) => list?.split(',').filter(Boolean) ?? [];
const nameOf = (id: string) => props.coverage?.tools[id]?.name ?? id;
const change = computed(() => {
  const { was, report } = props.coverage ?? {};
  if (!was || !report) return null;
  const turned = (from: string, to: string) =>
    report.lines.filter(
      (line) =>
        (was.lines[line.id] === 'hole' ? 'hole' : 'made') === from &&
        (line.status === 'hole' ? 'hole' : 'made') === to,
    ).length;
  return { closes: turned('hole', 'made'), opens: turned('made', 'hole') };
});
/** Without one of them. */
function less(key: 'with' | 'without', id: string): void {
  const left = ids(props.pair[key]).filter((one) => one !== id);
  show({ [key]: left.length ? left.join(',') : null });
}
</script>

<template>
  <div class="supposed" role="status">
    <b>As if</b>
    <ul>
      <li v-for="id in ids(pair.with)" :key="`with-${id}`">
        + {{ nameOf(id) }}
        <button type="button" :aria-label="`Without ${nameOf(id)} after all`" @click="less('with', id)">
          ×
        </button>
      </li>
      <li v-for="id in ids(pair.without)" :key="`without-${id}`" class="out">
        − {{ nameOf(id) }}
        <button type="button" :aria-label="`With ${nameOf(id)} after all`" @click="less('without', id)">
          ×
        </button>
      </li>
    </ul>
    <span v-if="change"
      >closes <b class="mono">{{ change.closes }}</b>, opens
      <b class="mono" :class="{ opens: change.opens }">{{ change.opens }}</b></span
    >
    <span class="ways">
      <button type="button" @click="show({ with: null, without: null })">The kit as it is</button>
      <RouterLink
        :to="{
          name: 'plan',
          query: {
            kit: pair.kit,
            scopes: pair.scope,
            ...(pair.on ? { on: pair.on } : {}),
            ...(pair.with ? { with: pair.with } : {}),
          },
        }"
        >Plan</RouterLink
      >
    </span>
  </div>
</template>

<style scoped>
.supposed {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  margin-bottom: 6px;
  padding: 3px 12px;
  border: 1px dashed var(--copper);
  border-radius: 3px;
  font-size: 13px;
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
  margin: 0;
  padding: 0;
  list-style: none;
}

li button {
  min-width: var(--touch);
  min-height: var(--touch);
  color: var(--muted);
  cursor: pointer;
}

.out,
.opens {
  color: var(--hole);
}

.ways > * {
  display: flex;
  align-items: center;
  min-height: var(--touch);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.ways {
  display: flex;
  gap: 16px;
  align-items: center;
  margin-left: auto;
}
</style>
