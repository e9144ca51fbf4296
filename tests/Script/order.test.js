import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { neighbour, refusal } from '../../resources/js/route-order';

describe('the order of a route', () => {
    const order = ['mount', 'sand', 'dye', 'wipe', 'coat', 'off'];
    const room = {
        after: 'sand',
        afterBecause: 'It wants a sanded ground.',
        before: 'coat',
        beforeBecause: 'A coat closes it.',
    };

    test('a step goes where what it needs is before it and what would suffer is after it', () => {
        expect(refusal(order, room, 'wipe', 'after')).toBeNull();
        expect(refusal(order, room, 'sand', 'before')).toBe('It wants a sanded ground.');
        expect(refusal(order, room, 'mount', 'before')).toBe('It wants a sanded ground.');
        expect(refusal(order, room, 'off', 'before')).toBe('A coat closes it.');
        expect(refusal(order, room, 'sand', 'after')).toBeNull();
        expect(refusal(order, room, 'coat', 'before')).toBeNull();
    });

    test('what nothing holds goes anywhere', () => {
        const free = { after: null, afterBecause: '', before: null, beforeBecause: '' };
        fc.assert(
            fc.property(fc.constantFrom(...order), fc.constantFrom('before', 'after'), (target, place) => {
                expect(refusal(order, free, target, place)).toBeNull();
            }),
        );
    });

    test('arrows change places with the next step that moves at all', () => {
        const rows = [null, {}, null, {}].map((one) => ({ room: one }));
        expect(neighbour(rows, 3, -1)).toBe(1);
        expect(neighbour(rows, 1, 1)).toBe(3);
        expect(neighbour(rows, 1, -1)).toBe(-1);
        expect(neighbour(rows, 3, 1)).toBe(-1);
    });
});
