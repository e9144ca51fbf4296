// What rings when, and who has seen it: plain functions, so that they can be tried without a page.

const EARLY_SECONDS = 600;
const TOLD_SECONDS = 30 * 60;

// What a ring says at a moment: nothing yet, that it is near, that it is time.
export function stage(ring, now) {
    if (now >= ring.at) return now < ring.at + TOLD_SECONDS ? 'time' : null;
    return ring.kind === 'closes' && now >= ring.at - EARLY_SECONDS ? 'near' : null;
}

export const mark = (ring, at) => `${ring.key}:${at}`;

// Those that are to be told now, each with its stage and its mark, without those that were seen.
export function ringing(rings, now, seen) {
    return rings
        .map((ring) => ({ ...ring, stage: stage(ring, now) }))
        .filter((ring) => ring.stage !== null)
        .map((ring) => ({ ...ring, mark: mark(ring, ring.stage) }))
        .filter((ring) => !(ring.mark in seen));
}

// Whether a time of day lies in the quiet hours "22:00-07:00"; they may run over midnight.
export function isQuiet(hours, time) {
    const [from, until] = (hours ?? '').split('-');
    if (!from || !until || from === until) return false;
    return from < until ? time >= from && time < until : time >= from || time < until;
}

// What was seen, without what is long past.
export function kept(seen, now, seconds = 48 * 3600) {
    return Object.fromEntries(Object.entries(seen).filter(([, at]) => now - at < seconds));
}
