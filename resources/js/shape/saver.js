// Saves one at a time and never loses the last: what changes while a save is under way is saved after it, once, with
// the version that it brought back.

export default class Saver {
    // save: () => Promise of what kept it from being taken, in words; '' where it was.
    constructor(save, told = () => {}) {
        this.save = save;
        this.told = told;
        this.timer = null;
        this.sending = false;
        this.again = false;
        this.refused = '';
    }

    get isBusy() {
        return this.timer !== null || this.sending;
    }

    get wouldLose() {
        return this.again || this.refused !== '';
    }

    soon(wait) {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.flush(), wait);
    }

    flush() {
        if (this.timer === null) return;
        clearTimeout(this.timer);
        this.timer = null;
        this.run();
    }

    async run() {
        if (this.sending) {
            this.again = true;
            return;
        }
        this.sending = true;
        this.refused = '';
        this.told(this);
        try {
            this.refused = await this.save();
        } catch (error) {
            this.refused = error.message;
        } finally {
            this.sending = false;
        }
        this.told(this);
        if (this.again) {
            this.again = false;
            await this.run();
        }
    }

    async settled() {
        this.flush();
        while (this.isBusy) await new Promise((resolve) => setTimeout(resolve, 30));
        return this.refused === '';
    }
}
