import { expect, test } from 'vitest';
import { agreementOf } from './agreement';

const codes = (text: string) => new Map([...text].map((code, i) => [`s${i}`, code]));

test('point by point: same codes of all codes x 100 (Cooper, Heron & Heward; worked by hand)', () => {
  expect(agreementOf(codes('IGVDI'), codes('IGVMI'))).toMatchObject({ both: 5, same: 4, percent: 80 });
});

test('only steps that both recorded count; none in common is no figure', () => {
  expect(agreementOf(codes('IGV'), codes('I'))).toMatchObject({ both: 1, same: 1, percent: 100 });
  expect(agreementOf(codes('IGV'), new Map([['x', 'I']]))).toMatchObject({ both: 0, same: 0, percent: null });
});
