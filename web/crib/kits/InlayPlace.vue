<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { renderSVG } from 'uqr';
import { answer, api } from '@/api/client';
import { useKitsAndScopes } from '@/data/pairs';
import { asItCame, SHOP, useShop } from '@/data/shopQuery';
import { useToolsById } from '@/data/things';
import { useWall } from '@/data/wall';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { day } from '@/shared/format';
import { counted, words } from '@/shared/pretty';
import { inlayOf } from './inlay';

/** What lies in a kit, to be laid into it: every tool with its place to be ticked, and the way to the cards of each work. */
const route = useRoute();
const id = computed(() => String(route.params.id));
const shop = useShop();
const kit = useQuery({
  ...asItCame,
  queryKey: [SHOP, shop, 'inlay', id],
  queryFn: () => answer(api.GET('/kits/{id}', { params: { path: { id: id.value } } })),
});
const known = useToolsById();
const { scopes } = useKitsAndScopes();
const { data: wall } = useWall(ref(null));
/** What is packed, each with its things today where the kit is kept by them. */
const entries = computed(() =>
  inlayOf(kit.data.value?.tools ?? [], id.value, kit.data.value?.tracked ? wall.value : undefined),
);
const open = computed(() => scopes.value.filter(({ archived }) => !archived));
const today = day(new Date());

/** The cards of a work with this kit, by the address that this page was opened under. */
const cards = (scope: string) => `${location.origin}/bench?${new URLSearchParams({ kit: id.value, scope })}`;
const code = (scope: string) => renderSVG(cards(scope), { border: 2, ecc: 'M' });
const printPage = () => window.print();
</script>

<template>
  <PlaceFrame
    :title="kit.data.value?.name ?? 'Inlay list'"
    tab="Inlay list"
    look="scroll"
    is-shown
    :error="kit.error.value"
    @retry="kit.refetch()"
  >
    <template #beside>
      <v-btn v-if="kit.data.value" class="act" variant="outlined" @click="printPage()">Print</v-btn>
    </template>
    <p v-if="!kit.data.value" class="muted" role="status">Opening the kit …</p>
    <article v-else>
      <p class="muted">
        {{ counted(entries.filter(({ count }) => count).length, 'tool') }}, in the order in which they are
        reached for; {{ today }}
      </p>
      <p v-if="!entries.length" class="muted">Nothing lies in it yet.</p>
      <ol>
        <li v-for="{ tool, count, there, away } in entries" :key="tool">
          <span class="box" aria-hidden="true"></span>
          <b class="mono">{{ count ? `${count} ×` : '–' }}</b>
          <span
            >{{ known.get(tool)?.name ?? tool
            }}<template v-if="there.length">
              <b class="mono tags">{{ there.join(' ') }}</b></template
            ><small v-for="one in away" :key="one.tag" class="away"
              ><span class="mono">{{ one.tag }}</span> {{ one.text }}</small
            ><small v-if="count === 0" class="away">Not planned here.</small></span
          >
          <small class="muted">{{ words(known.get(tool)?.kind ?? '') }}</small>
        </li>
      </ol>
      <section v-if="open.length" aria-labelledby="codes-head">
        <h2 id="codes-head">To the set-up cards</h2>
        <ul class="codes">
          <li v-for="scope in open" :key="scope.id">
            <!-- eslint-disable-next-line vue/no-v-html -- drawn by the package out of an address of ours -->
            <a :href="cards(scope.id)" :aria-label="`The cards of ${scope.name}`" v-html="code(scope.id)"></a>
            <span>{{ scope.name }}</span>
          </li>
        </ul>
      </section>
      <p class="muted foot">
        Isolate and prove dead before you touch. Local codes and licensed practice come first.
      </p>
    </article>
  </PlaceFrame>
</template>

<style scoped>
article {
  max-width: 860px;
}

h2 {
  margin: 14px 0 6px;
  font-size: 16px;
}

p {
  margin: 0;
}

ol,
ul {
  margin: 10px 0 0;
  padding: 0;
  list-style: none;
}

ol {
  columns: 2;
  column-gap: 28px;
}

ol li {
  display: grid;
  grid-template-columns: 18px 36px minmax(0, 1fr) auto;
  gap: 8px;
  align-items: center;
  break-inside: avoid;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
  font-size: 13.5px;
}

.tags {
  white-space: nowrap;
  margin-left: 4px;
  font-size: 12.5px;
}

.away {
  display: block;
  color: var(--hole);
}

.box {
  width: 14px;
  height: 14px;
  border: 1.5px solid var(--ink);
}

.codes {
  display: grid;
  grid-template-columns: repeat(auto-fill, 128px);
  gap: 14px 18px;
}

.codes li {
  display: grid;
  gap: 4px;
  align-content: start;
  break-inside: avoid;
  font-size: 12.5px;
}

.codes a {
  display: block;
  width: 128px;
  height: 128px;
  background: #fff;
}

.foot {
  padding-top: 14px;
  font-size: 12.5px;
}

@media (max-width: 600px) {
  ol {
    columns: 1;
  }
}

@media print {
  .place {
    height: auto;
    overflow: visible;
  }

  .act {
    display: none;
  }
}
</style>
