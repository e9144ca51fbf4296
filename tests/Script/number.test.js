import fc from 'fast-check';
import { expect, test } from 'vitest';
import number from '../../resources/js/number';

test('numbers are read as on a rule', () => {
    expect(['5/8', '1 1/2', '1-1/2', '3.25"', '2 3/4 in', '-1/4', '12,5', '40 mm'].map(number)).toEqual([
        0.625, 1.5, 1.5, 3.25, 2.75, -0.25, 12.5, 40,
    ]);
    expect(['', 'wide', '1/0', '1/2/3', '1,234,5'].map(number).every(Number.isNaN)).toBe(true);
});

test('what is a number is that number', () => {
    fc.assert(fc.property(fc.integer({ min: -9999, max: 9999 }), (n) => number(String(n / 8)) === n / 8));
});
