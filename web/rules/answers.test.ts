import { expect, it } from 'vitest';
import { answerOf, answersRead, byTopic, isOwn, listAfter, presetOf, usualOf, withAnswer } from './answers';
import { questions, rules } from './rules.fixture';

it('answers by what is thought over, else by what the shop said, else by the preset', () => {
  expect(answerOf(rules, {}, 'hammerLugs')).toBe('accept');
  expect(answerOf(rules, { hammerLugs: null }, 'hammerLugs')).toBe('refuse');
  expect(answerOf(rules, {}, 'carry')).toEqual(['meter', 'first-aid']);
  expect(answerOf(rules, { carry: [] }, 'carry')).toEqual([]);
  // Under another preset what the shop said itself stays.
  expect(answerOf(rules, { preset: 'panel' }, 'openFlame')).toBe(false);
  expect(answerOf(rules, { preset: 'panel' }, 'hammerLugs')).toBe('accept');
  expect(presetOf(rules, { preset: null })?.name).toBe('Of no trade');
  expect(usualOf(rules, { preset: null }, 'carry')?.value).toEqual(['meter']);
});

it('knows where the house answers otherwise than its preset', () => {
  expect(['hammerLugs', 'openFlame', 'carry'].map((rule) => isOwn(rules, {}, rule))).toEqual([
    true,
    false,
    false,
  ]);
  expect(isOwn(rules, { hammerLugs: null }, 'hammerLugs')).toBe(false);
});

it('thinks over only what would be another answer, and takes the preset’s by saying nothing', () => {
  expect(withAnswer(rules, {}, 'openFlame', false)).toEqual({ openFlame: false });
  expect(withAnswer(rules, { openFlame: false }, 'openFlame', true)).toEqual({});
  expect(withAnswer(rules, {}, 'hammerLugs', 'refuse')).toEqual({ hammerLugs: null });
  expect(withAnswer(rules, { hammerLugs: null, openFlame: false }, 'hammerLugs', 'accept')).toEqual({
    openFlame: false,
  });
  expect(withAnswer(rules, {}, 'preset', 'panel')).toEqual({ preset: 'panel' });
  expect(withAnswer(rules, { preset: 'panel' }, 'preset', 'building')).toEqual({});
  expect(withAnswer(rules, {}, 'preset', null)).toEqual({ preset: null });
});

it('asks under what it is about, in its order', () => {
  expect(
    byTopic(rules.questions).map(({ topic, questions: of }) => [topic, of.map(({ rule }) => rule)]),
  ).toEqual([
    ['Crimping', ['hammerLugs', 'openFlame', 'insulations', 'practicePieces', 'scrap', 'findings']],
    ['What a kit has', ['carry']],
  ]);
});

it.each([
  ['carry', ['first-aid'], 'meter', true, ['meter', 'first-aid']],
  ['carry', ['meter'], 'meter', false, []],
  ['insulations', 'any', 'etfe', true, ['etfe']],
  ['insulations', ['etfe'], 'pvc', true, ['pvc', 'etfe']],
  ['insulations', ['etfe'], 'etfe', false, 'any'],
  ['insulations', ['etfe'], 'any', true, 'any'],
  ['insulations', 'any', 'any', false, []],
])('of %s, with %j: %s, taken in: %s', (rule, now, one, isIn, then) => {
  const question = questions[rule];
  expect(question && listAfter(question, now, one, isIn)).toEqual(then);
});

it.each([
  [null, {}],
  ['{"preset":"panel","taps":null}', { preset: 'panel', taps: null }],
  ['{"preset":', {}],
  ['[1]', {}],
  ['null', {}],
  ['7', {}],
])('reads %j as what is thought over', (text, draft) => {
  expect(answersRead(text)).toEqual(draft);
});
