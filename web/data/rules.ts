import { keepPreviousData, useQuery } from '@tanstack/vue-query';
import type { Ref } from 'vue';
import { api, type Schemas } from '@/api/client';
import { shopQuery } from './shopQuery';

export type ShopRules = Schemas['ShopRules'];
export type RuleQuestion = Schemas['RuleQuestion'];
export type RulesTried = Schemas['RulesTried'];

/** Answers by rule, as the workbook writes them; null takes one back. */
export type Answers = Record<string, unknown>;

/** What the house judges by, as questions. */
export const useRules = () =>
  useQuery({ ...shopQuery(['rules'], (signal) => api.GET('/rules', { signal })) });

/** What other answers would do to every kit and scope on a day. */
export function useRulesTried(answers: Ref<Answers>, on: Ref<string>) {
  return useQuery({
    ...shopQuery(['rules-tried', answers, on], (signal) =>
      api.GET('/rules/tried', {
        params: { query: { rules: JSON.stringify(answers.value), on: on.value } },
        signal,
      }),
    ),
    enabled: () => Object.keys(answers.value).length > 0,
    placeholderData: keepPreviousData,
  });
}
