import '@fontsource-variable/archivo/wght.css';
import '@fontsource/ibm-plex-mono/400.css';
import '@fontsource/ibm-plex-mono/500.css';
import './reset.css';
import 'vuetify/styles';
import './base.css';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { dark, light } from './palette';

export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: { defaultTheme: 'light', themes: { light, dark } },
  defaults: {
    global: { ripple: false, rounded: 'sm' },
    VBtn: { variant: 'outlined', elevation: 0, class: 'text-none' },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: true },
    VTextField: { variant: 'outlined', density: 'compact' },
    VCard: { elevation: 0, border: true },
  },
});
