<script setup lang="ts">
import type { Schemas } from '@/api/client';
import { money } from '@/shared/currency';
import { day } from '@/shared/format';
import { counted } from '@/shared/pretty';
import { meansWords } from './planWords';

/** What was decided: each thing is ticked off as it arrives, and only then is it in the kit. */
const props = defineProps<{
  plans: Schemas['AcceptedPlan'][];
  scopeNames: Record<string, string>;
  isBusy: boolean;
}>();
defineEmits<{
  arrive: [plan: Schemas['AcceptedPlan'], item: number, arrived: boolean];
  takeBack: [plan: Schemas['AcceptedPlan']];
}>();

const arrived = (plan: Schemas['AcceptedPlan']) =>
  plan.items.filter(({ arrivedAt }) => arrivedAt !== null).length;
const nameOf = (scope: string) => props.scopeNames[scope] ?? scope;
</script>

<template>
  <section v-if="plans.length" aria-labelledby="accepted-head">
    <h2 id="accepted-head">Accepted</h2>
    <article v-for="plan in plans" :key="plan.id">
      <header>
        <b>{{ plan.kitName }}</b>
        <span class="muted">
          {{ plan.scopes.map(nameOf).join(', ') }}; {{ day(plan.acceptedAt)
          }}<template v-if="plan.acceptedBy">, {{ plan.acceptedBy }}</template
          >; <span class="mono">{{ money(plan.cost) }}</span>; {{ arrived(plan) }} of
          {{ counted(plan.items.length, 'thing') }} arrived
        </span>
        <button v-if="arrived(plan) === 0" type="button" :disabled="isBusy" @click="$emit('takeBack', plan)">
          Take back
        </button>
      </header>
      <ul class="rows">
        <li v-for="item in plan.items" :key="item.id">
          <label>
            <input
              type="checkbox"
              :checked="item.arrivedAt !== null"
              :disabled="isBusy"
              @change="$emit('arrive', plan, item.id, ($event.target as HTMLInputElement).checked)"
            />
            <span>{{ item.name }}</span>
          </label>
          <span class="muted"
            >{{ meansWords[item.means] }}<template v-if="item.from"> out of {{ item.from }}</template></span
          >
          <span class="mono">{{ money(item.cost) }}</span>
          <span class="muted when">{{ item.arrivedAt ? `arrived ${day(item.arrivedAt)}` : 'awaited' }}</span>
        </li>
      </ul>
    </article>
  </section>
</template>

<style scoped src="./part.css"></style>
<style scoped>
article + article {
  margin-top: 12px;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
  padding-bottom: 5px;
  font-size: 13px;
}

li {
  display: grid;
  padding: 0;
  grid-template-columns: minmax(0, 1fr) 130px 90px 190px;
  gap: 12px;
  align-items: center;
  font-size: 13px;
}

li .mono {
  text-align: right;
}

label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--touch);
}

input {
  accent-color: var(--copper);
}

button {
  min-height: var(--touch);
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0 12px;
  }
}
</style>
