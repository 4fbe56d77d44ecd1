import type { Schemas } from '@/api/client';

/* How a shop may tell things, in words. */

type Key = Exclude<keyof Schemas['ShopSettings'], 'name'>;

export interface Choice {
  key: Key;
  label: string;
  options: { id: string; name: string }[];
  hint?: string;
}

export const choices: Choice[] = [
  {
    key: 'sizes',
    label: 'Sizes',
    options: [
      { id: 'gauge', name: 'AWG first' },
      { id: 'metric', name: 'mm² first' },
    ],
  },
  {
    key: 'length',
    label: 'Lengths',
    options: [
      { id: 'mm', name: 'mm' },
      { id: 'inch', name: 'inches' },
    ],
  },
  {
    key: 'force',
    label: 'Forces',
    options: [
      { id: 'N', name: 'newtons' },
      { id: 'lbf', name: 'pounds-force' },
    ],
  },
  {
    key: 'theme',
    label: 'Theme',
    options: [
      { id: 'auto', name: 'as the device has it' },
      { id: 'light', name: 'light' },
      { id: 'dark', name: 'dark, for dim vans' },
    ],
  },
  {
    key: 'decimalSign',
    label: 'Tables for spreadsheets',
    options: [
      { id: 'point', name: '2.5, cells parted by commas' },
      { id: 'comma', name: '2,5, cells parted by semicolons' },
    ],
    hint: 'A spreadsheet that expects the other one takes 2.5 for a day. Both are read back; the workbook and its zip have points always.',
  },
];

export const nameOf = ({ options }: Choice, id: string): string =>
  options.find((of) => of.id === id)?.name ?? id;
