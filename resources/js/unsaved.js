// What stands in fields and has not been saved: carried over when a part of the page is replaced by an answer that
// came late, and asked about before the page is left.

const FIELDS = 'input, select, textarea';
const NOT_TYPED = ['hidden', 'submit', 'button', 'image', 'reset', 'file', 'password'];
const NOT_SAVED = ['version', '_token', '_method', 'once', 'read'];

export const fields = (root) =>
    [...root.querySelectorAll(FIELDS)].filter((field) => field.name && !NOT_TYPED.includes(field.type));

const isTicked = (field) => field.type === 'checkbox' || field.type === 'radio';

// Whether it holds something else than it came with.
export function isTouched(field) {
    if (field.tagName === 'SELECT') {
        const options = [...field.options];
        // Where none is marked, a list of one choice comes with its first.
        if (!field.multiple && !options.some((one) => one.defaultSelected)) return field.selectedIndex > 0;
        return options.some((one) => one.selected !== one.defaultSelected);
    }

    return isTicked(field) ? field.checked !== field.defaultChecked : field.value !== field.defaultValue;
}

// The same field in the page before and after: by its own id, or by what its form is about.
export function keys(root) {
    const seen = new Map();
    const found = new Map();
    for (const field of fields(root)) {
        const own = field.id || [about(field.form), field.name, isTicked(field) ? field.value : ''].join('|');
        const nth = seen.get(own) ?? 0;
        seen.set(own, nth + 1);
        found.set(field, `${own}#${nth}`);
    }

    return found;
}

// What a form is about: where it goes, and what it sends unseen.
export function about(form) {
    if (!form) return '';
    const hidden = [...form.querySelectorAll('input[type=hidden]')]
        .filter(({ name }) => !NOT_SAVED.includes(name) && !name.endsWith('_version'))
        .map(({ name, value }) => `${name}=${value}`);

    return [form.getAttribute('action'), ...hidden].join('&');
}

const held = (field) =>
    field.tagName === 'SELECT'
        ? [...field.options].filter((one) => one.selected).map((one) => one.value)
        : isTicked(field)
          ? field.checked
          : field.value;

const same = (a, b) => JSON.stringify(a) === JSON.stringify(b);

// What a form held when it was sent: what is typed into it after that is not saved by it.
export function sent(root, form) {
    const all = keys(root);

    return new Map([...all].filter(([field]) => field.form === form).map(([field, key]) => [key, held(field)]));
}

// What would be lost if the root were replaced, by key.
export function typed(root, taken = new Map()) {
    const left = new Map();
    for (const [field, key] of keys(root)) {
        const now = held(field);
        if (taken.has(key) ? !same(taken.get(key), now) : isTouched(field)) left.set(key, now);
    }

    return left;
}

// Puts it back where its fields are still asked for.
export function restore(root, left) {
    for (const [field, key] of keys(root)) {
        if (!left.has(key) || same(held(field), left.get(key))) continue;
        const value = left.get(key);
        if (field.tagName === 'SELECT') {
            const options = [...field.options];
            if (!value.every((one) => options.some((option) => option.value === one))) continue;
            options.forEach((option) => (option.selected = value.includes(option.value)));
        } else if (isTicked(field)) field.checked = value;
        else field.value = value;
    }
}

// Files that are chosen: a page cannot write them into its fields again, so they are handed on from field to field.
const chosen = (root) => [...root.querySelectorAll('input[type=file]')].filter((field) => field.files.length > 0);

const place = (field) => [about(field.form), field.name].join('|');

export function files(root, except = null) {
    return new Map(
        chosen(root)
            .filter((field) => field.form !== except)
            .map((field) => [place(field), field.files]),
    );
}

export function choose(root, left) {
    for (const field of root.querySelectorAll('input[type=file]')) {
        if (left.has(place(field))) field.files = left.get(place(field));
    }
}

// Whether leaving would lose something: a field of a form that saves, touched and not on its way.
export function wouldLose(root, except = null) {
    const isSaved = ({ form }) => form && form !== except && form.method === 'post' && !('unasked' in form.dataset);

    return fields(root).some((field) => isSaved(field) && isTouched(field)) || chosen(root).some(isSaved);
}
