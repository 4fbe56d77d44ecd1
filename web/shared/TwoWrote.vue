<script setup lang="ts">
/** Two wrote on one thing: what each wrote side by side, with who and when; whoever came second chooses in the slot. */
defineProps<{
  label: string;
  /** Who it was, and when, in a sentence without its stop. */
  who: string;
  rows: { title: string; mine: string; theirs: string }[];
  /** What stands over mine. */
  head?: string;
  /** So many more rows are not shown. */
  more?: number;
}>();
</script>

<template>
  <section class="two-wrote" role="alert" :aria-label="label">
    <p>
      <strong>{{ who }}.</strong> <slot name="says" />
    </p>
    <table v-if="rows.length">
      <thead>
        <tr>
          <th />
          <th>{{ head ?? 'You wrote' }}</th>
          <th>It is now</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.title">
          <th>{{ row.title }}</th>
          <td>{{ row.mine }}</td>
          <td>{{ row.theirs }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="more" class="muted">and {{ more }} more</p>
    <div class="choices"><slot /></div>
  </section>
</template>

<style scoped>
.two-wrote {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  align-items: center;
  padding: 8px 14px;
  border-left: 4px solid var(--makeshift);
  background: var(--surface);
}

table {
  border-collapse: collapse;
  font-size: 13px;
}

th {
  padding: 1px 14px 1px 0;
  font-weight: 500;
  color: var(--muted);
  text-align: left;
}

td {
  padding: 1px 18px 1px 0;
  font-family: var(--mono, inherit);
}

.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
