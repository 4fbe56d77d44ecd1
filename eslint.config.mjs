import { defineConfigWithVueTs, vueTsConfigs } from '@vue/eslint-config-typescript';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';

export default defineConfigWithVueTs(
  { ignores: ['public/**', 'web/api/schema.ts'] },
  vue.configs['flat/recommended'],
  vueTsConfigs.strictTypeChecked,
  prettier,
  {
    rules: {
      // A number in a sentence is a word like any other, and an arrow may give on what gives nothing.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-meaningless-void-operator': 'off',
      // What a composable gives are closures, and no file of the page says `this`.
      '@typescript-eslint/unbound-method': 'off',
      // What is read from a device or a server has the type that its reader names.
      '@typescript-eslint/no-unnecessary-type-parameters': 'off',
      // Letters are looked at one by one; marks that stand upon others are not what is typed here.
      '@typescript-eslint/no-misused-spread': ['error', { allow: ['string'] }],
      'vue/multi-word-component-names': 'off',
      'vue/block-lang': ['error', { script: { lang: 'ts' } }],
      'vue/component-api-style': ['error', ['script-setup']],
    },
  },
  // In a test a missing thing may throw: that is a failure with a line number.
  {
    files: ['**/*.test.ts'],
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-confusing-void-expression': 'off',
    },
  },
);
