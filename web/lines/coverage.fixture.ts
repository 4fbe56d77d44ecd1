import type { Schemas } from '@/api/client';

/** A small coverage for tests: a covered line, a hole, a faulty line and a splice. */
export function coverage(change: Partial<Schemas['Headline']> = {}): Schemas['Coverage'] {
  const reason = (code: Schemas['ReasonCode'], fit: Schemas['Fit'], text: string): Schemas['Reason'] => ({
    code,
    fit,
    text,
  });
  const step = (op: Schemas['Operation'], more: Partial<Schemas['Step']> = {}): Schemas['Step'] => ({
    op,
    wire: 'w16',
    status: 'covered',
    tool: 'snip',
    position: null,
    unbacked: false,
    reasons: [reason('size.in-range', 'proper', '16 AWG is within 30-6 AWG.')],
    ...more,
  });
  const hole: Partial<Schemas['Step']> = { status: 'hole', tool: null, reasons: [] };
  return {
    kit: { id: 'bag', name: 'Bag', tools: [{ tool: 'snip' }, { tool: 'oval' }] },
    scope: { id: 'job', name: 'Job' },
    report: {
      kit: 'bag',
      scope: 'job',
      headline: {
        terminations: 20,
        covered: 9,
        makeshift: 0,
        hole: 8,
        faulty: 3,
        share: 0.45,
        makeshiftCounts: false,
        carryMissing: ['first-aid'],
        ...change,
      },
      lines: [
        {
          id: 'good',
          status: 'covered',
          checks: [],
          steps: [step('cut'), step('crimp', { tool: 'oval', position: 'blue', unbacked: true })],
        },
        {
          id: 'open',
          status: 'hole',
          checks: [],
          steps: [step('cut', { wire: 'w50' }), step('crimp', { wire: 'w50', ...hole })],
        },
        {
          id: 'bad',
          status: 'faulty',
          checks: [reason('terminal.construction', 'unsuitable', 'The terminal does not take solid wire.')],
          steps: [],
        },
        {
          id: 'splice',
          status: 'makeshift',
          checks: [
            reason(
              'terminal.place',
              'makeshift',
              'The terminal is made for other places (plain) than this one, hot.',
            ),
          ],
          steps: [
            step('cut'),
            step('cut', { wire: 'w50' }),
            step('crimp', { status: 'makeshift', tool: 'oval', position: 'blue' }),
          ],
        },
      ],
      holes: [
        {
          op: 'crimp',
          name: 'Crimping lug, 50 mm2',
          lines: ['open'],
          wires: ['w50'],
          quantity: 8,
          wanted: { class: 'lug', text: 'A crimper with a hexagon die for lugs, 50 mm2.' },
          nearest: null,
        },
      ],
    },
    ruler: {
      ticks: [],
      lanes: [],
      drops: [
        {
          size: '16 AWG',
          family: 'gauge',
          otherSize: '1.31 mm2',
          area: 1.31,
          lines: ['good', 'splice'],
          quantity: 12,
          status: 'covered',
          marks: {},
        },
        {
          size: '50 mm2',
          family: 'metric',
          otherSize: '1/0 AWG',
          area: 50,
          lines: ['open', 'splice'],
          quantity: 8,
          status: 'hole',
          marks: {},
        },
      ],
    },
    spans: {
      wires: { w16: 1.31, w50: 50 },
      terminals: { ring: { from: 1.31, to: 2.5 }, lug: { from: 50, to: 50 } },
    },
    lines: {
      good: { id: 'good', wire: 'w16', terminal: 'ring', quantity: 9 },
      open: { id: 'open', wire: 'w50', terminal: 'lug', quantity: 8, note: 'Below the winch.' },
      bad: { id: 'bad', wire: 'w16', terminal: 'ring', quantity: 3 },
      splice: {
        id: 'splice',
        wire: 'w16',
        wireB: 'w50',
        terminal: 'ring',
        drop: [{ op: 'strip', remark: 'comes stripped' }],
      },
    },
    wires: {
      w16: { id: 'w16', name: '16 AWG hook-up', size: '16 AWG', construction: 'stranded', insulation: 'pvc' },
      w50: {
        id: 'w50',
        name: '50 mm² battery lead',
        size: '50 mm2',
        construction: 'fine',
        insulation: 'rubber',
      },
    },
    terminals: {
      ring: { id: 'ring', name: 'Ring, blue', class: 'insulated', size: '16-14 AWG' },
      lug: { id: 'lug', name: 'Lug 50 mm²', class: 'lug', size: '50 mm2' },
    },
    tools: {
      snip: { id: 'snip', name: 'Snips', kind: 'cutter', capabilities: [] },
      oval: { id: 'oval', name: 'Ratchet crimper', kind: 'crimper', capabilities: [] },
    },
  };
}
