<script setup lang="ts">
import type { ShopRules } from '@/data/rules';
import { moment } from '@/shared/format';

/** Where scopes say otherwise than the house, and who answered what otherwise, when. */
defineProps<{ rules: ShopRules }>();
</script>

<template>
  <section aria-labelledby="scopes-differ">
    <h3 id="scopes-differ">Where scopes say otherwise</h3>
    <p v-if="!rules.scopes.some(({ differs }) => differs.length)" class="muted">
      None does: every scope is judged as the house judges.
    </p>
    <template v-for="scope in rules.scopes" :key="scope.id">
      <details v-if="scope.differs.length">
        <summary>
          {{ scope.name }} <span class="muted">{{ scope.differs.length }} otherwise</span>
        </summary>
        <dl>
          <template v-for="one in scope.differs" :key="one.rule">
            <dt>{{ one.question }}</dt>
            <dd>
              <b>{{ one.words }}</b> <span class="muted">the house: {{ one.instead }}</span>
            </dd>
          </template>
        </dl>
        <RouterLink :to="{ name: 'work', query: { scope: scope.id, sheet: 'settings' } }"
          >To its own answers</RouterLink
        >
      </details>
    </template>
  </section>
  <section v-if="rules.changes" aria-labelledby="rules-changed">
    <h3 id="rules-changed">What was answered otherwise</h3>
    <p v-if="!rules.changes.length" class="muted">Nothing yet.</p>
    <ol>
      <li v-for="(change, at) in rules.changes" :key="at">
        <span class="muted">{{ moment(change.at) }}, {{ change.by ?? 'somebody who has left' }}</span>
        <span v-for="one in change.differs" :key="one.rule"
          >{{ one.question }} <b>{{ one.words }}</b>
          <span class="muted">before: {{ one.instead }}</span></span
        >
        <span v-if="!change.differs.length">The same answers, said in another way.</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
h3 {
  margin: 18px 0 4px;
  font-size: 14px;
}

summary {
  min-height: var(--touch-tight);
  cursor: pointer;
}

dl {
  margin: 2px 0 4px 14px;
  font-size: 13px;
}

dd {
  margin: 0 0 6px;
}

ol {
  display: grid;
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: 13px;
}

li {
  display: grid;
  padding-left: 9px;
  border-left: 2px solid var(--hairline);
}

details a {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  margin-left: 14px;
}
</style>
