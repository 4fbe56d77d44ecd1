<script setup lang="ts">
import { computed, toRef } from 'vue';
import { api, type Schemas } from '@/api/client';
import { plannedOf, SUPPOSITIONS, suppositionsOf, type Pair } from '@/data/pairs';
import { useRules } from '@/data/rules';
import { useAddress } from '@/frame/useAddress';
import { useWrite } from '@/frame/useWrite';
import { inWords } from '@/rules/answers';
import { useSession } from '@/session/useSession';
import { refusal } from '@/shared/refusal';
import { idsOf, lessId, rulesOf, swapsOf, turned, turnedWords, withRule } from './supposed';

/** That kit and work are looked at as they are not: what is supposed, what that closes and opens, and the ways on: kept, dropped, planned. */
const props = defineProps<{ pair: Pair; coverage: Schemas['Coverage'] | undefined }>();
const pair = toRef(() => props.pair);
const { show } = useAddress();
const { person } = useSession();
const { data: rules } = useRules();

const nameOf = (id: string) => props.coverage?.tools[id]?.name ?? '…';
const fromShelf = computed(() => props.coverage?.was?.fromShelf ?? []);
const said = computed(() =>
  Object.entries(rulesOf(props.pair)).map(([rule, value]) => {
    const question = rules.value?.questions.find((one) => one.rule === rule);
    const preset = rules.value?.presets.find((one) => one.preset === value)?.name ?? '…';
    return {
      rule,
      text:
        rule === 'preset'
          ? `Preset: ${preset}`
          : question
            ? `${question.question} ${inWords(question, value)}`
            : '…',
    };
  }),
);
const swaps = computed(() =>
  swapsOf(props.pair).map((swap) => {
    const wire = props.coverage?.lines[swap.line]?.wire;
    const terminal = props.coverage?.terminals[swap.terminal]?.name ?? '…';
    return { ...swap, says: `${props.coverage?.wires[wire ?? '']?.name ?? '…'} into ${terminal}` };
  }),
);
const comes = computed(() => (props.coverage?.was ? turnedWords(turned(props.coverage)) : null));

const nothing = Object.fromEntries(SUPPOSITIONS.map((key) => [key, null]));
const mayKeep = computed(
  () => person.value?.maySetUpTheShop && (fromShelf.value.length === 0 || person.value.role === 'lead'),
);
const { mutate, isPending, problem } = useWrite<unknown>({
  ask: () => {
    const { kit, scope } = pair.value;
    return api.POST('/coverage/kept', {
      body: { scope: scope ?? '', ...(kit ? { kit } : {}), ...suppositionsOf(pair.value) },
    });
  },
  said: () => 'It is so from now on',
  atOnce: () => show({ ...nothing, asif: null }, 'replace'),
});
</script>

<template>
  <div class="supposed" role="group" aria-label="As if">
    <b aria-hidden="true">As if</b>
    <ul>
      <li v-for="id in idsOf(pair.with)" :key="`with-${id}`">
        + {{ nameOf(id) }}<small v-if="fromShelf.includes(id)" class="muted"> of the shelf</small>
        <button
          type="button"
          :aria-label="`Without ${nameOf(id)} after all`"
          @click="show({ with: lessId(pair.with, id) })"
        >
          ×
        </button>
      </li>
      <li v-for="id in idsOf(pair.without)" :key="`without-${id}`" class="out">
        − {{ nameOf(id) }}
        <button
          type="button"
          :aria-label="`With ${nameOf(id)} after all`"
          @click="show({ without: lessId(pair.without, id) })"
        >
          ×
        </button>
      </li>
      <li v-for="one in said" :key="one.rule">
        § {{ one.text }}
        <button
          type="button"
          :aria-label="`Not judged so after all: ${one.text}`"
          @click="show({ rules: withRule(pair, one.rule, undefined) })"
        >
          ×
        </button>
      </li>
      <li v-for="one in swaps" :key="one.text">
        ⇄ {{ one.says }}
        <button
          type="button"
          :aria-label="`As it was after all: ${one.says}`"
          @click="show({ swap: lessId(pair.swap, one.text) })"
        >
          ×
        </button>
      </li>
    </ul>
    <span v-if="comes" role="status" class="comes">
      <template v-if="!comes.length">changes nothing</template>
      <b v-for="one in comes" :key="one.turn" :class="one.turn"
        ><span aria-hidden="true">{{ one.turn === 'closed' || one.turn === 'better' ? '▴' : '▾' }}</span>
        {{ one.text }}</b
      >
    </span>
    <span class="ways">
      <button v-if="mayKeep" type="button" :disabled="isPending || !coverage?.was" @click="mutate()">
        Keep it so
      </button>
      <small v-else-if="person?.maySetUpTheShop" class="muted">the lead takes tools off the shelf</small>
      <RouterLink
        v-if="said.length && person?.role === 'lead'"
        :to="{ name: 'rules', query: { rules: pair.rules } }"
        title="The same answers for the whole house, and what they would do to every kit"
        >The whole house so?</RouterLink
      >
      <button type="button" @click="show({ ...nothing })">As it is</button>
      <RouterLink v-if="pair.kit" :to="{ name: 'plan', query: plannedOf(pair, fromShelf) }">Plan</RouterLink>
    </span>
    <p v-if="problem" class="wrong" role="alert">Not written: {{ refusal(problem) }}</p>
  </div>
</template>

<style scoped>
.supposed {
  display: flex;
  flex: none;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  margin-bottom: 6px;
  padding: 3px 12px;
  border: 1px dashed var(--copper);
  border-radius: 3px;
  font-size: 13px;
}

/* Its items stand in the line with the rest. */
ul {
  display: contents;
  list-style: none;
}

li button {
  min-width: var(--touch-tight);
  min-height: var(--touch-tight);
  color: var(--muted);
  cursor: pointer;
}

.comes {
  display: flex;
  flex-wrap: wrap;
  gap: 0 12px;
}

.out,
.opened,
.worse,
.wrong {
  color: var(--hole);
}

.closed,
.better {
  color: var(--copper);
}

.wrong {
  flex-basis: 100%;
  margin: 0;
}

.ways > * {
  display: flex;
  align-items: center;
  min-height: var(--touch-tight);
}

.ways > :is(a, button) {
  color: var(--copper);
  text-decoration: underline;
  cursor: pointer;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0 16px;
  align-items: center;
  margin-left: auto;
}
</style>
