<script setup lang="ts">
import { refDebounced } from '@vueuse/core';
import { computed, ref, toRef } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import type { Pair } from '@/data/pairs';
import { useRules } from '@/data/rules';
import { useClosing, useNames, useToolsFound, type ToolFound } from '@/data/things';
import { useAddress } from '@/frame/useAddress';
import RuleAnswer from '@/rules/RuleAnswer.vue';
import ProblemNote from '@/shared/ProblemNote.vue';
import { counted } from '@/shared/pretty';
import { idsOf, lessId, rulesOf, withId, withRule, withSwap } from './supposed';

/** What may be supposed: a tool more or less, another house rule, another terminal. It is said in the address, and nothing is written. */
const props = defineProps<{ pair: Pair; coverage: Schemas['Coverage'] | undefined }>();
const emit = defineEmits<{ close: [] }>();
const { asked, show } = useAddress();
const MOST = 8;

const words = ref('');
const { found, isPending, error } = useToolsFound(refDebounced(words, 200), MOST);
const closing = useClosing(
  computed(() => ({ kit: props.pair.kit, scope: props.pair.scope })),
  computed(() => props.pair.kit !== null),
);
/** What does most of what is open, until somebody says what they look for. */
const offers = computed(() => (closing.data.value?.offers ?? []).slice(0, 3));
const has = computed(() => new Set(props.coverage?.kit?.tools.map(({ tool }) => tool)));
const isIn = (id: string) =>
  (has.value.has(id) && !idsOf(props.pair.without).includes(id)) || idsOf(props.pair.with).includes(id);

/** With what it needs to do anything. */
function putIn(ids: string[]): void {
  const more = ids.filter((id) => !has.value.has(id));
  const back = ids.filter((id) => has.value.has(id));
  show({
    with: more.reduce((list: string, id) => withId(list, id), props.pair.with ?? '') || null,
    without: back.reduce((list: string | null, id) => lessId(list ?? '', id), props.pair.without ?? null),
  });
}
const where = ({ kits }: ToolFound) =>
  kits === null ? 'of the shelf' : kits.length ? `in ${kits.join(', ')}` : 'in no kit';
const packed = computed(() =>
  (props.coverage?.kit?.tools ?? []).flatMap(({ tool }) =>
    isIn(tool) ? [{ id: tool, name: props.coverage?.tools[tool]?.name ?? tool }] : [],
  ),
);
function takeOut(event: Event): void {
  const select = event.target as HTMLSelectElement;
  if (select.value) show({ without: withId(props.pair.without, select.value) });
  select.value = '';
}

const rules = useRules();
const rule = ref('');
const question = computed(() => rules.data.value?.questions.find((one) => one.rule === rule.value));
const answer = computed(() => {
  const said = rulesOf(props.pair)[rule.value];
  const own = (props.coverage?.scope.houseRules as Record<string, unknown> | undefined)?.[rule.value];
  return said ?? own ?? rules.data.value?.inForce[rule.value]?.value;
});

const lines = computed(() =>
  (props.coverage?.report.lines ?? [])
    .flatMap(({ id, status }) => {
      const line = props.coverage?.lines[id];
      const [wire, terminal] = [line?.wire, line?.terminal];
      return wire && terminal
        ? [
            {
              id,
              isOpen: status === 'hole' || status === 'faulty',
              says: `${props.coverage?.wires[wire]?.name ?? ''} into ${props.coverage?.terminals[terminal]?.name ?? ''}`,
            },
          ]
        : [];
    })
    .sort((one, other) => Number(other.isOpen) - Number(one.isOpen)),
);
/** The line that is looked at, until another is picked. */
const picked = ref<string | null>(null);
const line = computed(() => picked.value ?? asked('line') ?? '');
const sought = ref('');
const terminals = useNames(
  computed(() => (sought.value.trim() ? 'terminals' : null)),
  refDebounced(toRef(sought), 200),
);
</script>

<template>
  <section class="asif" aria-label="Suppose something">
    <div class="one found">
      <input
        v-model="words"
        class="lone-field"
        type="search"
        aria-label="Put a tool in"
        placeholder="+ Put a tool in"
        autocomplete="off"
      />
      <ProblemNote v-if="error" class="pop" :problem="problemOf(error)" />
      <ul v-else-if="words.trim()" class="pop" aria-label="Tools found">
        <li v-for="one in found" :key="one.id">
          <button
            type="button"
            class="link"
            :disabled="isIn(one.id)"
            @click="putIn([one.id, ...one.requires])"
          >
            {{ one.name }}
          </button>
          <small class="muted">{{ isIn(one.id) ? 'it is in' : where(one) }}</small>
        </li>
        <li v-if="isPending" class="muted" role="status">Looking …</li>
        <li v-else-if="!found.length" class="muted">No tool of the shop or the shelf has these words.</li>
      </ul>
      <ul v-else-if="offers.length" class="pop" aria-label="Of the shelf, for what is open">
        <li v-for="one in offers" :key="one.tool">
          <button type="button" class="link" :disabled="isIn(one.tool)" @click="putIn([one.tool])">
            {{ one.name }}
          </button>
          <small class="muted">{{
            isIn(one.tool) ? 'it is in' : `of the shelf, for ${counted(one.terminations, 'termination')}`
          }}</small>
        </li>
      </ul>
    </div>
    <select class="lone-field one" aria-label="Take a tool out" :disabled="!packed.length" @change="takeOut">
      <option value="">− Take a tool out</option>
      <option v-for="one in packed" :key="one.id" :value="one.id">{{ one.name }}</option>
    </select>
    <div class="one both">
      <select
        class="lone-field"
        aria-label="Another terminal on"
        :value="line"
        @change="picked = ($event.target as HTMLSelectElement).value"
      >
        <option value="">⇄ Another terminal on</option>
        <option v-for="one in lines" :key="one.id" :value="one.id">
          {{ one.isOpen ? '○ ' : '' }}{{ one.says }}
        </option>
      </select>
      <div v-if="line" class="found">
        <input
          v-model="sought"
          class="lone-field"
          type="search"
          aria-label="The other terminal"
          placeholder="which terminal"
          autocomplete="off"
        />
        <ul v-if="sought.trim()" class="pop" aria-label="Terminals found">
          <li v-for="one in terminals" :key="one.id">
            <button type="button" class="link" @click="show({ swap: withSwap(pair, line, one.id) })">
              {{ one.name }}
            </button>
          </li>
          <li v-if="!terminals.length" class="muted">No terminal of the shop has these words.</li>
        </ul>
      </div>
    </div>
    <div class="one both">
      <select v-model="rule" class="lone-field" aria-label="Judge otherwise">
        <option value="">§ Judge otherwise</option>
        <option v-for="one in rules.data.value?.questions" :key="one.rule" :value="one.rule">
          {{ one.question }}
        </option>
      </select>
      <RuleAnswer
        v-if="question"
        :key="rule"
        :question
        :value="answer"
        @answer="show({ rules: withRule(pair, rule, $event) })"
      />
    </div>
    <button type="button" class="link" @click="emit('close')">Close</button>
  </section>
</template>

<style scoped>
.asif {
  display: flex;
  flex: none;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  margin-bottom: 6px;
  font-size: 13px;
}

.one {
  flex: 1 1 170px;
  min-width: 0;
}

.both {
  display: flex;
  flex: 1 1 230px;
  flex-wrap: wrap;
  gap: 4px 8px;
  align-items: center;
}

.both > .lone-field,
.both > .found {
  flex: 1 1 150px;
}

input,
select {
  width: 100%;
  min-width: 0;
}

.found {
  position: relative;
}

/* What was found lies over the ruler, as long as somebody is at it. */
.pop {
  position: absolute;
  top: 100%;
  left: 0;
  z-index: 5;
  display: grid;
  width: max-content;
  min-width: 100%;
  max-width: min(520px, 86vw);
  max-height: 300px;
  margin: 2px 0 0;
  padding: 4px 12px 6px;
  overflow: hidden auto;
  border: 1px solid var(--ink);
  border-radius: 3px;
  background: var(--surface);
  list-style: none;
}

.found:not(:focus-within) .pop {
  display: none;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0 8px;
  align-items: baseline;
}

li button {
  text-align: left;
}

li button:disabled {
  color: var(--muted);
  text-decoration: none;
  cursor: default;
}
</style>
