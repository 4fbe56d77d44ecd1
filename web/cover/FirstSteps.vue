<script setup lang="ts">
import { mdiCheck } from '@mdi/js';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type Schemas } from '@/api/client';
import { useThings } from '@/data/things';
import { useWrite } from '@/frame/useWrite';
import { useSession } from '@/session/useSession';
import FormField from '@/shared/FormField.vue';
import { counted } from '@/shared/pretty';
import { refusal } from '@/shared/refusal';

/** From nothing to the first verdict: what is to be wired, which tools there are, and a kit of them; each fills as one goes. */
const props = defineProps<{ kits: Schemas['KitSummary'][]; scopes: Schemas['ScopeSummary'][] }>();

const router = useRouter();
const { person } = useSession();
const mayWrite = computed(() => person.value?.maySetUpTheShop ?? false);
const isLead = computed(() => person.value?.role === 'lead');
const things = useThings(ref('tools' as const), ref(''));
const tools = computed(() => things.pages.value.flatMap(({ data }) => data.map(({ id }) => id)));

const lines = computed(() => props.scopes.reduce((sum, scope) => sum + scope.lines, 0));
const packed = computed(() => props.kits.filter((kit) => kit.tools > 0));
const scope = computed(() => props.scopes.find(({ archived }) => !archived));
const empty = computed(() => props.kits.find((kit) => kit.tools === 0));

const work = ref('');
const begin = useWrite<{ id: string }>({
  ask: () => api.POST('/scopes', { body: { name: work.value.trim() } }),
  said: () => `Made: ${work.value.trim()}`,
  after: ({ id }) => void router.push({ name: 'work', query: { scope: id } }),
});
const kit = ref('');
const withAll = ref(true);
const pack = useWrite<{ id: string }>({
  ask: () =>
    api.POST('/kits', {
      body: { name: kit.value.trim(), tools: withAll.value ? tools.value.map((tool) => ({ tool })) : [] },
    }),
  said: () => `Packed: ${kit.value.trim()}`,
  after: ({ id }) => {
    if (!withAll.value) void router.push({ name: 'kit', params: { id } });
  },
});
/** A name that is missing is asked for at its field. */
const hasAsked = ref(false);
function named(name: string, event: Event): boolean {
  if (name.trim()) return true;
  hasAsked.value = true;
  (event.currentTarget as HTMLElement).querySelector('input')?.focus();
  return false;
}
const problem = computed(() => begin.problem.value ?? pack.problem.value);
</script>

<template>
  <section class="first" aria-labelledby="first">
    <h2 id="first">Three steps to the first verdict</h2>
    <p class="muted">
      Cover holds the tools of a kit against the work, and shows what none of them can make. Any order will
      do.
    </p>
    <ol>
      <li :class="{ done: lines }">
        <h3><v-icon v-if="lines" :icon="mdiCheck" size="18" aria-label="done:" /> What is to be wired</h3>
        <p v-if="lines">
          {{ counted(lines, 'line') }} in {{ counted(scopes.length, 'scope') }}.
          <RouterLink :to="{ name: 'work' }">Go on writing</RouterLink>
        </p>
        <template v-else>
          <p>So many of this wire into that terminal, line by line, for one bench or one site: a scope.</p>
          <form v-if="mayWrite && !scope" @submit.prevent="named(work, $event) && begin.mutate()">
            <FormField
              label="What the work is called"
              :problem="hasAsked && !work.trim() ? 'Give it a name, like “Cabin 12”.' : undefined"
            >
              <input v-model="work" maxlength="200" autocomplete="off" />
            </FormField>
            <v-btn type="submit" color="primary" variant="flat" :loading="begin.isPending.value"
              >Write its lines</v-btn
            >
          </form>
          <p v-else-if="mayWrite && scope" class="ways">
            <v-btn color="primary" variant="flat" :to="{ name: 'work', query: { scope: scope.id } }"
              >Write lines of {{ scope.name }}</v-btn
            >
            <v-btn :to="{ name: 'table', query: { scope: scope.id } }">Bring a table</v-btn>
          </p>
        </template>
      </li>
      <li :class="{ done: tools.length }">
        <h3>
          <v-icon v-if="tools.length" :icon="mdiCheck" size="18" aria-label="done:" /> Which tools there are
        </h3>
        <p v-if="tools.length">{{ counted(tools.length, 'tool') }}.</p>
        <p v-else>
          Tick on the shelf what the shop has: strippers, cutters, crimpers, described by what they do. Or
          bring the list that you keep.
        </p>
        <p v-if="isLead" class="ways">
          <v-btn
            :color="tools.length ? undefined : 'primary'"
            :variant="tools.length ? 'outlined' : 'flat'"
            :to="{ name: 'shelf', params: { list: 'tools' } }"
            >Tick on the shelf</v-btn
          >
          <v-btn :to="{ name: 'things', params: { list: 'tools' } }">Bring a table</v-btn>
        </p>
        <p v-else-if="mayWrite" class="muted">The shop lead writes tools down.</p>
      </li>
      <li :class="{ done: packed.length }">
        <h3><v-icon v-if="packed.length" :icon="mdiCheck" size="18" aria-label="done:" /> Pack a kit</h3>
        <p v-if="packed.length">
          <RouterLink
            v-for="one in packed.slice(0, 3)"
            :key="one.id"
            class="kit"
            :to="{ name: 'kit', params: { id: one.id } }"
            >{{ one.name }}</RouterLink
          >
        </p>
        <template v-else>
          <p>What travels together, or stands at one bench.</p>
          <p v-if="empty && mayWrite" class="ways">
            <v-btn
              :disabled="!tools.length"
              color="primary"
              variant="flat"
              :to="{ name: 'kit', params: { id: empty.id } }"
              >Put tools into {{ empty.name }}</v-btn
            >
          </p>
          <form v-else-if="mayWrite" @submit.prevent="named(kit, $event) && pack.mutate()">
            <FormField
              label="What the kit is called"
              :problem="hasAsked && !kit.trim() && tools.length ? 'Give it a name, like “Van 2”.' : undefined"
            >
              <input v-model="kit" maxlength="200" autocomplete="off" :disabled="!tools.length" />
            </FormField>
            <FormField
              v-if="tools.length"
              :label="`with all ${counted(tools.length, 'tool')} in it`"
              is-check
            >
              <input v-model="withAll" type="checkbox" />
            </FormField>
            <v-btn
              type="submit"
              color="primary"
              variant="flat"
              :disabled="!things.isWhole.value || !tools.length"
              :loading="pack.isPending.value"
              >Pack it</v-btn
            >
            <p v-if="!tools.length" class="muted">Once there are tools.</p>
          </form>
        </template>
      </li>
    </ol>
    <p v-if="problem" class="problem" role="alert">{{ refusal(problem) }}</p>
    <p v-if="!mayWrite" class="muted">
      The shop lead and the coordinator write these; until then there is nothing to look at.
    </p>
    <p v-else class="muted">
      Moving a shop here that is kept elsewhere?
      <RouterLink :to="{ name: 'shop' }">Its workbook comes in under Shop.</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.first {
  display: grid;
  gap: 14px;
  max-width: 1120px;
  padding: 5vh 0;
}

h2 {
  font-size: 22px;
}

ol {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 0;
  padding: 0;
  border-top: 2px solid var(--ink);
  list-style: none;
  counter-reset: step;
}

li {
  display: grid;
  gap: 10px;
  align-content: start;
  padding: 14px 22px 22px 0;
  border-bottom: 1px solid var(--hairline);
  counter-increment: step;
}

li + li {
  padding-left: 22px;
  border-left: 1px solid var(--hairline);
}

h3 {
  font-size: 16px;
}

h3::before {
  margin-right: 8px;
  color: var(--copper);
  font-family: var(--mono);
  content: counter(step);
}

.done h3 {
  color: var(--covered);
}

.done h3::before {
  content: none;
}

form {
  display: grid;
  gap: 8px;
  justify-items: start;
}

form > :first-child {
  width: 100%;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.kit + .kit::before {
  content: ' · ';
}

.problem {
  color: var(--hole);
}

@media (max-width: 700px) {
  li + li {
    padding-left: 0;
    border-left: 0;
  }
}
</style>
