import { flushPromises, mount } from '@vue/test-utils';
import { ref } from 'vue';
import { beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '@/api/client';
import type { Pair } from '@/data/pairs';
import { rules } from '@/rules/rules.fixture';
import AsIfPanel from './AsIfPanel.vue';

const address = vi.hoisted(() => ({ line: null as string | null, shown: [] as unknown[] }));
vi.mock('@/frame/useAddress', () => ({
  useAddress: () => ({
    asked: (key: string) => (key === 'line' ? address.line : null),
    show: (query: unknown) => address.shown.push(query),
  }),
}));
vi.mock('@/data/rules', () => ({ useRules: () => ({ data: ref(rules) }) }));
vi.mock('@/data/things', () => ({
  useToolsFound: () => ({
    found: ref([
      { id: 'frame', name: 'Frame', kits: ['Bench'], requires: [] },
      { id: 'dies', name: 'Dies', kits: null, requires: ['frame'] },
      { id: 'cutter', name: 'Cutter', kits: [], requires: [] },
    ]),
    isPending: ref(false),
    error: ref(null),
  }),
  useClosing: () => ({
    data: ref({ offers: [{ tool: 'lever', name: 'Lever', terminations: 6, does: [] }] }),
  }),
  useNames: () => ref([{ id: 'spade', name: 'Spade' }]),
}));
beforeEach(() => Object.assign(address, { line: null, shown: [] }));

const coverage = {
  kit: { id: 'bag', name: 'Bag', tools: [{ tool: 'cutter' }, { tool: 'oval' }] },
  scope: { id: 'tower', name: 'Tower', houseRules: { openFlame: false } },
  tools: { cutter: { name: 'Cutter' }, oval: { name: 'Oval crimper' } },
  wires: { w: { name: '12 AWG' } },
  terminals: { ring: { name: 'Ring' }, lug: { name: 'Lug' } },
  lines: {
    a: { id: 'a', wire: 'w', terminal: 'ring' },
    b: { id: 'b', wire: 'w', terminal: 'lug' },
    screw: { id: 'screw', torque: 2 },
  },
  report: {
    lines: [
      { id: 'a', status: 'covered' },
      { id: 'b', status: 'hole' },
      { id: 'screw', status: 'hole' },
    ],
  },
} as unknown as Schemas['Coverage'];
const panel = (pair: Partial<Pair> = {}) =>
  mount(AsIfPanel, {
    props: { pair: { kit: 'bag', scope: 'tower', ...pair }, coverage },
    global: { stubs: { ProblemNote: true } },
  });
const labelled = (view: ReturnType<typeof panel>, label: string) => view.get(`[aria-label="${label}"]`);

it('offers what does most of what is open, until somebody looks for a tool', async () => {
  const view = panel();
  expect(labelled(view, 'Of the shelf, for what is open').text()).toContain(
    'Leverof the shelf, for 6 terminations',
  );
  await labelled(view, 'Put a tool in').setValue('press');
  const found = labelled(view, 'Tools found').findAll('li');
  expect(found.map((one) => one.text())).toEqual(['Framein Bench', 'Diesof the shelf', 'Cutterit is in']);
  expect(found[2]?.get('button').attributes('disabled')).toBeDefined();
  // With what it needs.
  await found[1]?.get('button').trigger('click');
  expect(address.shown).toEqual([{ with: 'dies,frame', without: null }]);
});

it('takes out what is in, and puts back what was only supposed to be out', async () => {
  const view = panel({ with: 'frame', without: 'oval,cutter' });
  const out = labelled(view, 'Take a tool out');
  expect(out.findAll('option').map((one) => one.text())).toEqual(['− Take a tool out']);
  await labelled(view, 'Put a tool in').setValue('c');
  await labelled(view, 'Tools found').findAll('button')[2]?.trigger('click');
  expect(address.shown).toEqual([{ with: 'frame', without: 'oval' }]);
  await panel().get('[aria-label="Take a tool out"]').setValue('oval');
  expect(address.shown[1]).toEqual({ without: 'oval' });
});

it('asks another terminal of a line, those in holes first, the line that is looked at picked', async () => {
  address.line = 'b';
  const view = panel({ swap: 'tower/a:lug' });
  const lines = labelled(view, 'Another terminal on');
  expect(lines.findAll('option').map((one) => one.text())).toEqual([
    '⇄ Another terminal on',
    '○ 12 AWG into Lug',
    '12 AWG into Ring',
  ]);
  expect((lines.element as HTMLSelectElement).value).toBe('b');
  await labelled(view, 'The other terminal').setValue('spade');
  await labelled(view, 'Terminals found').get('button').trigger('click');
  await lines.setValue('a');
  await labelled(view, 'Terminals found').get('button').trigger('click');
  expect(address.shown).toEqual([{ swap: 'tower/a:lug,tower/b:spade' }, { swap: 'tower/a:spade' }]);
});

it('judges otherwise from what the scope says, else the house', async () => {
  const view = panel({ rules: '{"practicePieces":30}' });
  const rule = labelled(view, 'Judge otherwise');
  await rule.setValue('openFlame');
  await flushPromises();
  const [yes, no] = view.findAll<HTMLInputElement>('input[type=radio]');
  expect([yes?.element.checked, no?.element.checked]).toEqual([false, true]);
  await yes?.trigger('change');
  expect(address.shown).toEqual([{ rules: '{"practicePieces":30,"openFlame":true}' }]);
  await rule.setValue('practicePieces');
  expect(view.get<HTMLInputElement>('input[type=number]').element.value).toBe('30');
  await rule.setValue('hammerLugs');
  expect(view.findAll<HTMLInputElement>('input[type=radio]')[0]?.element.checked).toBe(true);
});
