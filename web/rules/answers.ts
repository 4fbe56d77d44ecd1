import type { Answers, RuleQuestion, ShopRules } from '@/data/rules';

/* Answers to the house's questions: what is in force while some are thought over, and what of these would be said. */

/** Answers that an address holds, as JSON; none where it cannot be read. */
export function answersRead(text: string | null | undefined): Answers {
  try {
    const read: unknown = JSON.parse(text ?? '{}');
    return typeof read === 'object' && read !== null && !Array.isArray(read) ? (read as Answers) : {};
  } catch {
    return {};
  }
}

const isSame = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/** What the shop has said of a rule itself; null where the preset says it. */
export const saidOf = (rules: ShopRules, rule: string): unknown => (rules.said as Answers)[rule] ?? null;

/** The preset that would be in force. */
export const presetOf = (rules: ShopRules, draft: Answers): ShopRules['presets'][number] | undefined => {
  const asked = 'preset' in draft ? draft.preset : saidOf(rules, 'preset');
  return rules.presets.find(({ preset }) => preset === asked);
};

/** What the preset answers. */
export const usualOf = (rules: ShopRules, draft: Answers, rule: string) =>
  presetOf(rules, draft)?.answers[rule];

/** The answer that would be in force. */
export function answerOf(rules: ShopRules, draft: Answers, rule: string): unknown {
  const said = rule in draft ? draft[rule] : saidOf(rules, rule);
  return said ?? usualOf(rules, draft, rule)?.value;
}

/** Whether the house would answer otherwise than its preset. */
export const isOwn = (rules: ShopRules, draft: Answers, rule: string): boolean =>
  !isSame(answerOf(rules, draft, rule), usualOf(rules, draft, rule)?.value);

/** The draft with one more answer; what is as it was is not in it. */
export function withAnswer(rules: ShopRules, draft: Answers, rule: string, value: unknown): Answers {
  const next = isSame(value, usualOf(rules, draft, rule)?.value) ? null : value;
  const rest = Object.fromEntries(Object.entries(draft).filter(([key]) => key !== rule));
  return isSame(next, saidOf(rules, rule)) ? rest : { ...rest, [rule]: next };
}

/** The questions under what they are about, in their order. */
export function byTopic(questions: RuleQuestion[]): { topic: string; questions: RuleQuestion[] }[] {
  const topics = [...new Set(questions.map(({ topic }) => topic))];
  return topics.map((topic) => ({ topic, questions: questions.filter((one) => one.topic === topic) }));
}

/** The answers that a question takes of a list: what "any" leaves no room for is taken out. */
export function listAfter(question: RuleQuestion, now: unknown, one: string, isIn: boolean): unknown {
  const isWhole = (value: string) => value === 'any';
  if (isWhole(one)) return isIn ? one : [];
  const list = Array.isArray(now) ? now.map(String) : [];
  const next = new Set(isIn ? [...list, one] : list.filter((other) => other !== one));
  const inOrder = question.answers.map(({ value }) => value).filter((value) => next.has(value));
  // Nothing at all is no answer where "any" is one.
  return inOrder.length === 0 && question.answers.some(({ value }) => isWhole(value)) ? 'any' : inOrder;
}

/** A share in hundredths, and back: 0.02 is 2. */
export const percentOf = (share: unknown): number => Number((Number(share) * 100).toPrecision(12));
export const shareOf = (percent: number): number => Number((percent / 100).toPrecision(12));

/** An answer in words, as a sentence has it. */
export function inWords(question: RuleQuestion, value: unknown): string {
  const words = (one: unknown) =>
    question.answers.find((of) => of.value === String(one))?.words ?? String(one);
  if (question.asks === 'number') return `${Number(value)}`;
  if (question.asks === 'share') return `${percentOf(value)}%`;
  if (question.asks === 'findings')
    return Array.isArray(value) && value.length
      ? `${value.length} otherwise than usual`
      : 'what usually follows';
  if (Array.isArray(value)) return value.length ? value.map(words).join(', ') : 'none';
  return words(value);
}

/** What is picked, as the answers have it: yes and no are true and false. */
export const plainOf = (value: string): unknown =>
  value === 'true' ? true : value === 'false' ? false : value;
export const textOf = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'boolean' ? String(value) : '';
