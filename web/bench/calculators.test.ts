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
