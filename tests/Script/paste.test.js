import { expect, test } from 'vitest';
import number from '../../resources/js/number';
import { pasted, withColumns } from '../../resources/js/shape/paste';

const shape = {
    outer: [
        [0, 40, 'corner'],
        [30, 60],
        [70, 90],
    ],
    inner: null,
};

test('a column goes down from where it was pasted', () => {
    const columns = pasted('62\r\n120/2+35\n', number);
    expect(columns).toEqual([[62], [95]]);
    expect(withColumns(shape, { curve: 'outer', i: 1 }, 'r', columns).outer).toEqual([
        [0, 40, 'corner'],
        [30, 62],
        [70, 95],
    ]);
});

test('two columns are height and radius, and a corner stays one', () => {
    const columns = pasted('1\t41\n31\t61\n71\t91', number);
    expect(withColumns(shape, { curve: 'outer', i: 0 }, 'r', columns).outer).toEqual([
        [1, 41, 'corner'],
        [31, 61],
        [71, 91],
    ]);
});

test('a single number is typed as ever', () => {
    expect(pasted(' 12,5 ', number)).toBeNull();
    expect(pasted('', number)).toBeNull();
});

test('what does not fit changes nothing', () => {
    const from = { curve: 'outer', i: 2 };
    expect(withColumns(shape, from, 'r', pasted('1\n2', number))).toBe('too-many');
    expect(withColumns(shape, { ...from, i: 0 }, 'r', pasted('1\nwide', number))).toBe('no-numbers');
    expect(withColumns(shape, { ...from, i: 0 }, 'r', pasted('1\t2\t3\n1\t2\t3', number))).toBe('no-numbers');
    expect(shape.outer[1]).toEqual([30, 60]);
});
