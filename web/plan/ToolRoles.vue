<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import LittleRuler from '@/ruler/LittleRuler.vue';
import { counted } from '@/shared/pretty';
import { roleWords, whyOf } from './planWords';

/** What each tool of the kit is worth once the plan is done: what rests on it, and why; along the little ruler, what it reaches. */
const props = defineProps<{
  planned: Schemas['Planned'];
}>();
const nameOf = (id: string) => props.planned.tools[id]?.name ?? id;
const order = ['essential', 'better', 'backup', 'idle'] as const;
const isNew = computed(() => new Set(props.planned.plan.add.map(({ tool }) => tool)));
const roles = computed(() =>
  [...props.planned.plan.roles].sort(
    (one, other) => order.indexOf(one.role) - order.indexOf(other.role) || other.alone - one.alone,
  ),
);
const barsOf = (id: string) => (props.planned.lanes[id] ?? []).flatMap(({ bars }) => bars);
const most = computed(() => Math.max(1, ...props.planned.plan.roles.map(({ alone }) => alone)));
</script>

<template>
  <section aria-labelledby="roles-head">
    <h2 id="roles-head">What each tool is worth</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">Tool</th>
          <th scope="col">Role</th>
          <th scope="col" class="end">Rest on it alone</th>
          <th scope="col">Why</th>
          <th scope="col">Reach</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="role in roles" :key="role.tool" :class="role.role">
          <th scope="row">
            <RouterLink class="tool" :to="{ name: 'thing', params: { list: 'tools', id: role.tool } }">{{
              nameOf(role.tool)
            }}</RouterLink>
            <span v-if="isNew.has(role.tool)" class="new">new</span>
          </th>
          <td>
            <svg class="mark" width="14" height="14" viewBox="-8 -8 16 16" aria-hidden="true">
              <path v-if="role.role === 'essential'" d="M-6 -6H6V6H-6Z" class="full" />
              <path v-else-if="role.role === 'better'" d="M-6 6H6V-6Z" class="full" />
              <path v-else-if="role.role === 'backup'" d="M-6 -3H3V6H-6ZM-3 -6H6V3" class="line" />
              <path v-else d="M-5 0H5" class="line" />
            </svg>
            {{ roleWords[role.role] }}
          </td>
          <td class="end mono">
            <span v-if="role.alone" class="alone" :style="{ '--part': role.alone / most }">{{
              role.alone
            }}</span>
            <template v-else>–</template>
          </td>
          <td class="why">{{ whyOf(role, nameOf) }}</td>
          <td>
            <LittleRuler
              v-if="barsOf(role.tool).length"
              :ticks="planned.ticks"
              :bars="barsOf(role.tool)"
              :width="150"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <template v-if="planned.plan.pairs.length">
      <h3>Pairs that must not both go</h3>
      <ul>
        <li v-for="pair in planned.plan.pairs.slice(0, 6)" :key="`${pair.one} ${pair.other}`">
          {{ nameOf(pair.one) }} <span class="muted">and</span> {{ nameOf(pair.other) }}:
          <span class="muted"
            >either can be done without; without both {{ counted(pair.lines.length, 'line') }},
            {{ counted(pair.quantity, 'termination') }}, cannot be made.</span
          >
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
.end {
  padding-right: 14px;
}

h3 {
  margin-top: 14px;
}

.new {
  margin-left: 6px;
  color: var(--copper);
  font-size: 12px;
}

td:nth-child(2) {
  white-space: nowrap;
}

.mark {
  margin-right: 5px;
  vertical-align: -2px;
}

.full {
  fill: var(--ink);
}

.line {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
}

.idle th,
.idle td {
  color: var(--muted);
}

.alone {
  display: inline-block;
  min-width: 84px;
  padding-right: 4px;
  background: linear-gradient(var(--row-wash), var(--row-wash)) right / calc(100% * var(--part)) 100%
    no-repeat;
}

.why {
  color: var(--muted);
}

ul {
  margin: 0;
  padding-left: 18px;
  font-size: 13px;
}

@media (max-width: 900px) {
  tr > :last-child,
  tr > :nth-child(4) {
    display: none;
  }
}
</style>
