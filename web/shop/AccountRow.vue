<script setup lang="ts">
import { computed } from 'vue';
import {
  bringBack,
  linkFor,
  roles,
  takeOut,
  writeAccount,
  type Account,
  type AccountLink,
  type Role,
} from '@/data/accounts';
import { useHands } from '@/data/hands';
import { useWrite } from '@/frame/useWrite';
import { moment } from '@/shared/format';
import PickOne from '@/shared/PickOne.vue';
import { refusal } from '@/shared/refusal';

/** One who comes in: as what, who they are among the people, when they were here; and what can be done. */
const props = defineProps<{ account: Account; taken: ReadonlySet<string | null> }>();
const emit = defineEmits<{ made: [link: AccountLink] }>();

const people = useHands();
const whoElse = computed(() => [
  { id: '', name: 'nobody named' },
  ...people.value.filter(({ id }) => id === props.account.person || !props.taken.has(id)),
]);
const nothing = { mayTakeBack: () => false };
const change = useWrite({
  ...nothing,
  ask: (more: { role?: Role; person?: string | null }) =>
    writeAccount(props.account, {
      name: props.account.name,
      role: props.account.role,
      person: props.account.person,
      ...more,
    }),
  said: ({ role }) => `${props.account.name} is ${role ? `now ${role}` : 'told apart'}`,
});
const link = useWrite({
  ...nothing,
  ask: () => linkFor(props.account),
  said: () => `A new link for ${props.account.name}`,
  atOnce: (made) => emit('made', made),
});
const out = useWrite({
  ...nothing,
  ask: () => takeOut(props.account),
  said: () => `${props.account.name} comes in no more`,
});
const back = useWrite({
  ...nothing,
  ask: () => bringBack(props.account),
  said: () => `${props.account.name} comes in again`,
});
const problem = computed(
  () => [change, link, out, back].map((write) => write.problem.value).find(Boolean) ?? null,
);
const when = computed(() => {
  const { leftAt, joinedAt, lastSeenAt } = props.account;
  if (leftAt) return `left ${moment(Date.parse(leftAt))}`;
  if (!joinedAt) return 'asked in, has not come yet';
  return lastSeenAt ? `here ${moment(Date.parse(lastSeenAt))}` : 'not seen yet';
});
</script>

<template>
  <li :class="{ left: account.leftAt }">
    <span class="who"
      ><b>{{ account.name }}</b> <small v-if="account.isYou" class="muted">you</small
      ><small class="mono muted address">{{ account.email }}</small></span
    >
    <template v-if="!account.leftAt">
      <PickOne
        label="As"
        :items="roles"
        :picked="account.role"
        @pick="(role) => change.mutate({ role: role as Role })"
      />
      <PickOne
        label="Is"
        :items="whoElse"
        :picked="account.person ?? ''"
        @pick="(person) => change.mutate({ person: person || null })"
      />
    </template>
    <span class="when muted">{{ when }}</span>
    <span class="acts">
      <v-btn
        v-if="account.leftAt"
        size="small"
        variant="outlined"
        :loading="back.isPending.value"
        @click="back.mutate()"
        >Bring back</v-btn
      >
      <template v-else>
        <v-btn size="small" variant="text" :loading="link.isPending.value" @click="link.mutate()">{{
          account.joinedAt ? 'New password' : 'New link'
        }}</v-btn>
        <v-btn size="small" variant="text" :loading="out.isPending.value" @click="out.mutate()"
          >Take out</v-btn
        >
      </template>
    </span>
    <p v-if="problem" class="bad" role="alert">{{ refusal(problem) }}</p>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(170px, 1.3fr) 150px minmax(150px, 200px) minmax(130px, 1fr) 220px;
  gap: 4px 12px;
  align-items: center;
  min-height: 46px;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}

.address {
  display: block;
}

.when {
  font-size: 13px;
}

.acts {
  display: flex;
  justify-content: flex-end;
}

.left .who {
  text-decoration: line-through;
}

.left .when {
  grid-column: 2 / 5;
}

.bad {
  grid-column: 1 / -1;
  color: var(--hole);
}

@media (max-width: 980px) {
  li {
    grid-template-columns: minmax(0, 1fr) 150px minmax(0, 180px);
  }

  .left .when,
  .when {
    grid-column: auto;
  }

  .acts {
    grid-column: 2 / -1;
  }
}
</style>
