import '@fontsource-variable/archivo/wght.css';
import '@fontsource/ibm-plex-mono/400.css';
import '@fontsource/ibm-plex-mono/500.css';
import './reset.css';
import 'vuetify/styles';
import './base.css';
import { createVuetify, type ThemeDefinition } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';

const light: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#f6f2ea',
    surface: '#fbf9f4',
    primary: '#97431a',
    secondary: '#5d5648',
    error: '#a3231b',
    warning: '#8a5a00',
    success: '#0f6a5f',
    info: '#31577d',
    'on-background': '#1d2629',
    'on-surface': '#1d2629',
    'on-primary': '#ffffff',
  },
  variables: {
    hairline: '#d8cfbe',
    muted: '#655d4e',
    tool: '#d9cbb4',
    'tool-edge': '#8d7f69',
    'hole-wash': '#f3dcd3',
    'row-wash': '#efe6d6',
    'band-red': '#b8483f',
    'band-blue': '#3d6a99',
    'band-yellow': '#d3a93a',
    'border-opacity': 1,
    'border-color': '#d8cfbe',
  },
};

const dark: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#171a1a',
    surface: '#1f2322',
    primary: '#e39a6b',
    secondary: '#b3a893',
    error: '#ff8f80',
    warning: '#e8b45a',
    success: '#63c7b5',
    info: '#8cb4dc',
    'on-background': '#ece6da',
    'on-surface': '#ece6da',
    'on-primary': '#221006',
  },
  variables: {
    hairline: '#3a403e',
    muted: '#aba390',
    tool: '#57503f',
    'tool-edge': '#9b8f78',
    'hole-wash': '#442521',
    'row-wash': '#2a2f2c',
    'band-red': '#a8473f',
    'band-blue': '#42719f',
    'band-yellow': '#a8842a',
    'border-opacity': 1,
    'border-color': '#3a403e',
  },
};

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
