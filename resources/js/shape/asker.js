// One question at a time; the newest is asked as soon as the last answer is in.

export default class Asker {
    // ask: (question) => Promise of nothing.
    constructor(ask) {
        this.ask = ask;
        this.asking = false;
        this.next = null;
    }

    async about(question) {
        if (this.asking) {
            this.next = question;
            return;
        }
        this.asking = true;
        await this.ask(question);
        this.asking = false;
        if (this.next !== null) {
            const next = this.next;
            this.next = null;
            await this.about(next);
        }
    }
}
