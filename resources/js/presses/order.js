// In which order presses that waited go, and what becomes of each by its answer: plain functions, tried without a page.

// What is true whatever became of the press before it: what was seen, weighed, read and noted, and what rings.
const ALONE = new Set(['note', 'look', 'fault', 'weight', 'air', 'timer']);

// A press is { id, kind, owner, piece, stuck, … }; they go in the order in which they were made. One that was refused
// holds back what was pressed on the same piece after it, unless either is true by itself, and nothing else.
export function goes(presses, owner) {
    return presses
        .filter((press) => press.owner === owner)
        .sort((a, b) => a.id - b.id)
        .filter((press, _, own) => !press.stuck && !own.some((before) => before.stuck && holdsBack(before, press)));
}

export function holdsBack(before, press) {
    const isPieces = before.piece && before.piece === press.piece && before.id < press.id;
    return Boolean(isPieces) && !ALONE.has(before.kind) && !ALONE.has(press.kind);
}

const TRIES = 5;

// What an answer means: `taken`, `ask` the maker, a new `token`, `later`, or nobody is `signed-out`.
export function meaning(status, tries = 0) {
    if (status >= 200 && status < 300) return 'taken';
    if (status === 401) return 'signed-out';
    if (status === 419) return 'token';
    if (status === 429 || status === 503) return 'later';
    if (status >= 500) return tries < TRIES ? 'later' : 'ask';
    return 'ask';
}

// The steps of a route that can be said done while the network is away: open, and all before them settled or pressed.
export function canFollow(steps, pressed) {
    const open = new Set(steps.map(({ step }) => step).filter((step) => !pressed.has(step)));
    return steps.filter(({ step, follows }) => open.has(step) && !follows.some((before) => open.has(before)));
}
