<script setup lang="ts">
import { computed, ref, toRef, watch } from 'vue';
import { useStock, writeStock, type StockDraft } from '@/data/supplies';
import SheetDialog from '@/frame/SheetDialog.vue';
import { useWrite } from '@/frame/useWrite';
import { useSettings } from '@/settings/useSettings';
import { currency } from '@/shared/currency';
import FormField from '@/shared/FormField.vue';
import { omit } from '@/shared/omit';
import WaitBar from '@/shared/WaitBar.vue';
import { draftOf, fieldsOf, noPack, problemsOf } from './stockDraft';

/** What a stock is bought in, how much of it is used, and how long it takes to come: of one that there is, or of a new one. */
const props = defineProps<{
  /** Null for a new one. */
  stock: string | null;
  /** Of which item, where it is new and that is known. */
  item: StockDraft['item'] | null;
  name: string | null;
  unit: 'pieces' | 'mm';
}>();
const emit = defineEmits<{ close: [] }>();

const isOpen = ref(true);
watch(isOpen, (now) => now || emit('close'));
const settings = useSettings();
const seen = useStock(toRef(props, 'stock'));
const fields = ref(fieldsOf({ packs: [] }, settings));
/** What was seen when the draft was begun: what others write meanwhile is not written over. */
const begunOn = ref<{ id: string; version: string; item: StockDraft['item'] } | null>(null);
watch(
  seen.data,
  (stock) => {
    if (!stock || begunOn.value !== null || props.stock === null) return;
    fields.value = fieldsOf(omit(stock, 'version'), settings);
    begunOn.value = { id: stock.id, version: stock.version, item: stock.item };
  },
  { immediate: true },
);
const isKnown = computed(() => props.stock === null || begunOn.value !== null);
const item = computed(() => begunOn.value?.item ?? props.item ?? {});
const isNamed = computed(() => item.value.terminal === undefined && item.value.sleeve === undefined);
const title = computed(() => props.name ?? (fields.value.name || 'A new stock'));

const isTried = ref(false);
const problems = computed(() => problemsOf(fields.value, isNamed.value, settings));
const at = (path: string) => (isTried.value ? problems.value.get(path) : undefined);
const write = useWrite({
  ask: () =>
    writeStock(
      {
        ...draftOf(fields.value, item.value, settings),
        ...(begunOn.value ? { id: begunOn.value.id } : {}),
      },
      begunOn.value,
    ),
  said: () => `${props.stock === null ? 'Begun to keep' : 'Written'}: ${title.value}`,
  after: () => (isOpen.value = false),
});
const { isPending, problem } = write;
function submit(): void {
  isTried.value = true;
  if (problems.value.size === 0) write.mutate();
}
</script>

<template>
  <SheetDialog v-model="isOpen" :title :problem @submit="submit()">
    <WaitBar v-if="!isKnown" says="Fetching the stock" />
    <template v-else>
      <FormField
        v-if="isNamed"
        label="What it is"
        hint="Blades, gas, solder, tape: what no line asks for"
        :problem="at('name')"
      >
        <input v-model="fields.name" type="text" maxlength="200" :aria-invalid="at('name') !== undefined" />
      </FormField>
      <h3>Packs it is bought in</h3>
      <p v-if="!fields.packs.length" class="muted">None yet: what is short of it cannot be ordered.</p>
      <div
        v-for="(pack, index) in fields.packs"
        :key="index"
        class="pack"
        role="group"
        :aria-label="pack.name || `Pack ${index + 1}`"
      >
        <FormField label="Pack" :problem="at(`packs/${index}/name`)">
          <input
            v-model="pack.name"
            type="text"
            placeholder="Bag of 100"
            maxlength="200"
            :aria-invalid="at(`packs/${index}/name`) !== undefined"
          />
        </FormField>
        <FormField label="Holds" :unit="unit" :problem="at(`packs/${index}/pieces`)">
          <input
            v-model="pack.pieces"
            type="text"
            inputmode="numeric"
            class="mono"
            :aria-invalid="at(`packs/${index}/pieces`) !== undefined"
          />
        </FormField>
        <FormField label="Costs" :unit="currency" :problem="at(`packs/${index}/price`)">
          <input
            v-model="pack.price"
            type="text"
            inputmode="decimal"
            class="mono"
            :aria-invalid="at(`packs/${index}/price`) !== undefined"
          />
        </FormField>
        <v-btn size="small" variant="text" @click="fields.packs.splice(index, 1)">Not this one</v-btn>
      </div>
      <v-btn size="small" variant="outlined" class="more" @click="fields.packs.push(noPack())"
        >Another pack</v-btn
      >
      <div class="two">
        <FormField label="Used in a week" :unit="unit" :problem="at('perWeek')">
          <input
            v-model="fields.perWeek"
            type="text"
            inputmode="decimal"
            class="mono"
            :aria-invalid="at('perWeek') !== undefined"
          />
        </FormField>
        <FormField label="An order takes" unit="days" :problem="at('leadDays')">
          <input
            v-model="fields.leadDays"
            type="text"
            inputmode="numeric"
            class="mono"
            :aria-invalid="at('leadDays') !== undefined"
          />
        </FormField>
      </div>
      <FormField label="Note">
        <input v-model="fields.note" type="text" maxlength="2000" placeholder="top shelf, third drawer" />
      </FormField>
    </template>
    <template #buttons="{ leave }">
      <v-btn type="submit" color="primary" variant="flat" :disabled="!isKnown" :loading="isPending">{{
        stock === null ? 'Keep a stock of it' : 'Write'
      }}</v-btn>
      <v-btn variant="text" @click="leave()">Leave</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
h3 {
  font-size: 14.5px;
}

p {
  margin: 0;
}

.pack {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr) minmax(0, 1fr) auto;
  gap: 8px;
  align-items: end;
}

.more {
  justify-self: start;
}

.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}

@media (width < 620px) {
  .pack {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
