// What is on its way to the shop's computer: the page says that it is, and is not left unasked meanwhile.
let under = 0;

export const isSaving = () => under > 0;

export async function saving(work) {
    under += 1;
    document.documentElement.dataset.saving = '';
    try {
        return await work;
    } finally {
        under -= 1;
        if (under === 0) delete document.documentElement.dataset.saving;
    }
}
