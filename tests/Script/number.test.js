import fc from 'fast-check';
import { expect, test } from 'vitest';
import number from '../../resources/js/number';

test('numbers are read as on a rule', () => {
    expect(['5/8', '1 1/2', '1-1/2', '3.25', '-1/4', '12,5', '40 mm', '.5'].map((text) => number(text))).toEqual([
        0.625, 1.5, 1.5, 3.25, -0.25, 12.5, 40, 0.5,
    ]);
    const none = ['', 'wide', '1/0', '1,234,5', '(3', '3)', '2 3', '4 +', '1 1/0', '3 m', '1.2.3'];
    expect(none.map((text) => number(text)).every(Number.isNaN)).toBe(true);
});

test('sums are worked out as on paper', () => {
    const sums = {
        '120/3': 40,
        '(260 - 14)/2': 123,
        '2*35.5+1': 72,
        '70 − 2 × 6': 58,
        '-(3+4)': -7,
        '260-14/2': 253,
        '10/4/5': 0.5,
    };
    for (const [text, value] of Object.entries(sums)) expect(number(text)).toBeCloseTo(value, 10);
});

test('a unit that is not the field’s is worked into it', () => {
    expect(number('4 1/2"')).toBeCloseTo(114.3, 9);
    expect(number('5/8"')).toBeCloseTo(15.875, 9);
    expect(number('3 cm + 2')).toBeCloseTo(32, 9);
    expect(number('10" - 6mm')).toBeCloseTo(248, 9);
    // In a field of inches.
    expect(number('4 1/2"', 25.4)).toBeCloseTo(4.5, 9);
    expect(number('2 3/4 in', 25.4)).toBeCloseTo(2.75, 9);
    expect(number('50.8 mm', 25.4)).toBeCloseTo(2, 9);
    expect(number("1' + 1", 25.4)).toBeCloseTo(13, 9);
});

test('what is a number is that number', () => {
    fc.assert(fc.property(fc.integer({ min: -9999, max: 9999 }), (n) => number(String(n / 8)) === n / 8));
});

test('a sum of numbers is their sum, and a product their product', () => {
    const some = fc.integer({ min: 1, max: 999 });
    fc.assert(fc.property(some, some, some, (a, b, c) => number(`${a}+${b}*${c}`) === a + b * c));
    fc.assert(fc.property(some, some, (a, b) => Math.abs(number(`${a}/${b}`) - a / b) < 1e-12));
});
