<script setup lang="ts">
import { ref } from 'vue';
import type { AccountLink } from '@/data/accounts';
import { moment } from '@/shared/format';

/** A link to come in, shown this once: to be copied, and sent as one likes. */
const props = defineProps<{ link: AccountLink }>();
defineEmits<{ close: [] }>();
const isCopied = ref(false);
async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(props.link.link);
    isCopied.value = true;
  } catch {
    // Without a secure address a page may not write there: the field is marked, and copied by the keys.
    field.value?.select();
  }
}
const field = ref<HTMLInputElement | null>(null);
</script>

<template>
  <section class="link" aria-label="The link">
    <p>
      <b>{{ link.account.name }}</b>
      {{ link.account.joinedAt ? 'sets a new password' : 'comes in' }} with this link. It works once, until
      {{ moment(Date.parse(link.until)) }}, and is not shown again.
    </p>
    <div class="row">
      <input
        ref="field"
        class="lone-field mono"
        readonly
        :value="link.link"
        aria-label="Link to come in"
        @focus="field?.select()"
      />
      <v-btn size="small" color="primary" variant="flat" @click="copy()">{{
        isCopied ? 'Copied' : 'Copy'
      }}</v-btn>
      <v-btn size="small" variant="text" @click="$emit('close')">Done</v-btn>
    </div>
    <p class="muted">
      It was mailed to {{ link.account.email }} as well, where this installation sends mail.
    </p>
  </section>
</template>

<style scoped>
.link {
  margin: 10px 0;
  padding: 10px 14px;
  border: 1px solid var(--ink);
  border-left: 4px solid var(--copper);
  border-radius: 3px;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  margin: 6px 0;
}

input {
  flex: 1 1 320px;
  min-width: 0;
}
</style>
