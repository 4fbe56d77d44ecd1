<script setup lang="ts">
import { api, type Schemas } from '@/api/client';
import { useWrite } from '@/frame/useWrite';
import { counted } from '@/shared/pretty';
import { useSession } from '@/session/useSession';
import ProblemTable from './ProblemTable.vue';

/** A table of what has happened: what it has more than the log is written down, all of it or nothing. */
const props = defineProps<{ file: File }>();
const { person } = useSession();
const said = ({ written }: Schemas['LogTaken']) =>
  written ? `${counted(written, 'row')} written down` : 'The log has all of it already';
const { mutate, isPending, problem, data } = useWrite({
  ask: ({ text }: { text: string }) =>
    api.POST('/log.csv', {
      body: text,
      bodySerializer: (body) => body,
      headers: { 'Content-Type': 'text/csv' },
    }),
  said: (_, taken) => said(taken),
  mayTakeBack: () => person.value?.role === 'lead',
});
const bring = async () => mutate({ text: await props.file.text() });
</script>

<template>
  <p>
    <v-btn size="small" :loading="isPending" @click="bring()">what has happened to things</v-btn>
    <span class="muted"> one row each: what, asset, on, by, due, certificate, condition, to …</span>
  </p>
  <p v-if="data" role="status">
    <b>{{ said(data.kept) }}.</b> <RouterLink :to="{ name: 'wall' }">To the wall</RouterLink>
  </p>
  <template v-if="problem">
    <p role="alert" class="bad">
      {{ problem.title }}. {{ problem.problems ? 'Nothing was written down.' : problem.detail }}
    </p>
    <ProblemTable v-if="problem.problems" class="problems" :problems="problem.problems" />
  </template>
</template>

<style scoped>
.bad {
  color: var(--hole);
}
</style>
