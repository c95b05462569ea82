/** A third letter within so long is typing, meant for a field that isn't there. */
const TYPING_MS = 500;

const LETTERS = 2;

type Press = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'timeStamp'>;

/** Tells a key that is pressed by itself from letters that are typed: of a burst the third and all after it mean nothing. */
export class Burst {
    private times: number[] = [];

    private last: { press: Press; isTyping: boolean } | null = null;

    /** Asked of one press by each that listens, it answers all of them alike. */
    isTyping(press: Press): boolean {
        if (this.last?.press !== press) {
            this.last = { press, isTyping: this.counts(press) };
        }
        return this.last.isTyping;
    }

    private counts({ key, ctrlKey, metaKey, timeStamp }: Press): boolean {
        if (ctrlKey || metaKey || !/^\p{L}$/u.test(key)) {
            return false;
        }
        const before = this.times.filter((time) => timeStamp - time < TYPING_MS);
        this.times = [...before, timeStamp];
        return before.length >= LETTERS;
    }
}
