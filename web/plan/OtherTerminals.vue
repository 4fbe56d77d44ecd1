<script setup lang="ts">
import { computed } from 'vue';
import type { Schemas } from '@/api/client';
import { money } from '@/shared/currency';
import { counted, prose } from '@/shared/pretty';
import { useOpened } from '@/shared/useOpened';
import { partsWords, sleeveWords } from './planWords';

/**
 * Lines that the kit cannot make as they stand, and other terminals that it could make or would need less for. Nothing is
 * exchanged by itself: it is planned with on a click, and written into the work on another.
 */
const props = defineProps<{
  offers: Schemas['LineOffers'][];
  /** What the plan goes by. */
  exchanged: { line: string; says: string }[];
  scopeNames: Record<string, string>;
  isBusy: boolean;
}>();
defineEmits<{
  exchange: [line: string, terminal: string | null];
  write: [of: Schemas['LineOffers'], one: Schemas['Substitute']];
}>();
const isOfMany = computed(() => new Set(props.offers.map(({ scope }) => scope)).size > 1);
const { isOpen, onToggle } = useOpened(() => props.exchanged.length > 0);
const tools = (one: Schemas['Substitute']) =>
  one.add.length ? `${one.add.map(({ name }) => name).join(', ')}: ${money(one.toolCost)}` : 'no tool more';
</script>

<template>
  <details v-if="offers.length || exchanged.length" class="others" :open="isOpen" @toggle="onToggle">
    <summary>
      Another terminal would do on {{ counted(offers.length + exchanged.length, 'line') }}
      <span class="muted">offered, never taken by itself</span>
    </summary>
    <ul v-if="exchanged.length" class="rows chosen">
      <li v-for="one in exchanged" :key="one.line">
        <b>{{ prose(one.says) }}</b> is planned so in this plan only.
        <button type="button" @click="$emit('exchange', one.line, null)">As it stands in the work</button>
      </li>
    </ul>
    <ul class="rows">
      <li v-for="offer in offers" :key="`${offer.scope}/${offer.line}`">
        <p class="line">
          <b>{{ prose(offer.name) }}</b><template v-if="isOfMany"
            >, {{ scopeNames[offer.scope] ?? 'another scope' }}</template
          >
          <span class="muted">{{
            offer.cost === null
              ? 'as it stands nothing here makes it'
              : `as it stands tools for ${money(offer.cost)}`
          }}</span>
        </p>
        <div v-for="one in offer.substitutes" :key="one.terminal" class="one">
          <span
            >{{ one.name }}<template v-if="one.sleeve">, {{ sleeveWords(one.sleeve) }}</template
            ><i v-if="one.isMakeshift"> makeshift</i></span
          >
          <span class="muted">{{ tools(one) }}</span>
          <span class="muted">{{ partsWords(one.partsCost) }}</span>
          <span class="acts">
            <button
              type="button"
              :aria-label="`Plan ${offer.name} with ${one.name}`"
              @click="$emit('exchange', `${offer.scope}/${offer.line}`, one.terminal)"
            >
              Plan with it
            </button>
            <button
              type="button"
              :disabled="isBusy"
              :aria-label="`Write ${one.name} into ${offer.name}`"
              @click="$emit('write', offer, one)"
            >
              Write it into the work
            </button>
          </span>
        </div>
      </li>
    </ul>
  </details>
</template>

<style scoped src="./part.css"></style>
<style scoped>
summary {
  min-height: var(--touch);
  font-size: 14px;
  font-weight: 600;
  cursor: pointer;
}

summary .muted {
  font-size: 12.5px;
  font-weight: 400;
}

li,
.line {
  font-size: 13px;
}

.line {
  margin: 0;
}

.one {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1.5fr) minmax(0, 0.9fr) auto;
  gap: 2px 14px;
  align-items: center;
  padding-left: 14px;
  font-size: 12.5px;
}

i {
  color: var(--makeshift);
  font-style: normal;
}

.acts {
  display: flex;
  gap: 14px;
}

button {
  min-height: var(--touch);
  color: var(--copper);
  font-size: 12.5px;
  text-decoration: underline;
  cursor: pointer;
}

@media (max-width: 760px) {
  .one {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
