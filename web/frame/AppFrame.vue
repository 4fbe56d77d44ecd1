<script setup lang="ts">
import { mdiKeyboardOutline, mdiWeatherNight, mdiWhiteBalanceSunny } from '@mdi/js';
import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { useSession } from '@/session/useSession';
import { useSettings } from '@/settings/useSettings';
import ProblemNote from '@/shared/ProblemNote.vue';
import KeyboardHelp from './KeyboardHelp.vue';
import { places } from './places';
import { unloadable } from '@/router';
import { useKeys } from '@/shared/useKeys';

const { person, signOut } = useSession();
const settings = useSettings();
const router = useRouter();
const isHelpOpen = ref(false);
// With Shift or without, as the keyboard has it.
for (const keys of ['?', 'shift+?']) useKeys(keys, () => (isHelpOpen.value = true));
for (const place of places) useKeys(`g-${place.key}`, () => void router.push({ name: place.name }));
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
      <nav aria-label="Places">
        <RouterLink v-for="place in places" :key="place.name" :to="{ name: place.name }">
          {{ place.title }}
        </RouterLink>
      </nav>
      <div class="side">
        <fieldset class="switch">
          <legend class="visually-hidden">Sizes</legend>
          <label><input v-model="settings.first" type="radio" value="gauge" /><span>AWG</span></label>
          <label><input v-model="settings.first" type="radio" value="metric" /><span>mm²</span></label>
        </fieldset>
        <fieldset class="switch">
          <legend class="visually-hidden">Lengths</legend>
          <label><input v-model="settings.length" type="radio" value="mm" /><span>mm</span></label>
          <label><input v-model="settings.length" type="radio" value="inch" /><span>in</span></label>
        </fieldset>
        <v-btn
          :icon="settings.isDark ? mdiWhiteBalanceSunny : mdiWeatherNight"
          variant="text"
          size="small"
          :aria-label="settings.isDark ? 'Light theme' : 'Dark theme'"
          @click="settings.theme = settings.isDark ? 'light' : 'dark'"
        />
        <v-btn
          class="keys-button"
          :icon="mdiKeyboardOutline"
          variant="text"
          size="small"
          aria-label="Keys"
          @click="isHelpOpen = true"
        />
        <v-menu>
          <template #activator="{ props: activator }">
            <button class="person" type="button" v-bind="activator">
              <span>{{ person?.name }}</span>
              <small class="muted">{{ person?.shop }} · {{ person?.role }}</small>
            </button>
          </template>
          <v-list density="compact">
            <v-list-item title="Sign out" @click="signOut.mutate()" />
          </v-list>
        </v-menu>
      </div>
    </header>
    <main id="place" tabindex="-1">
      <ProblemNote v-if="unloadable" class="unloadable" :problem="unloadable" @retry="reload()" />
      <RouterView v-else />
    </main>
    <footer class="muted">
      Isolate and prove dead before you touch; cut away from yourself, with eye protection on. Local codes and
      licensed practice come first.
    </footer>
    <KeyboardHelp v-model="isHelpOpen" />
  </div>
</template>

<style scoped>
.frame {
  min-height: 100vh;
  display: flex;
  flex-direction: column;
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
  display: flex;
  align-items: stretch;
  gap: 28px;
  padding: 0 20px;
  min-height: 48px;
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

nav {
  display: flex;
  gap: 4px;
}

nav a {
  display: flex;
  align-items: center;
  padding: 0 12px;
  min-height: var(--touch);
  color: var(--muted);
  text-decoration: none;
  border-bottom: 3px solid transparent;
  border-top: 3px solid transparent;
}

nav a.router-link-active {
  color: var(--ink);
  font-weight: 600;
  border-bottom-color: var(--copper);
}

.side {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: 10px;
}

.switch {
  display: flex;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  padding: 0;
  margin: 0;
}

.switch label {
  position: relative;
}

.switch input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

.switch span {
  display: flex;
  align-items: center;
  min-height: calc(var(--touch) - 4px);
  padding: 0 9px;
  font-size: 12.5px;
  color: var(--muted);
}

.switch input:checked + span {
  background: var(--row-wash);
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -2px 0 var(--copper);
}

.switch input:focus-visible + span {
  outline: 2px solid var(--copper);
}

.person {
  display: flex;
  flex-direction: column;
  align-items: flex-end;
  justify-content: center;
  min-height: var(--touch);
  line-height: 1.25;
  font-size: 13px;
  cursor: pointer;
}

.person small {
  font-size: 11.5px;
}

main {
  flex: 1;
  outline: none;
}

footer {
  padding: 10px 20px;
  font-size: 12px;
  border-top: 1px solid var(--hairline);
}

.unloadable {
  margin: 24px 20px;
}

@media (forced-colors: active) {
  nav a {
    border-color: Canvas;
  }

  nav a.router-link-active {
    border-bottom-color: Highlight;
  }
}

@media print {
  header,
  footer,
  .skip {
    display: none;
  }
}

@media (max-width: 900px) {
  header {
    gap: 12px;
    padding: 0 12px;
  }

  .person small,
  .keys-button {
    display: none;
  }
}
</style>
