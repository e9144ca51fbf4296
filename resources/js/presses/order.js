// In which order presses that waited go, and what becomes of each by its answer: plain functions, tried without a page.

// A press is { id, owner, piece, stuck, … }; they go in the order in which they were made. One that was refused holds
// back what was pressed on the same piece after it, and nothing else.
export function goes(presses, owner) {
    const held = new Set();
    return presses
        .filter((press) => press.owner === owner)
        .sort((a, b) => a.id - b.id)
        .filter((press) => {
            if (press.stuck && press.piece) held.add(press.piece);
            return !press.stuck && !(press.piece && held.has(press.piece));
        });
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
