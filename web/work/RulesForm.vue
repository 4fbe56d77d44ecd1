<script setup lang="ts">
import { computed } from 'vue';
import { useWorkbookSchema, type SchemaPart } from '@/data/workbookSchema';
import { omit } from '@/shared/omit';
import { words } from '@/shared/pretty';

/** House rules that hold for one scope, over those of the house: what is not said is as the house has it. */
type Rules = Record<string, unknown>;
const rules = defineModel<Rules | undefined>();
const { part, resolved } = useWorkbookSchema();

interface Rule {
  key: string;
  title: string;
  options: string[];
  isList: boolean;
  isYesOrNo: boolean;
}

function ruleOf(key: string, of: SchemaPart): Rule {
  const isYesOrNo = of.type === 'boolean';
  const items = of.items ? resolved(of.items).enum : undefined;
  return {
    key,
    title: words(key.replace(/([A-Z])/g, ' $1').toLowerCase()),
    options: isYesOrNo ? ['yes', 'no'] : (of.enum ?? items ?? []),
    isList: items !== undefined,
    isYesOrNo,
  };
}

const all = computed(() =>
  Object.entries(part('houseRules').properties ?? {})
    .map(([key, of]) => ruleOf(key, key === 'insulations' ? { items: part('material') } : resolved(of)))
    .filter(({ options }) => options.length),
);
const single = computed(() => all.value.filter(({ isList }) => !isList));
const lists = computed(() => all.value.filter(({ isList }) => isList));

const textOf = ({ key, isYesOrNo }: Rule): string => {
  const value = rules.value?.[key];
  return value === undefined ? '' : isYesOrNo ? (value ? 'yes' : 'no') : (value as string);
};
const listOf = (key: string): string[] => {
  const value = rules.value?.[key];
  return Array.isArray(value) ? value.map(String) : [];
};

function say(key: string, value: unknown): void {
  const rest = omit(rules.value ?? {}, key);
  rules.value = value === undefined ? rest : { ...rest, [key]: value };
}

function choose({ key, isYesOrNo }: Rule, event: Event): void {
  const { value } = event.target as HTMLSelectElement;
  say(key, value === '' ? undefined : isYesOrNo ? value === 'yes' : value);
}

function check(key: string, one: string, event: Event): void {
  const now = listOf(key).filter((other) => other !== one);
  const next = (event.target as HTMLInputElement).checked ? [...now, one] : now;
  say(key, next.length ? next : undefined);
}
</script>

<template>
  <fieldset>
    <legend>House rules of this scope</legend>
    <div class="rules">
      <label v-for="rule in single" :key="rule.key">
        <span>{{ rule.title }}</span>
        <select :value="textOf(rule)" @change="choose(rule, $event)">
          <option value="">as the house</option>
          <option v-for="one in rule.options" :key="one" :value="one">{{ words(one) }}</option>
        </select>
      </label>
    </div>
    <details v-for="rule in lists" :key="rule.key" :open="listOf(rule.key).length > 0">
      <summary>
        {{ rule.title }}: <b>{{ listOf(rule.key).map(words).join(', ') || 'as the house' }}</b>
      </summary>
      <label v-for="one in rule.options" :key="one" class="one">
        <input
          type="checkbox"
          :checked="listOf(rule.key).includes(one)"
          @change="check(rule.key, one, $event)"
        />
        {{ words(one) }}
      </label>
    </details>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 8px;
  padding: 8px 12px 12px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  font-size: 13px;
}

.rules {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 6px 14px;
}

.rules label {
  display: grid;
  gap: 1px;
}

.rules span {
  color: var(--muted);
  font-size: 12px;
}

select {
  min-height: var(--touch);
  padding: 0 6px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  background: var(--surface);
  color: var(--ink);
  font: inherit;
}

summary {
  min-height: var(--touch-tight);
  cursor: pointer;
}

.one {
  display: inline-flex;
  gap: 4px;
  margin: 2px 14px 2px 0;
}
</style>
