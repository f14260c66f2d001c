import { http } from '@inertiajs/svelte';

/** The first sentence of an answer that refuses what was asked. */
function refused(error: unknown): string | null {
    const response = (error as { response?: { status: number; data: string } }).response;
    if (response?.status !== 422) {
        return null;
    }
    const { errors } = JSON.parse(response.data) as { errors: Record<string, string[]> };
    return Object.values(errors)[0]?.[0] ?? null;
}

/** Asks the server for something while a form is being filled in: one question at a time, and the last one wins. */
export class Asker<Question extends object, Answer> {
    #waiting: Question | null = null;
    #busy = false;
    #timer = 0;

    constructor(
        private readonly url: string,
        private readonly answered: (answer: Answer) => void,
        private readonly failed: (words: string) => void,
    ) {}

    ask(question: Question, delay = 250): void {
        this.#waiting = question;
        clearTimeout(this.#timer);
        this.#timer = window.setTimeout(() => void this.#send(), delay);
    }

    async #send(): Promise<void> {
        if (this.#busy || this.#waiting === null) {
            return;
        }
        const question = this.#waiting;
        this.#waiting = null;
        this.#busy = true;
        try {
            const answer = await this.#post(question);
            if (this.#waiting === null) {
                this.answered(answer);
            }
        } catch (error) {
            this.failed(
                refused(error) ??
                    'The server did not answer. What you typed is still here; it is asked again at the next key.',
            );
        } finally {
            this.#busy = false;
            void this.#send();
        }
    }

    async #post(question: Question): Promise<Answer> {
        const response = await http.getClient().request({
            method: 'post',
            url: this.url,
            data: question,
            headers: { Accept: 'application/json' },
        });
        return JSON.parse(response.data) as Answer;
    }
}

/** One question, answered once; null where the server refuses it or is not there. */
export async function ask<Answer>(url: string, data: object): Promise<Answer | null> {
    try {
        const response = await http
            .getClient()
            .request({ method: 'post', url, data, headers: { Accept: 'application/json' } });
        return JSON.parse(response.data) as Answer;
    } catch {
        return null;
    }
}
