import '@fontsource-variable/archivo/wght.css';
import '@fontsource/ibm-plex-mono/400.css';
import '@fontsource/ibm-plex-mono/500.css';
import './reset.css';
import 'vuetify/styles/core';
import './base.css';
import { mdiUnfoldMoreHorizontal } from '@mdi/js';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { dark, light } from './palette';

export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: { defaultTheme: 'light', themes: { light, dark } },
  defaults: {
    global: { ripple: false, rounded: 'sm' },
    VBtn: { variant: 'outlined', elevation: 0, slim: true },
    VSelect: { variant: 'plain', density: 'compact', hideDetails: true, menuIcon: mdiUnfoldMoreHorizontal },
    VTextField: { variant: 'plain', density: 'compact' },
  },
});
