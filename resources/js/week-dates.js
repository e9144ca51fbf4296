// Due dates in Weeks: a flag is dragged by days, or moved by arrow keys, and then the plan is asked for anew.

const SETTLES_MS = 900;

export default () => ({
    init() {
        const sheet = this.$el.querySelector('.week-sheet');
        if (!sheet) return;
        this.day = Number(sheet.dataset.day);
        for (const flag of sheet.querySelectorAll('.due-handle')) this.listen(sheet, flag);
    },

    listen(sheet, flag) {
        let from = null;
        const at = ({ clientX }) => (clientX * sheet.viewBox.baseVal.width) / sheet.getBoundingClientRect().width;
        flag.addEventListener('pointerdown', (event) => {
            from = at(event);
            flag.setPointerCapture(event.pointerId);
            event.preventDefault();
        });
        flag.addEventListener('pointermove', (event) => {
            if (from !== null) this.show(flag, Math.round((at(event) - from) / this.day));
        });
        flag.addEventListener('pointerup', () => {
            from = null;
            this.move(flag);
        });
        flag.addEventListener('pointercancel', () => {
            from = null;
            this.show(flag, 0);
        });
        flag.addEventListener('keydown', (event) => {
            const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
            if (by) {
                event.preventDefault();
                this.show(flag, Number(flag.ariaValueNow) + by);
                clearTimeout(this.settling);
                this.settling = setTimeout(() => this.move(flag), SETTLES_MS);
            } else if (event.key === 'Enter') this.move(flag);
            else if (event.key === 'Escape') {
                clearTimeout(this.settling);
                this.show(flag, 0);
            }
        });
    },

    show(flag, days) {
        flag.ariaValueNow = String(days);
        flag.setAttribute('transform', `translate(${days * this.day} 0)`);
    },

    move(flag) {
        clearTimeout(this.settling);
        const days = Number(flag.ariaValueNow);
        if (!days) return;
        const form = this.$refs.move;
        form.action = form.dataset.action.replace(/0$/, flag.dataset.piece);
        form.elements.by_days.value = String(days);
        form.submit();
    },
});
