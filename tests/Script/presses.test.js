import fc from 'fast-check';
import { expect, test } from 'vitest';
import { canFollow, goes, meaning } from '../../resources/js/presses/order';

const press = fc.record({
    kind: fc.constantFrom('done', 'skip', 'start', 'mixed', 'note', 'weight', 'look'),
    owner: fc.constantFrom(1, 2),
    piece: fc.option(fc.integer({ min: 1, max: 3 })),
    stuck: fc.option(fc.constant({ message: 'no' })),
});
const queue = fc.array(press, { maxLength: 12 }).map((all) => all.map((one, n) => ({ id: n + 1, ...one })));

test('what waits goes in the order in which it was pressed, and nobody else’s goes', () => {
    fc.assert(
        fc.property(queue, (presses) => {
            const going = goes([...presses].reverse(), 1);
            expect(going.map(({ id }) => id)).toEqual(going.map(({ id }) => id).sort((a, b) => a - b));
            expect(going.every(({ owner, stuck }) => owner === 1 && !stuck)).toBe(true);
        }),
    );
});

const isTrueAnyway = ({ kind }) => ['note', 'weight', 'look'].includes(kind);

test('what was refused holds back what follows from it on its piece, and nothing else', () => {
    fc.assert(
        fc.property(queue, (presses) => {
            const going = new Set(goes(presses, 1).map(({ id }) => id));
            for (const one of presses.filter(({ owner, stuck }) => owner === 1 && !stuck)) {
                const isBehind = presses.some(
                    (before) =>
                        before.stuck &&
                        before.owner === 1 &&
                        before.piece !== null &&
                        before.piece === one.piece &&
                        before.id < one.id &&
                        !isTrueAnyway(before),
                );
                expect(going.has(one.id)).toBe(!isBehind || isTrueAnyway(one));
            }
        }),
    );
});

test('no answer loses a press: it is taken, asked about, or goes again', () => {
    expect([200, 201].map((status) => meaning(status))).toEqual(['taken', 'taken']);
    expect([409, 422, 404, 403, 410].map((status) => meaning(status))).toEqual(Array(5).fill('ask'));
    expect([429, 503, 500].map((status) => meaning(status))).toEqual(Array(3).fill('later'));
    expect(meaning(500, 5)).toBe('ask');
    expect(meaning(503, 50)).toBe('later');
    expect(meaning(419)).toBe('token');
    expect(meaning(401)).toBe('signed-out');
});

test('a step can be pressed when all before it is settled or pressed', () => {
    const steps = [
        { step: 'a', follows: ['gone'] },
        { step: 'b', follows: ['a'] },
        { step: 'c', follows: ['a', 'b'] },
        { step: 'd', follows: [] },
    ];
    const free = (...pressed) => canFollow(steps, new Set(pressed)).map(({ step }) => step);
    expect(free()).toEqual(['a', 'd']);
    expect(free('a')).toEqual(['b', 'd']);
    expect(free('a', 'b', 'd')).toEqual(['c']);
});
