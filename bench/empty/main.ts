import 'vuetify/styles/core';
import { createApp, h } from 'vue';
import { createVuetify } from 'vuetify';
import { VApp } from 'vuetify/components/VApp';
import { VMain } from 'vuetify/components/VMain';

/** A page of the toolkit on which nothing stands: what ours is measured against. */
createApp({ render: () => h(VApp, () => h(VMain, () => h('p', { id: 'stands' }, 'Empty'))) })
  .use(createVuetify())
  .mount('#app');
