<script setup lang="ts">
import { computed, ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import StatusShape from '@/shared/StatusShape.vue';
import { useSession } from './useSession';
import { useSignIn } from './useSignIn';

/** `again`: the session has ended, and the page waits underneath. */
const props = defineProps<{ again: boolean }>();
const { demo } = useSession();
const signIn = useSignIn();
const marks = [
  [92, 72, 'covered'],
  [168, 118, 'covered'],
  [206, 118, 'covered'],
  [282, 118, 'covered'],
  [358, 118, 'hole'],
] as const;
const email = ref('');
const password = ref('');

const failure = computed(() => {
  if (!signIn.error.value) return null;
  const problem = problemOf(signIn.error.value);
  return problem.problems?.[0]?.expected ?? `${problem.title}. ${problem.detail}`;
});

function submit(account: Schemas['Credentials']): void {
  signIn.mutate(account);
}
</script>

<template>
  <div class="sheet">
    <section class="about">
      <svg
        viewBox="0 0 420 150"
        role="img"
        aria-label="A ruler of wire sizes with drop lines; one of them ends in an open ring"
      >
        <path d="M10 24H410" class="rule" />
        <path v-for="x in 11" :key="x" :d="`M${x * 38 - 22} 24v-${x % 2 ? 10 : 6}`" class="rule" />
        <rect x="36" y="52" width="200" height="13" rx="2" class="tool" />
        <rect x="150" y="98" width="150" height="13" rx="2" class="tool" />
        <path d="M92 24V72M168 24V118M206 24V118M282 24V118" class="line" />
        <path d="M358 24V118" class="line gap" />
        <g v-for="[x, y, status] in marks" :key="x" :transform="`translate(${x} ${y})`">
          <StatusShape :status="status" :r="status === 'hole' ? 7.5 : 5" />
        </g>
      </svg>
      <h1>Which terminations can this kit not make?</h1>
      <p>
        Gondrik holds every cutter, stripper and crimper of a kit against the wires and terminals that will be
        worked, and shows the holes before somebody stands in front of one.
      </p>
    </section>
    <section class="form" aria-labelledby="sign-in">
      <h2 id="sign-in">{{ props.again ? 'Your session has ended' : 'Sign in' }}</h2>
      <p v-if="props.again" class="muted">Sign in again; the page is as you left it.</p>
      <form @submit.prevent="submit({ email, password })">
        <v-text-field
          v-model="email"
          label="E-mail address"
          type="email"
          autocomplete="username"
          required
          hide-details
        />
        <v-text-field
          v-model="password"
          label="Password"
          type="password"
          autocomplete="current-password"
          required
          hide-details
        />
        <p v-if="failure" class="failure" role="alert">{{ failure }}</p>
        <v-btn type="submit" color="primary" variant="flat" :loading="signIn.isPending.value">Sign in</v-btn>
      </form>
      <div v-if="demo.length" class="demo">
        <h3>The demo is loaded</h3>
        <p class="muted">Tarnholt Ropeway is made up, with its tools, people and cables. Look around as</p>
        <ul>
          <li v-for="account in demo" :key="account.email">
            <button type="button" @click="submit({ email: account.email, password: account.password })">
              <strong>{{ account.name }}</strong>
              <span class="muted">{{ account.role }}</span>
            </button>
          </li>
        </ul>
      </div>
    </section>
  </div>
</template>

<style scoped>
.sheet {
  min-height: 100vh;
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(320px, 1fr);
}

.about {
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding: 48px clamp(24px, 6vw, 96px);
  border-right: 1px solid var(--hairline);
}

.about svg {
  width: min(100%, 460px);
  margin-bottom: 28px;
}

.about h1 {
  font-size: clamp(26px, 3vw, 38px);
  line-height: 1.12;
  letter-spacing: -0.025em;
  max-width: 18ch;
}

.about p {
  margin-top: 14px;
  max-width: 46ch;
  font-size: 16px;
}

.rule {
  stroke: var(--ink);
  stroke-width: 1.4;
}

.tool {
  fill: var(--tool);
  stroke: var(--tool-edge);
}

.line {
  stroke: var(--muted);
}

.gap {
  stroke: var(--hole);
  stroke-width: 2;
}

.form {
  display: flex;
  flex-direction: column;
  justify-content: center;
  gap: 12px;
  padding: 48px clamp(24px, 5vw, 72px);
  max-width: 520px;
}

h2 {
  font-size: 20px;
}

form {
  display: grid;
  gap: 14px;
}

.failure {
  color: var(--hole);
  margin: 0;
}

.demo {
  margin-top: 22px;
  padding-top: 16px;
  border-top: 1px solid var(--hairline);
}

.demo h3 {
  font-size: 14px;
}

.demo ul {
  list-style: none;
  padding: 0;
  margin: 10px 0 0;
  display: grid;
  gap: 6px;
}

.demo button {
  width: 100%;
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: max(36px, var(--touch));
  padding: 0 12px;
  border: 1px solid var(--hairline);
  border-radius: 3px;
  cursor: pointer;
}

.demo button:hover {
  background: var(--row-wash);
}

@media (max-width: 700px) {
  .sheet {
    grid-template-columns: 1fr;
  }

  .about {
    border-right: 0;
    border-bottom: 1px solid var(--hairline);
    padding-bottom: 24px;
  }
}
</style>
