import { mount } from '@vue/test-utils';
import { expect, it } from 'vitest';
import OneToolTable from './OneToolTable.vue';

const does = (tool: string, proper: number, makeshift: number, lost: string[]) => ({
  tool,
  name: `The ${tool}`,
  proper,
  makeshift,
  sizes: ['1.5 mm2', '12 AWG'],
  lost,
});

it('says what one tool alone does, what is lost, and whether the shop has a better one', () => {
  const table = mount(OneToolTable, {
    props: {
      one: [
        {
          op: 'cut',
          asked: 20,
          askedSizes: 3,
          ofKit: does('cutter', 12, 3, ['A thick one']),
          ofShop: does('big', 20, 0, []),
        },
        {
          op: 'strip',
          asked: 20,
          askedSizes: 2,
          ofKit: does('self', 20, 0, []),
          ofShop: does('self', 20, 0, []),
        },
        { op: 'crimp', asked: 4, askedSizes: 1, ofKit: null, ofShop: null },
        { op: 'torque', asked: 6, askedSizes: 1, ofKit: null, ofShop: does('driver', 6, 0, []) },
      ],
    },
  });
  const cells = table
    .findAll('tbody tr')
    .map((row) => row.findAll('td').map((cell) => cell.text().replace(/\s+/g, ' ')));
  expect(cells).toEqual([
    ['The cutter', '12 + 3 makeshift of 20', '2 of 3', '1 lineA thick one', 'The big 20 of 20'],
    ['The self', '20 of 20', '2 of 2', 'nothing', 'the same'],
    ['no tool', '0 of 4', '0 of 1', 'all of it', 'none does any'],
    ['no tool', '0 of 6', '0 of 1', 'all of it', 'The driver 6 of 6'],
  ]);
});
