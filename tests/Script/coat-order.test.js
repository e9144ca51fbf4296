import { expect, test } from 'vitest';
import { under } from '../../resources/js/coat-order';

const order = ['a', 'b', 'c', 'd'];

test('a coat comes under the one that it is put before, or over all', () => {
    expect(under(order, 'd', 'b', true)).toBe('b');
    expect(under(order, 'a', 'c', false)).toBe('d');
    expect(under(order, 'a', 'd', false)).toBe('');
    expect(under(order, 'c', 'b', true)).toBe('b');
    expect(under(order, 'b', 'c', false)).toBe('d');
});

test('where it lies already nothing is asked for', () => {
    expect(under(order, 'b', 'b', true)).toBeNull();
    expect(under(order, 'b', 'c', true)).toBeNull();
    expect(under(order, 'd', 'c', false)).toBeNull();
});
