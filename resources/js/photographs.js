// A photograph is made smaller before it is sent, where the browser can: a phone's 8 MB become a few hundred kB. What
// cannot be read here goes as it is, and the server says what it makes of it. A form that is sent meanwhile waits.

const QUALITY = 0.88;

const shrinking = new WeakMap();

export async function smaller(file, most, draw = drawn) {
    const made = await draw(file, most).catch(() => null);

    return made && made.size < file.size
        ? new File([made], file.name.replace(/\.[^.]+$/, '') + '.jpg', { type: 'image/jpeg' })
        : file;
}

async function drawn(file, most) {
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, most / Math.max(picture.width, picture.height));
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [picture.width, picture.height].map((side) =>
        Math.max(1, Math.round(side * scale)),
    );
    canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();

    return new Promise((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
}

document.addEventListener('change', (event) => {
    const field = event.target;
    if (!('shrink' in (field.dataset ?? {})) || !field.files?.length) return;
    const file = field.files[0];
    const work = smaller(file, Number(field.dataset.shrink)).then((made) => {
        shrinking.delete(field.form);
        if (made === file || field.files[0] !== file) return;
        const list = new DataTransfer();
        list.items.add(made);
        field.files = list.files;
    });
    if (field.form) shrinking.set(field.form, work);
});

document.addEventListener(
    'submit',
    (event) => {
        const work = shrinking.get(event.target);
        if (!work) return;
        event.preventDefault();
        event.stopImmediatePropagation();
        const by = event.submitter;
        work.then(() => event.target.requestSubmit(by));
    },
    true,
);
