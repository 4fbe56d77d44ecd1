<script setup lang="ts">
import { computed } from 'vue';
import type { RulesTried } from '@/data/rules';
import { effectsOf } from './effects';

/** What other answers would do to every kit and scope, the worst first, each with the way to Cover. */
const props = defineProps<{ tried: RulesTried; kindWords: (kind: string) => string }>();
const effects = computed(() => effectsOf(props.tried, props.kindWords));
const worse = computed(() => effects.value.filter(({ turn }) => turn > 0).length);
const better = computed(() => effects.value.filter(({ turn }) => turn < 0).length);
</script>

<template>
  <div>
    <p class="sum" role="status">
      <template v-if="!effects.length"
        >No kit would do more or less of anything: it shows on cards and at the bench.</template
      >
      <template v-else
        ><b class="mono">{{ effects.length }}</b> of {{ tried.of }} kits against scopes would stand otherwise:
        <b class="mono" :class="{ worse }">{{ worse }}</b> worse,
        <b class="mono">{{ better }}</b> better.</template
      >
    </p>
    <ul v-if="effects.length" aria-label="What it would do">
      <li v-for="effect in effects" :key="`${effect.kit} ${effect.scope}`">
        <RouterLink
          :to="{ name: 'cover', query: { kit: effect.kit, scope: effect.scope } }"
          title="As it is now, on Cover"
          >{{ tried.kits[effect.kit] }} × {{ tried.scopes[effect.scope] }}</RouterLink
        >
        <span :class="{ worse: effect.turn > 0 }"
          ><span aria-hidden="true">{{ effect.turn > 0 ? '▾ ' : effect.turn < 0 ? '▴ ' : '' }}</span
          >{{ effect.words.join('; ') }}</span
        >
      </li>
    </ul>
  </div>
</template>

<style scoped>
.sum {
  margin: 0 0 6px;
}

ul {
  display: grid;
  gap: 7px;
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

.worse {
  color: var(--hole);
}
</style>
