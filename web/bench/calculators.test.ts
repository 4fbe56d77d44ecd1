import { expect, it } from 'vitest';
import { askedOf, calculatorOf, calculators } from './calculators';

it('knows every calculation of the command line, each once', () => {
  expect(calculators.map(({ what }) => what).sort()).toEqual(
    [
      'size',
      'diameter',
      'pull',
      'sleeve',
      'strands',
      'exposed',
      'fill',
      'pulls',
      'identify',
      'code',
      'notch',
    ].sort(),
  );
  expect(calculatorOf('nonsense')).toBe(calculators[0]);
});

it('asks once all that must be said is there, and says nothing of what is empty', () => {
  const sleeve = calculatorOf('sleeve');
  expect(askedOf(sleeve, { widest: '5' })).toBeNull();
  expect(askedOf(sleeve, { widest: ' 5 ', narrowest: '2,5', covered: '', lined: '1' })).toEqual({
    widest: '5',
    narrowest: '2,5',
    lined: '',
  });
  expect(askedOf(calculatorOf('identify'), {})).toBeNull();
  expect(askedOf(calculatorOf('identify'), { conductor: '2.3' })).toEqual({ conductor: '2.3' });
});

it('has an example of each that says all it must, and nothing else', () => {
  for (const calculator of calculators) {
    const known = new Map(calculator.fields.map((field) => [field.name, field]));
    expect(askedOf(calculator, calculator.example), calculator.what).toEqual(calculator.example);
    for (const [name, value] of Object.entries(calculator.example)) {
      const { kind, of } = known.get(name) ?? {};
      if (kind === 'choice') expect(of, `${calculator.what} ${name}`).toContain(value);
    }
  }
});
