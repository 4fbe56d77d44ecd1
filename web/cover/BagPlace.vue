<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useBag } from '@/data/bag';
import { ASKED, pickedOf, saidOf, useKitsAndScopes } from '@/data/pairs';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useAddress } from '@/frame/useAddress';
import EmptyNote from '@/shared/EmptyNote.vue';
import PickOne from '@/shared/PickOne.vue';
import StatusMark from '@/shared/StatusMark.vue';
import { counted, pretty } from '@/shared/pretty';
import { operationWords } from '@/shared/status';
import WaitBar from '@/shared/WaitBar.vue';
import OneToolTable from './OneToolTable.vue';

/** What must be in the bag for a scope, and what stays at home: the fewest tools, and of these the lightest, that do all that the kit does. */
const { asked, show } = useAddress();
const route = useRoute();
const { kits, scopes, isLoading } = useKitsAndScopes();
const pair = computed(() => ({
  kit: isLoading.value ? null : pickedOf(kits.value, asked('kit')),
  scope: isLoading.value
    ? null
    : pickedOf(
        scopes.value.filter(({ archived }) => !archived),
        asked('scope'),
      ),
  ...saidOf(ASKED, asked),
}));
const { data, error, isPlaceholderData, refetch } = useBag(pair);
const bag = computed(() => data.value?.bag);
const open = computed(() => (data.value ? data.value.headline.hole + data.value.headline.faulty : 0));
const weight = computed(() => {
  const { mass = 0, unweighed = 0 } = bag.value ?? {};
  return `${mass} g${unweighed ? ` and ${counted(unweighed, 'tool')} that nobody has weighed` : ''}`;
});
const print = () => window.print();
</script>

<template>
  <PlaceFrame title="What must be in the bag" look="scroll" is-shown :error @retry="refetch()">
    <template #beside
      ><RouterLink class="back" :to="{ name: 'cover', query: route.query }">Cover</RouterLink></template
    >
    <EmptyNote v-if="!isLoading && (!kits.length || !scopes.length)" title="Nothing to pack yet">
      Once there is a kit and a scope, this page says what of the kit must be along.
      <template #next><v-btn variant="outlined" :to="{ name: 'cover' }">To Cover</v-btn></template>
    </EmptyNote>
    <template v-else>
      <div class="picks">
        <PickOne label="Kit" :items="kits" :picked="pair.kit" @pick="show({ kit: $event })" />
        <span class="times" aria-hidden="true">×</span>
        <PickOne label="Scope" :items="scopes" :picked="pair.scope" @pick="show({ scope: $event })" />
        <button type="button" class="link" @click="print">Print</button>
      </div>
      <WaitBar v-if="!data" says="Looking for the fewest tools" />
      <div v-else class="columns" :class="{ stale: isPlaceholderData }">
        <section aria-labelledby="bag-take">
          <h2 id="bag-take">
            {{ counted(bag?.take.length ?? 0, 'tool') }} in the bag <small class="muted">{{ weight }}</small>
          </h2>
          <p class="muted why">
            {{
              bag?.isProven
                ? 'No fewer would do all that the kit does, and none as few are lighter.'
                : 'The fewest found in the time there was; fewer may do.'
            }}
          </p>
          <p v-if="open" class="open">
            <StatusMark status="hole" silent /> {{ counted(open, 'termination') }} cannot be made with the
            whole kit either.
          </p>
          <ul class="take">
            <li v-for="one in bag?.take" :key="one.tool">
              <label><input type="checkbox" /> {{ pretty(one.name) }}</label>
              <span class="muted does">{{
                one.does.length
                  ? one.does.map(({ op, terminations }) => `${operationWords[op]} ${terminations}`).join(', ')
                  : 'goes with another, or is carried'
              }}</span>
              <span class="mono mass">{{ one.mass === null ? '–' : `${one.mass} g` }}</span>
            </li>
          </ul>
        </section>
        <section aria-labelledby="bag-leave">
          <h2 id="bag-leave">{{ counted(bag?.leave.length ?? 0, 'tool') }} at home</h2>
          <p v-if="!bag?.leave.length" class="muted">Everything in the kit is needed.</p>
          <ul>
            <li v-for="one in bag?.leave" :key="one.tool">
              <span>{{ pretty(one.name) }}</span>
              <span class="mono mass">{{ one.mass === null ? '–' : `${one.mass} g` }}</span>
            </li>
          </ul>
        </section>
        <section class="alone" aria-labelledby="bag-one">
          <h2 id="bag-one">With one tool only</h2>
          <p class="muted why">
            Of each operation the one that alone does most terminations properly, with what it needs;
            makeshift comes after.
          </p>
          <OneToolTable :one="data.one" />
        </section>
      </div>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.back {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.picks {
  display: grid;
  grid-template-columns: minmax(0, 240px) auto minmax(0, 360px) auto;
  gap: 8px;
  align-items: center;
  margin-bottom: 12px;
}

.times {
  color: var(--copper);
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 20px 48px;
}

.alone {
  grid-column: 1 / -1;
  padding-bottom: 30px;
}

.stale {
  opacity: 0.55;
}

h2 {
  margin: 0;
  font-size: 17px;
}

h2 small {
  margin-left: 8px;
  font-weight: 400;
}

.why {
  margin: 0 0 6px;
  font-size: 13px;
}

.open {
  margin: 0 0 6px;
  color: var(--hole);
}

ul {
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 14px;
  align-items: center;
  min-height: var(--touch);
  border-bottom: 1px solid var(--hairline);
}

.take li {
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr) 64px;
}

label {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: var(--touch);
}

input {
  flex: none;
  width: 18px;
  height: 18px;
  accent-color: var(--copper);
}

.does {
  font-size: 12.5px;
}

.mass {
  text-align: right;
  font-size: 12.5px;
}

@media (max-width: 760px) {
  .columns,
  .picks {
    grid-template-columns: minmax(0, 1fr);
  }

  .times {
    display: none;
  }
}

@media print {
  .picks .link {
    display: none;
  }
}
</style>
