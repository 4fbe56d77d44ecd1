<script setup lang="ts">
import { computed, shallowRef } from 'vue';
import { useAccounts, type AccountLink } from '@/data/accounts';
import PlaceFrame from '@/frame/PlaceFrame.vue';
import { useSession } from '@/session/useSession';
import WaitBar from '@/shared/WaitBar.vue';
import AccountRow from './AccountRow.vue';
import AskInForm from './AskInForm.vue';
import LinkNote from './LinkNote.vue';

/** Who comes into the shop, and as what. */
const { person } = useSession();
const isLead = computed(() => person.value?.role === 'lead');
const accounts = useAccounts();
const all = computed(() => accounts.data.value?.data ?? []);
const taken = computed(() => new Set(all.value.map((account) => account.person)));
const made = shallowRef<AccountLink | null>(null);
</script>

<template>
  <PlaceFrame
    title="Who comes in"
    look="page"
    is-shown
    :error="isLead ? accounts.error.value : null"
    @retry="accounts.refetch()"
  >
    <template #beside><RouterLink class="shop" :to="{ name: 'shop' }">Shop</RouterLink></template>
    <p v-if="person && !isLead" class="refused">
      Who comes in is for the shop lead. You are signed in as {{ person.role }}.
    </p>
    <template v-else>
      <p class="muted lead">
        Somebody comes in by a link that works once and for a week. A person of the shop need not come in:
        practice and sign-off are written of an apprentice without an account, too, under
        <RouterLink :to="{ name: 'train' }">Train</RouterLink>.
      </p>
      <AskInForm :accounts="all" @made="made = $event" />
      <LinkNote v-if="made" :key="made.link" :link="made" @close="made = null" />
      <WaitBar v-if="accounts.isPending.value" says="Fetching who comes in" />
      <ul aria-label="Who comes in">
        <AccountRow v-for="account in all" :key="account.id" :account :taken @made="made = $event" />
      </ul>
    </template>
  </PlaceFrame>
</template>

<style scoped>
.lead {
  max-width: 78ch;
  margin: 0 0 12px;
}

.shop {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
}

.refused {
  border-left: 3px solid var(--makeshift);
  padding: 6px 14px;
}

ul {
  margin: 16px 0 0;
  padding: 0;
  border-top: 2px solid var(--ink);
  list-style: none;
}
</style>
