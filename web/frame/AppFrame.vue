<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { useRouter } from 'vue-router';

import ProblemNote from '@/shared/ProblemNote.vue';
import { useKeys } from '@/shared/useKeys';
import DoneNote from './DoneNote.vue';
import PersonMenu from './PersonMenu.vue';
import PlaceNav from './PlaceNav.vue';
import { unloadable } from './unloadable';
import { useFresh } from './useFresh';
import { places } from './places';

/** The shell: the head stays, the place scrolls. */
const KeyboardHelp = defineAsyncComponent(() => import('./KeyboardHelp.vue'));
const router = useRouter();
const isHelpOpen = ref(false);
// With Shift or without, as the keyboard has it.
for (const keys of ['?', 'shift+?']) useKeys(keys, () => (isHelpOpen.value = true));
for (const place of places) useKeys(`g-${place.key}`, () => void router.push({ name: place.name }));
useFresh();
const reload = () => window.location.reload();
</script>

<template>
  <div class="frame">
    <a class="skip" href="#place">Skip to the page</a>
    <header>
      <RouterLink class="mark" :to="{ name: 'cover' }" aria-label="Gondrik">
        <svg viewBox="0 0 24 24" width="22" height="22" aria-hidden="true">
          <path d="M2 6h20M6 3v3M10 4v2M14 3v3M18 4v2" class="rule" />
          <path d="M12 6v7" class="drop" />
          <circle cx="12" cy="17" r="4" class="drop" />
        </svg>
        <span>Gondrik</span>
      </RouterLink>
      <PlaceNav class="in-head" />
      <PersonMenu @keys="isHelpOpen = true" />
    </header>
    <main id="place" tabindex="-1">
      <ProblemNote v-if="unloadable" class="unloadable" :problem="unloadable" @retry="reload()" />
      <RouterView v-else />
    </main>
    <footer class="muted">
      Isolate and prove dead before you touch; cut away from yourself, with eye protection on. Local codes and
      licensed practice come first.
    </footer>
    <DoneNote />
    <KeyboardHelp v-if="isHelpOpen" v-model="isHelpOpen" />
  </div>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-rows: auto minmax(0, 1fr) auto;
  flex: 1 1 0;
  min-height: 0;
}

.skip {
  position: absolute;
  left: -999px;
}

.skip:focus {
  left: 12px;
  top: 8px;
  background: var(--surface);
  padding: 6px 10px;
  z-index: 10;
}

header {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 24px;
  padding: 0 20px;
  min-height: 44px;
  border-bottom: 1px solid var(--hairline);
}

.mark {
  display: flex;
  align-items: center;
  gap: 8px;
  font-weight: 720;
  font-size: 16px;
  letter-spacing: -0.02em;
  color: var(--ink);
  text-decoration: none;
}

.mark .rule {
  stroke: var(--ink);
  stroke-width: 1.5;
}

.mark .drop {
  fill: none;
  stroke: var(--copper);
  stroke-width: 2;
}

main {
  min-height: 0;
  overflow: auto;
  outline: none;
}

footer {
  padding: 3px 20px;
  font-size: 11.5px;
  line-height: 1.35;
  border-top: 1px solid var(--hairline);
}

.unloadable {
  margin: 24px 20px;
}

@media (max-width: 1100px) {
  header {
    gap: 12px;
    padding: 0 12px;
  }

  footer {
    padding: 3px 12px;
  }
}

@media (max-width: 760px) {
  .frame {
    grid-template-rows: auto minmax(0, 1fr) auto auto;
  }

  header {
    grid-template-columns: 1fr auto;
  }

  .in-head {
    position: fixed;
    inset: auto 0 0;
    z-index: 6;
  }

  footer {
    margin-bottom: 52px;
  }
}

@media print {
  .frame,
  main {
    display: block;
    height: auto;
    overflow: visible;
  }

  header,
  footer,
  .skip {
    display: none;
  }
}
</style>
