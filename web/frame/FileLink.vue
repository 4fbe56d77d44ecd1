<script setup lang="ts">
import { ref } from 'vue';
import { problemOf, type Schemas } from '@/api/client';
import { fetchInTurn } from '@/api/turns';
import { refusal } from '@/shared/refusal';
import { save } from '@/shared/saved';

/**
 * A file that may take long to make: it waits for its turn and says so, and what is refused is told here and never saved in its
 * place. With a key held the browser takes the address as it does any other.
 */
const { href } = defineProps<{ href: string }>();
const isMade = ref(false);
const refused = ref('');

/** As the server calls it, else as the address ends. */
const nameOf = (response: Response): string =>
  /filename="([^"]+)"/.exec(response.headers.get('Content-Disposition') ?? '')?.[1] ??
  new URL(href, location.href).pathname.split('/').at(-1) ??
  'file';

async function take(event: MouseEvent): Promise<void> {
  if (event.ctrlKey || event.metaKey || event.shiftKey || event.altKey) return;
  event.preventDefault();
  if (isMade.value) return;
  isMade.value = true;
  refused.value = '';
  try {
    const response = await fetchInTurn(
      new Request(new URL(href, location.href), {
        credentials: 'same-origin',
        // What is refused comes as a problem, and not as a page.
        headers: { Accept: 'application/json, */*;q=0.5' },
      }),
    );
    if (response.ok) save(nameOf(response), await response.blob());
    else refused.value = refusal((await response.json()) as Schemas['Problem']);
  } catch (error) {
    refused.value = refusal(problemOf(error));
  } finally {
    isMade.value = false;
  }
}
</script>

<template>
  <span class="file"
    ><a :href download :aria-busy="isMade" @click="take"><slot /></a
    ><span v-if="isMade" class="muted" role="status"> is being made …</span
    ><span v-if="refused" class="refused" role="alert"> {{ refused }}</span></span
  >
</template>

<style scoped>
.refused {
  color: var(--hole);
}
</style>
