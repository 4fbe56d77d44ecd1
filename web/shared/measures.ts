import type { Units } from '@/settings/units';
import { currency, signs } from './currency';
import { millimetres } from './length';

/** What a number measures, and so in which units somebody may type it. */
export type Measure = 'length' | 'force' | 'torque' | 'celsius' | 'mass' | 'money' | 'count';

/** Newtons in a pound-force, by definition. */
const POUND = 4.4482216152605;
const INCH = 25.4;
/** Newtons in a kilogram-force, by definition. */
const KILOGRAM = 9.80665;
/** N·m in a pound-force inch and foot. */
const POUND_INCH = 0.1129848290276167;
const POUND_FOOT = 1.3558179483314004;

const figure = (value: number, digits: number) => String(Number(value.toPrecision(digits)));

/** In which unit a number is shown and typed without one. */
export function unitOf(measure: Measure, units: Units): string {
  const named: Record<Measure, string> = {
    length: units.length === 'inch' ? 'in' : 'mm',
    force: units.force,
    torque: 'N·m',
    celsius: '°C',
    mass: 'g',
    money: currency.value,
    count: '',
  };
  return named[measure];
}

/** A torque as the workbook has it: N·m, or text with its unit as somebody wrote it. */
export const torqueText = (torque: number | string): string =>
  typeof torque === 'string' ? torque : `${torque} N·m`;

/** A value of the workbook (mm, N, N·m, °C, g, cents) as it is shown. */
export function shown(value: number, measure: Measure, units: Units): string {
  if (measure === 'length' && units.length === 'inch') return figure(value / INCH, 4);
  if (measure === 'force' && units.force === 'lbf') return figure(value / POUND, 4);
  if (measure === 'money') return (value / 100).toFixed(2);
  return String(value);
}

/** What somebody typed, as the workbook has it; null for what is none. */
export function measured(text: string, measure: Measure, units: Units): number | null {
  const found = /^\s*([-−]?\d+(?:[.,]\d+)?)\s*([^\d\s].*?)?\s*$/u.exec(text);
  if (!found || /[1-9]\d*,\d{3}(?!\d)/.test(text)) return null;
  const number = Number((found[1] ?? '').replace('−', '-').replace(',', '.'));
  const unit = (found[2] ?? '').toLowerCase().replaceAll(/[\s·.]/g, '');
  const rounded = (value: number) => Math.round(value * 1e4) / 1e4;
  switch (measure) {
    case 'length':
      return unit === '' && units.length === 'inch' ? rounded(number * INCH) : millimetres(text);
    case 'force':
      if (unit === 'lbf' || unit === 'lb' || (unit === '' && units.force === 'lbf'))
        return rounded(number * POUND);
      if (unit === 'kgf') return rounded(number * KILOGRAM);
      return unit === '' || unit === 'n' ? number : null;
    case 'torque':
      if (/^lbf?in$|^inlbf?$/.test(unit)) return rounded(number * POUND_INCH);
      if (/^lbf?ft$|^ftlbf?$/.test(unit)) return rounded(number * POUND_FOOT);
      return unit === '' || unit === 'nm' ? number : null;
    case 'celsius':
      return unit === '' || unit === '°c' || unit === 'c' ? number : null;
    case 'mass':
      return unit === '' || unit === 'g'
        ? Math.round(number)
        : unit === 'kg'
          ? Math.round(number * 1000)
          : null;
    case 'money':
      // An amount of another currency is none of this one.
      return unit === '' || signs().includes(unit) ? Math.round(number * 100) : null;
    case 'count':
      return unit === '' && Number.isInteger(number) ? number : null;
  }
}

/** An example of what is right. */
export const exampleOf: Record<Measure, string> = {
  length: 'a length, like 3.9 mm or 0.15 in',
  force: 'a force, like 180 N or 40 lbf',
  torque: 'a torque, like 1.2 N·m or 15 lbf·in',
  celsius: 'a temperature, like -5 °C',
  mass: 'a mass, like 240 g or 0.24 kg',
  money: 'an amount, like 32.00',
  count: 'a whole number',
};
