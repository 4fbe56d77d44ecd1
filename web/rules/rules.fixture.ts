import type { RuleQuestion, ShopRules } from '@/data/rules';

const question = (rule: string, asks: RuleQuestion['asks'], answers: [string, string][]): RuleQuestion => ({
  rule,
  topic: rule === 'carry' ? 'What a kit has' : 'Crimping',
  question: `About ${rule}?`,
  asks,
  answers: answers.map(([value, words]) => ({ value, words })),
  findings:
    asks === 'findings'
      ? [
          { finding: 'dull', words: 'Dull', usual: 'seldom' },
          { finding: 'pivot', words: 'Wobbles', usual: 'watch' },
        ]
      : [],
  schools:
    rule === 'hammerLugs' ? [{ about: 'Pressing lugs', school: 'Hammer', argument: 'It is cheap.' }] : [],
});

export const questions: Record<string, RuleQuestion> = {
  hammerLugs: question('hammerLugs', 'one', [
    ['accept', 'As a makeshift'],
    ['refuse', 'No'],
  ]),
  openFlame: question('openFlame', 'one', [
    ['true', 'Yes'],
    ['false', 'No'],
  ]),
  insulations: question('insulations', 'some', [
    ['any', 'Any'],
    ['pvc', 'PVC'],
    ['etfe', 'ETFE'],
  ]),
  carry: question('carry', 'some', [
    ['meter', 'meter'],
    ['first-aid', 'first-aid kit'],
  ]),
  practicePieces: question('practicePieces', 'number', []),
  scrap: question('scrap', 'share', []),
  findings: question('findings', 'findings', [
    ['watch', 'is watched'],
    ['seldom', 'seldom'],
  ]),
};

const usual = {
  hammerLugs: 'refuse',
  openFlame: true,
  insulations: 'any',
  carry: ['meter'],
  practicePieces: 20,
  scrap: 0.02,
  findings: [],
};
const answers = (of: Record<string, unknown>) =>
  Object.fromEntries(
    Object.entries(of).map(([rule, value]) => [rule, { value, words: JSON.stringify(value) }]),
  );

/** A building shop that has said one thing otherwise. */
export const rules: ShopRules = {
  questions: Object.values(questions),
  presets: [
    { preset: null, name: 'Of no trade', answers: answers(usual) },
    { preset: 'building', name: 'Building', answers: answers({ ...usual, carry: ['meter', 'first-aid'] }) },
    { preset: 'panel', name: 'Panel', answers: answers({ ...usual, openFlame: false }) },
  ],
  said: { preset: 'building', hammerLugs: 'accept' },
  inForce: answers({ ...usual, carry: ['meter', 'first-aid'], hammerLugs: 'accept' }),
  scopes: [],
  changes: [],
};
