import type { StockDraft } from '@/data/supplies';
import { measured, shown } from '@/shared/measures';
import type { Units } from '@/settings/units';

/* A stock as somebody writes it: every figure as the text that stands in its field. */

export interface PackFields {
  name: string;
  pieces: string;
  price: string;
}

export interface StockFields {
  name: string;
  packs: PackFields[];
  perWeek: string;
  leadDays: string;
  note: string;
}

export const noPack = (): PackFields => ({ name: '', pieces: '', price: '' });

export function fieldsOf(stock: Partial<StockDraft>, units: Units): StockFields {
  return {
    name: stock.item?.name ?? '',
    packs: (stock.packs ?? []).map(({ name, pieces, price }) => ({
      name,
      pieces: String(pieces),
      price: shown(price, 'money', units),
    })),
    perWeek: stock.perWeek === undefined ? '' : String(stock.perWeek),
    leadDays: stock.leadDays === undefined ? '' : String(stock.leadDays),
    note: stock.note ?? '',
  };
}

const number = (text: string): number | null =>
  /^\d+(?:[.,]\d+)?$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;
const isEmpty = (pack: PackFields) => pack.name + pack.pieces + pack.price === '';

/** What is wrong with the fields, by where it stands: "perWeek", "packs/0/price". */
export function problemsOf(fields: StockFields, isNamed: boolean, units: Units): Map<string, string> {
  const problems = new Map<string, string>();
  if (isNamed && fields.name.trim() === '') problems.set('name', 'What is it called?');
  if (fields.perWeek.trim() !== '' && number(fields.perWeek) === null)
    problems.set('perWeek', 'A number, 0 or more.');
  if (fields.leadDays.trim() !== '' && !/^\d{1,4}$/.test(fields.leadDays.trim()))
    problems.set('leadDays', 'A whole number of days.');
  fields.packs.forEach((pack, at) => {
    if (isEmpty(pack)) return;
    if (pack.name.trim() === '') problems.set(`packs/${at}/name`, 'What is the pack called?');
    if (!/^[1-9]\d*$/.test(pack.pieces.trim()))
      problems.set(`packs/${at}/pieces`, 'A whole number, 1 or more.');
    if (pack.price.trim() === '' || measured(pack.price, 'money', units) === null)
      problems.set(`packs/${at}/price`, 'An amount, like 18.50.');
  });
  return problems;
}

/** The stock as the workbook has it; what is empty is not said. */
export function draftOf(fields: StockFields, item: StockDraft['item'], units: Units): Omit<StockDraft, 'id'> {
  const packs = fields.packs
    .filter((pack) => !isEmpty(pack))
    .map((pack) => ({
      name: pack.name.trim(),
      pieces: Number(pack.pieces),
      price: measured(pack.price, 'money', units) ?? 0,
    }));
  const [perWeek, leadDays] = [number(fields.perWeek) ?? 0, number(fields.leadDays) ?? 0];
  return {
    item: item.terminal !== undefined || item.sleeve !== undefined ? item : { name: fields.name.trim() },
    ...(packs.length ? { packs } : {}),
    ...(perWeek > 0 ? { perWeek } : {}),
    ...(leadDays > 0 ? { leadDays } : {}),
    ...(fields.note.trim() ? { note: fields.note.trim() } : {}),
  };
}
