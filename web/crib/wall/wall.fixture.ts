import type { Schemas } from '@/api/client';
import type { Thing } from '@/data/wall';

const model = (name: string, from?: number, to?: number): Schemas['Wall']['models'][string] => ({
  name,
  kind: 'cutter',
  lasting: { worn: [], good: [], practice: null },
  lanes:
    from === undefined || to === undefined
      ? []
      : [
          {
            name: 'cut',
            bars: [{ tool: 'x', name: '', from, to, proven: null, segments: [], stretches: [], misses: [] }],
          },
        ],
});

const alike = { unlikePaper: [], like: null, drift: [] };

export const wallOf = (things: Thing[]): Schemas['Wall'] => ({
  on: '2027-03-04',
  today: '2027-03-04',
  kits: [
    { id: 'van', name: 'Van', tracked: true, ...alike },
    { id: 'bench', name: 'Bench', tracked: true, ...alike },
    { id: 'paper', name: 'On paper', tracked: false, ...alike },
  ],
  people: [{ id: 'ada', name: 'Ada', until: null }],
  models: {
    cutter: model('Side cutter', 0.1, 2),
    shears: model('Cable shears', 4, 90),
    fine: model('Fine cutter', 0.1, 0.8),
    meter: model('Meter'),
  },
  findings: [],
  ticks: [],
  things,
  dues: [],
  duesTo: '2027-06-02',
});
