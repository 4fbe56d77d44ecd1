<script setup lang="ts">
import { useSession } from '@/session/useSession';
import { useSignOut } from '@/session/useSignOut';
import { useSettings } from '@/settings/useSettings';

/** Units, theme, keys and the person: what opens below the button in the head. */
defineProps<{ activator: Element | null }>();
defineEmits<{ keys: [] }>();
const isOpen = defineModel<boolean>({ required: true });
const { person } = useSession();
const { signOut } = useSignOut();
const settings = useSettings();

const sizes = { gauge: 'AWG', metric: 'mm²' };
const choices = [
  { legend: 'Sizes', key: 'first', options: Object.entries(sizes) },
  {
    legend: 'Lengths',
    key: 'length',
    options: [
      ['mm', 'mm'],
      ['inch', 'in'],
    ],
  },
  {
    legend: 'Forces',
    key: 'force',
    options: [
      ['N', 'N'],
      ['lbf', 'lbf'],
    ],
  },
  {
    legend: 'Theme',
    key: 'theme',
    options: [
      ['light', 'light'],
      ['dark', 'dark'],
      ['auto', 'as the device'],
    ],
  },
] as const;
</script>

<template>
  <v-menu
    v-model="isOpen"
    :activator="activator ?? undefined"
    :close-on-content-click="false"
    location="bottom end"
  >
    <div class="menu" role="group" aria-label="Units, theme and person">
      <p>
        <b>{{ person?.name }}</b>
        <small class="muted">{{ person?.shop }} · {{ person?.role }}</small>
      </p>
      <fieldset v-for="choice in choices" :key="choice.key">
        <legend>{{ choice.legend }}</legend>
        <label v-for="[value, text] in choice.options" :key="value">
          <input v-model="settings[choice.key]" type="radio" :value="value" /><span>{{ text }}</span>
        </label>
      </fieldset>
      <button v-if="settings.isOwn" type="button" class="shop" @click="settings.asTheShop()">
        All of it as the shop has it
      </button>
      <div class="actions">
        <button type="button" @click="$emit('keys')">Keys <kbd class="mono">?</kbd></button>
        <RouterLink :to="{ name: 'own' }" @click="isOpen = false">Password</RouterLink>
        <button type="button" @click="signOut.mutate()">Sign out</button>
      </div>
    </div>
  </v-menu>
</template>

<style scoped>
.menu {
  display: grid;
  gap: 12px;
  min-width: 250px;
  padding: 14px 16px 10px;
}

.menu p {
  display: flex;
  flex-direction: column;
  line-height: 1.3;
}

fieldset {
  display: flex;
  align-items: center;
}

legend {
  float: left;
  width: 68px;
  font-size: 12.5px;
  color: var(--muted);
}

label {
  position: relative;
  flex: 1;
  border: 1px solid var(--hairline);
  border-right-width: 0;
  white-space: nowrap;
}

label:first-of-type {
  border-radius: 3px 0 0 3px;
}

label:last-of-type {
  border-right-width: 1px;
  border-radius: 0 3px 3px 0;
}

input {
  position: absolute;
  inset: 0;
  opacity: 0;
  cursor: pointer;
}

label span {
  display: flex;
  align-items: center;
  justify-content: center;
  min-height: var(--touch-tight);
  padding: 0 9px;
  font-size: 12.5px;
  color: var(--muted);
}

input:checked + span {
  background: var(--row-wash);
  color: var(--ink);
  font-weight: 600;
  box-shadow: inset 0 -2px 0 var(--copper);
}

input:focus-visible + span {
  outline: 2px solid var(--copper);
}

.actions {
  display: flex;
  justify-content: space-between;
  border-top: 1px solid var(--hairline);
  padding-top: 6px;
}

.shop,
.actions button {
  min-height: var(--touch);
  cursor: pointer;
  text-decoration: underline;
  text-underline-offset: 3px;
  text-decoration-color: var(--hairline);
}

kbd {
  border: 1px solid var(--hairline);
  border-radius: 3px;
  padding: 0 5px;
}
</style>
