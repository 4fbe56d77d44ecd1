<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import type { BreakEven, Labour, LabourKey, LabourSwap } from '@/data/labour';
import { currency } from '@/shared/currency';
import { amount, hundredths } from '@/shared/format';
import PickOne from '@/shared/PickOne.vue';
import { pretty } from '@/shared/pretty';
import AskNumber from './AskNumber.vue';
import { above, evenWords } from './labourWords';

const EvenCurve = defineAsyncComponent(() => import('./EvenCurve.vue'));

/** Whether a tool pays: what an hour costs, what it costs, how long a piece takes with it; against the hand, and against paying by the piece. */
const { labour, said } = defineProps<{ labour: Labour; said: (key: LabourKey) => string | null }>();
const emit = defineEmits<{ say: [key: LabourKey, value: string | null] }>();

const choices = computed(() => {
  const seen = new Map<string, LabourSwap>();
  for (const one of [...labour.faster, ...labour.lighter])
    if (!one.isInKit) seen.set(one.tool, seen.get(one.tool) ?? one);
  return [...seen.values()];
});
const weighed = computed(() => choices.value.find(({ tool }) => tool === said('tool')));
const even = computed<BreakEven | null>(() => labour.even);
const cents = (key: LabourKey) => (said(key) === null ? '' : amount(Number(said(key))));
const asCents = (text: string): string | null => {
  const found = hundredths(text);
  return found === null || found === 0 ? null : String(found);
};
const missing = computed(() => {
  if (!weighed.value) return 'Pick what is to be weighed.';
  if (said('wage') === null) return 'Say what an hour of work costs.';
  return 'Nobody says what it costs: write it here.';
});
const none = computed(() => choices.value.length === 0);
</script>

<template>
  <section class="weigh" aria-labelledby="weigh-head">
    <h2 id="weigh-head">Does it pay?</h2>
    <p v-if="none" class="muted">
      No tool of the shop that the kit has not would save time or squeezes here.
    </p>
    <template v-else>
      <div class="asks">
        <PickOne
          class="which"
          label="Weigh"
          :items="[{ id: '', name: '–' }, ...choices.map(({ tool, name }) => ({ id: tool, name }))]"
          :picked="weighed?.tool ?? ''"
          @pick="emit('say', 'tool', $event || null)"
        />
        <AskNumber
          label="An hour of work"
          :unit="currency"
          :value="cents('wage')"
          :read="asCents"
          @say="(value) => emit('say', 'wage', value)"
        />
        <AskNumber
          label="It costs"
          :unit="currency"
          :value="cents('price')"
          :hint="weighed?.price == null ? '–' : amount(weighed.price)"
          :read="asCents"
          @say="(value) => emit('say', 'price', value)"
        />
        <AskNumber
          label="A piece with it"
          unit="s"
          :value="said('each') ?? ''"
          hint="as known"
          :read="above"
          @say="(value) => emit('say', 'each', value)"
        />
        <AskNumber
          label="Made elsewhere, a piece"
          :unit="currency"
          :value="cents('piece')"
          :read="asCents"
          @say="(value) => emit('say', 'piece', value)"
        />
      </div>
      <template v-if="even && weighed">
        <p v-for="(sentence, at) in evenWords(even, weighed.name)" :key="at" :class="{ answer: at === 0 }">
          {{ sentence }}
        </p>
        <EvenCurve :even :name="pretty(weighed.name)" />
      </template>
      <p v-else class="muted">{{ missing }}</p>
    </template>
  </section>
</template>

<style scoped>
.asks {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: end;
  margin-bottom: 10px;
}

.which {
  align-self: end;
}

p {
  margin: 0 0 4px;
}

.answer {
  font-size: 17px;
  font-weight: 600;
}
</style>
