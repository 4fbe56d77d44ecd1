import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import type { RuleQuestion } from '@/data/rules';
import RuleAnswer from './RuleAnswer.vue';
import { questions } from './rules.fixture';

const answered = (
  rule: string,
  value: unknown,
  more: Partial<{ question: RuleQuestion; disabled: boolean }> = {},
) => {
  const question = questions[rule];
  if (!question) throw new Error(rule);
  return mount(RuleAnswer, { props: { question, value, ...more } });
};

it('takes yes and no as true and false', async () => {
  const view = answered('openFlame', true);
  const [yes, no] = view.findAll<HTMLInputElement>('input[type=radio]');
  expect([yes?.element.checked, no?.element.checked]).toEqual([true, false]);
  expect(view.find('legend').text()).toBe('About openFlame?');
  await no?.trigger('change');
  expect(view.emitted('answer')).toEqual([[false]]);
});

it('asks one of many by a list', async () => {
  const many = ['a', 'b', 'c', 'd', 'e'].map((value) => ({ value, words: value.toUpperCase() }));
  const of = questions.hammerLugs;
  if (!of) throw new Error('no question');
  const view = answered('hammerLugs', 'c', { question: { ...of, answers: many } });
  const select = view.find('select');
  expect([select.element.value, select.attributes('aria-label')]).toEqual(['c', 'About hammerLugs?']);
  await select.setValue('e');
  expect(view.emitted('answer')).toEqual([['e']]);
});

it('says a list in words and takes one in or out', async () => {
  const view = answered('carry', ['meter']);
  expect(view.find('summary').text()).toBe('meter');
  const [meter, aid] = view.findAll('input[type=checkbox]');
  await aid?.setValue(true);
  await meter?.setValue(false);
  expect(view.emitted('answer')).toEqual([[['meter', 'first-aid']], [[]]]);
  expect(answered('carry', []).find('summary').text()).toBe('none');
  expect(answered('insulations', 'any').find('summary').text()).toBe('Any');
});

it('keeps what follows from the other findings', async () => {
  const view = answered('findings', [{ finding: 'dull', condition: 'watch' }]);
  expect(view.find('summary').text()).toBe('1 otherwise than usual');
  const [dull, pivot] = view.findAll('select');
  expect([dull?.element.value, pivot?.element.value]).toEqual(['watch', '']);
  expect(pivot?.find('option').text()).toBe('as usual: is watched');
  await pivot?.setValue('seldom');
  await dull?.setValue('');
  expect(view.emitted('answer')).toEqual([
    [
      [
        { finding: 'dull', condition: 'watch' },
        { finding: 'pivot', condition: 'seldom' },
      ],
    ],
    [[]],
  ]);
});

it('takes a whole number that can be, and no other', async () => {
  const view = answered('practicePieces', 20);
  const field = view.find('input');
  await field.setValue('0');
  await field.trigger('change');
  await field.setValue('');
  await field.trigger('change');
  await field.setValue('35');
  await field.trigger('change');
  // setValue itself tells of a change, too.
  expect(new Set((view.emitted('answer') ?? []).flat())).toEqual(new Set([35]));
});

it('takes a share in percent, as it is written', async () => {
  const view = answered('scrap', 0.025);
  const field = view.get('input');
  expect((field.element as HTMLInputElement).value).toBe('2.5');
  for (const text of ['101', '-1', '', '0.7']) await field.setValue(text);
  expect(new Set((view.emitted('answer') ?? []).flat())).toEqual(new Set([0.007]));
});

it('is only read where somebody else answers', () => {
  expect(
    answered('openFlame', true, { disabled: true }).find('fieldset').attributes('disabled'),
  ).toBeDefined();
  expect(
    answered('practicePieces', 20, { disabled: true }).find('input').attributes('disabled'),
  ).toBeDefined();
});
