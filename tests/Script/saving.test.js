import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import Asker from '../../resources/js/shape/asker';
import Saver from '../../resources/js/shape/saver';

// A shop that takes a while, and says in how many saves it is at once.
function shop({ minutes = 10, answers = [] } = {}) {
    const kept = { now: 0, state: 0, saved: [], most: 0, open: 0 };
    kept.save = async () => {
        kept.most = Math.max(kept.most, ++kept.open);
        const sent = kept.state;
        await new Promise((resolve) => setTimeout(resolve, minutes));
        kept.open--;
        const answer = answers.shift() ?? '';
        if (answer instanceof Error) throw answer;
        if (answer === '') kept.saved.push(sent);
        return answer;
    };
    return kept;
}

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

describe('saving', () => {
    test('however the changes fall, one save runs at a time and the last change is saved last', async () => {
        await fc.assert(
            fc.asyncProperty(fc.array(fc.nat({ max: 25 }), { minLength: 1, maxLength: 12 }), async (pauses) => {
                const kept = shop();
                const saver = new Saver(kept.save);
                for (const pause of pauses) {
                    kept.state++;
                    saver.soon(4);
                    await vi.advanceTimersByTimeAsync(pause);
                }
                await vi.advanceTimersByTimeAsync(200);
                expect(kept.most).toBe(1);
                expect(kept.saved.at(-1)).toBe(pauses.length);
                expect(kept.saved).toEqual([...kept.saved].sort((a, b) => a - b));
                expect(saver.isBusy).toBe(false);
            }),
            { numRuns: 60 },
        );
    });

    test('changes within one wait are one save, and leaving saves at once', async () => {
        const kept = shop();
        const saver = new Saver(kept.save);
        saver.soon(400);
        await vi.advanceTimersByTimeAsync(300);
        saver.soon(400);
        expect(saver.isBusy).toBe(true);
        saver.flush();
        saver.flush();
        await vi.advanceTimersByTimeAsync(20);
        expect(kept.saved).toEqual([0]);
        await vi.advanceTimersByTimeAsync(1000);
        expect(kept.saved).toEqual([0]);
    });

    test('a refusal is kept and would be lost by leaving; the next save that is taken clears it', async () => {
        const kept = shop({ answers: ['too thin', new Error('no answer'), ''] });
        const told = [];
        const saver = new Saver(kept.save, (one) => told.push([one.sending, one.refused]));
        for (const expected of ['too thin', 'no answer', '']) {
            saver.soon(1);
            await vi.advanceTimersByTimeAsync(30);
            expect(saver.refused).toBe(expected);
            expect(saver.wouldLose).toBe(expected !== '');
        }
        expect(told).toEqual([
            [true, ''],
            [false, 'too thin'],
            [true, ''],
            [false, 'no answer'],
            [true, ''],
            [false, ''],
        ]);
    });

    test('who follows a link waits until all is saved, and hears whether it was', async () => {
        const kept = shop({ answers: ['', 'closed'] });
        const saver = new Saver(kept.save);
        for (const expected of [true, false]) {
            saver.soon(500);
            const left = saver.settled();
            await vi.advanceTimersByTimeAsync(100);
            expect(await left).toBe(expected);
        }
        expect(kept.saved).toHaveLength(1);
    });
});

describe('asking', () => {
    test('one question at a time, the newest always answered, those overtaken never asked', async () => {
        await fc.assert(
            fc.asyncProperty(fc.array(fc.nat({ max: 25 }), { minLength: 1, maxLength: 15 }), async (pauses) => {
                const asked = [];
                let open = 0;
                const asker = new Asker(async (question) => {
                    expect(++open).toBe(1);
                    asked.push(question);
                    await new Promise((resolve) => setTimeout(resolve, 10));
                    open--;
                });
                for (const [n, pause] of pauses.entries()) {
                    asker.about(n);
                    await vi.advanceTimersByTimeAsync(pause);
                }
                await vi.advanceTimersByTimeAsync(50);
                expect(asked.at(-1)).toBe(pauses.length - 1);
                expect(asked).toEqual([...new Set(asked)].sort((a, b) => a - b));
            }),
            { numRuns: 60 },
        );
    });
});
