<script setup lang="ts">
import { defineAsyncComponent, ref, watch } from 'vue';
import { useTheme } from 'vuetify';
import { problemOf } from '@/api/client';
import AppFrame from '@/frame/AppFrame.vue';
import ReachNote from '@/frame/ReachNote.vue';
import { useSession } from '@/session/useSession';
import { rememberPerson } from '@/session/useSignIn';
import { useSettings } from '@/settings/useSettings';
import { payIn } from '@/shared/currency';
import ProblemNote from '@/shared/ProblemNote.vue';
import { keepPage } from './keepPage';

const ComeIn = defineAsyncComponent(() => import('@/session/ComeIn.vue'));
const NameShop = defineAsyncComponent(() => import('@/session/NameShop.vue'));
const SignIn = defineAsyncComponent(() => import('@/session/SignIn.vue'));
const settings = useSettings();
const theme = useTheme();
watch(
  () => settings.isDark,
  (dark) => theme.change(dark ? 'dark' : 'light'),
  { immediate: true },
);

/** By a link, whoever else may be signed in here. */
const isComingIn = location.pathname === '/enter';
const { isLoading, error, retry, person } = useSession();
// The page stays mounted under the sign-in when a session ends, so that nothing on it is lost.
const hasBeenSignedIn = ref(false);
// Somebody else gets a page of their own.
const whose = ref<number | null>(null);
watch(
  person,
  (somebody) => {
    hasBeenSignedIn.value ||= somebody !== null;
    whose.value = somebody?.id ?? whose.value;
    rememberPerson(somebody);
    if (!somebody) return;
    payIn(somebody.currency);
    settings.follow(somebody.settings);
    keepPage();
  },
  { immediate: true },
);
</script>

<template>
  <v-app>
    <ReachNote />
    <ComeIn v-if="isComingIn" />
    <div v-else-if="isLoading" class="waiting muted" role="status">Opening the shop …</div>
    <div v-else-if="error && !hasBeenSignedIn" class="waiting">
      <ProblemNote :problem="problemOf(error)" @retry="retry()" />
    </div>
    <template v-else>
      <NameShop v-if="person?.shopIsUnnamed" />
      <AppFrame v-else-if="hasBeenSignedIn" v-show="person" :key="whose ?? 0" />
      <SignIn v-if="!person" :again="hasBeenSignedIn" />
    </template>
  </v-app>
</template>

<style scoped>
.waiting {
  max-width: 46rem;
  margin: 20vh auto 0;
  padding: 0 24px;
}
</style>
