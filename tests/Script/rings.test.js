import fc from 'fast-check';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { clock, nearness, told } from '../../resources/js/counts';
import { isQuiet, kept, ringing, stage } from '../../resources/js/rings';

beforeEach(() => {
    const lines = {
        now: 'now',
        in: 'in {time}',
        left: '{time} left',
        past: 'closed {time} ago',
        'over-by': 'over by {time}',
        minutes: '{minutes} min',
        hours: '{hours} h {minutes}',
        days: '{days} days',
    };
    globalThis.document = { querySelector: () => ({ content: JSON.stringify(lines) }) };
});
afterEach(() => delete globalThis.document);

test('a window tells what is left of it, and how long it has been closed', () => {
    expect(told('closes', 59 * 60)).toBe('59 min left');
    // What is left is never told as none while there is some.
    expect(told('closes', 20)).toBe('1 min left');
    expect(told('closes', -3600)).toBe('closed 1 h 00 ago');
    expect(told('opens', 8 * 3600 + 59 * 60 + 40)).toBe('in 8 h 59');
    expect(told('opens', 30)).toBe('now');
    expect(told('rings', 605)).toBe('10:05');
    expect(told('rings', -130)).toBe('over by 2:10');
    expect(clock(3600 + 60)).toBe('1 h 01');
});

test('an hour, ten minutes, over', () => {
    expect([3601, 3600, 601, 600, 1, 0, -5].map(nearness)).toEqual([
        'far',
        'hour',
        'hour',
        'ten',
        'ten',
        'over',
        'over',
    ]);
});

test('what closes is told ten minutes before and again when it closes, a timer and a wait when it is time', () => {
    const closes = { key: 'a', at: 10_000, kind: 'closes', says: '' };
    expect(stage(closes, 9399)).toBe(null);
    expect(stage(closes, 9400)).toBe('near');
    expect(stage(closes, 10_000)).toBe('time');
    expect(stage({ ...closes, kind: 'time' }, 9999)).toBe(null);
    expect(stage({ ...closes, kind: 'opens' }, 10_000)).toBe('time');
    expect(stage(closes, 10_000 + 30 * 60)).toBe(null);
});

test('what was seen rings no more, and rings again at its next stage', () => {
    const closes = { key: 'a', at: 10_000, kind: 'closes', says: '' };
    const [near] = ringing([closes], 9500, {});
    expect(ringing([closes], 9500, { [near.mark]: 9500 })).toEqual([]);
    expect(ringing([closes], 10_001, { [near.mark]: 9500 })).toHaveLength(1);
    expect(kept({ old: 0, new: 9000 }, 48 * 3600 + 100)).toEqual({ new: 9000 });
});

test('quiet hours may run over midnight', () => {
    expect(isQuiet('22:00-07:00', '23:10')).toBe(true);
    expect(isQuiet('22:00-07:00', '06:59')).toBe(true);
    expect(isQuiet('22:00-07:00', '07:00')).toBe(false);
    expect(isQuiet('12:00-13:00', '12:30')).toBe(true);
    expect(isQuiet('12:00-13:00', '13:00')).toBe(false);
    expect(isQuiet('', '12:30')).toBe(false);
    const time = fc
        .tuple(fc.integer({ min: 0, max: 23 }), fc.integer({ min: 0, max: 59 }))
        .map((parts) => parts.map((part) => String(part).padStart(2, '0')).join(':'));
    fc.assert(
        fc.property(time, time, time, (from, until, at) => {
            fc.pre(from !== until);
            expect(isQuiet(`${from}-${until}`, at)).toBe(!isQuiet(`${until}-${from}`, at));
        }),
    );
});
