import type { ThemeDefinition } from 'vuetify';

/*
 * Workshop paper and ink. The saturated red belongs to holes alone: palette.test.ts measures how far everything else stays
 * from it, for colour-blind eyes too.
 */
export const light: ThemeDefinition = {
  dark: false,
  colors: {
    background: '#f6f2ea',
    surface: '#fbf9f4',
    primary: '#8c4a12',
    secondary: '#5d5648',
    error: '#a8123a',
    warning: '#825500',
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
    'hole-wash': '#f4dadb',
    'row-wash': '#efe6d6',
    'band-red': '#b98d88',
    'band-blue': '#8198b3',
    'band-yellow': '#c9b26a',
    'border-opacity': 1,
    'border-color': '#d8cfbe',
  },
};

export const dark: ThemeDefinition = {
  dark: true,
  colors: {
    background: '#171a1a',
    surface: '#1f2322',
    primary: '#dba05f',
    secondary: '#b3a893',
    error: '#ff7a93',
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
    'hole-wash': '#47222b',
    'row-wash': '#2a2f2c',
    'band-red': '#8f6b66',
    'band-blue': '#5f7a94',
    'band-yellow': '#8f7f47',
    'border-opacity': 1,
    'border-color': '#3a403e',
  },
};
