// What a script says: a line of lang/ that the page brings along, with what stands in its places.

let lines;

export function say(line, of = {}) {
    lines ??= JSON.parse(globalThis.document?.querySelector('meta[name=lines]')?.content ?? '{}');
    return (lines[line] ?? line).replace(/\{(\w+)\}/g, (_, place) => of[place]);
}
