const PART = 200;
const EVERY = 2000;

const token = () => (crypto.randomUUID ? crypto.randomUUID() : [...crypto.getRandomValues(new Uint8Array(16))].map((byte) => byte.toString(16).padStart(2, '0')).join(''));

/** Ticks on their way: kept in this browser, sent in their order, each with a token of its own, and forgotten once the server has it. */
export class Outbox {
    heard = () => {};

    said = () => {};

    #mine = new Set();

    #sending = null;

    // Where the browser keeps nothing, as long as the page is open.
    #memory = null;

    constructor(build, url, data) {
        [this.name, this.url, this.seq, this.csrf] = [`davrin-bench-${build}`, url, Number(data.seq), data.csrf];
        this.waiting().forEach((tick) => this.#mine.add(tick.token));
    }

    waiting() {
        if (this.#memory !== null) {
            return this.#memory;
        }
        try {
            return JSON.parse(localStorage.getItem(this.name) ?? '[]');
        } catch {
            return [];
        }
    }

    isMine(its) {
        return this.#mine.has(its);
    }

    put(tick) {
        const its = { ...tick, token: token(), at: Date.now() };
        this.#mine.add(its.token);
        this.#keep((waiting) => [...waiting, its]);
        this.send();
    }

    begin() {
        this.send();
        setInterval(() => this.send(), EVERY);
        window.addEventListener('online', () => this.send());
        document.addEventListener('visibilitychange', () => document.hidden || this.send());
    }

    /** One at a time, so that their order stays; what comes meanwhile goes with the next. Tells whether all of it was taken. */
    send() {
        this.#sending ??= this.#exchange().finally(() => {
            this.#sending = null;
        });

        return this.#sending;
    }

    async #exchange(mayAskAnew = true) {
        const ticks = this.waiting().slice(0, PART);
        try {
            const answer = await fetch(ticks.length === 0 ? `${this.url}?since=${this.seq}` : this.url, {
                method: ticks.length === 0 ? 'GET' : 'POST',
                headers: { Accept: 'application/json', ...(ticks.length === 0 ? {} : { 'Content-Type': 'application/json', 'X-CSRF-TOKEN': this.csrf }) },
                body: ticks.length === 0 ? undefined : JSON.stringify({ ticks, since: this.seq }),
                signal: AbortSignal.timeout(20_000),
            });
            if (!answer.ok) {
                return await this.#refused(answer, ticks, mayAskAnew);
            }
            const said = await answer.json();
            [this.seq, this.csrf] = [said.seq, said.csrf];
            const sent = new Set(ticks.map((tick) => tick.token));
            this.#keep((waiting) => waiting.filter((tick) => !sent.has(tick.token)));
            this.heard(said);
            this.said(this.waiting().length === 0 ? '' : this.#words());

            return this.waiting().length === 0 && said.ticks.length < 500 ? true : await this.#exchange();
        } catch {
            this.said(this.#words());

            return false;
        }
    }

    async #refused(answer, ticks, mayAskAnew) {
        if (answer.status === 419 && mayAskAnew) {
            // The page was open so long that its token is old: a new one comes with what the server knows.
            const fresh = await fetch(`${this.url}?since=${this.seq}`, { headers: { Accept: 'application/json' } });
            if (fresh.ok) {
                this.csrf = (await fresh.json()).csrf;

                return await this.#exchange(false);
            }
        } else if (answer.status === 422 && ticks.length > 1) {
            // One of them is none; the others are not to wait for it.
            await this.#oneByOne(ticks);

            return this.waiting().length === 0;
        } else if (answer.status === 409) {
            // Finished or put away in another window: what is ticked here is kept until it is open again.
            const { message } = await answer.json();
            this.said(`${message}${this.#kept()}`);

            return false;
        } else if (answer.status === 404) {
            this.said('This build is not on the bench any more: it was put away. What was ticked here is kept until it is taken up again.');

            return false;
        } else if (answer.status === 422) {
            const sent = new Set(ticks.map((tick) => tick.token));
            this.#keep((waiting) => waiting.filter((tick) => !sent.has(tick.token)));
        }
        this.said(this.#words());

        return false;
    }

    async #oneByOne(ticks) {
        for (const tick of ticks) {
            const answer = await fetch(this.url, {
                method: 'POST',
                headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': this.csrf },
                body: JSON.stringify({ ticks: [tick], since: this.seq }),
            });
            if (answer.ok || answer.status === 422) {
                this.#keep((waiting) => waiting.filter((its) => its.token !== tick.token));
            }
        }
    }

    #words() {
        return this.waiting().length === 0 ? 'Davrin does not answer.' : `Davrin does not answer: ${this.#count()} kept here until it does.`;
    }

    #kept() {
        return this.waiting().length === 0 ? '' : ` ${this.#count()} kept here until then.`;
    }

    #count() {
        const count = this.waiting().length;

        return count === 1 ? '1 tick is' : `${count} ticks are`;
    }

    // Another tab of the same build may have put some there meanwhile.
    #keep(change) {
        const changed = change(this.waiting());
        try {
            localStorage.setItem(this.name, JSON.stringify(changed));
        } catch {
            this.#memory = changed;
        }
    }
}
