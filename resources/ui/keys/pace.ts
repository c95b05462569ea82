/** Why a key does nothing just now: letters come as fast as in typing, the page has changed under the hand, Enter was only just pressed. */
export type Refusal = 'typing' | 'page-changed' | 'twice';

/** Within so many milliseconds a third letter is typing, and a second Enter one too many. */
const FAST = 500;
/** A page that changed so shortly ago hasn't been seen yet. */
const UNSEEN = 400;

const isLetter = (key: string) => /^[\p{L}\p{N}]$/u.test(key);

/**
 * How fast keys come. What comes faster than anybody decides was meant for a field, or for the page before: it acts on nothing. One
 * letter again and again is a hand that goes on, not a word.
 */
export class Pace {
    private letters: { key: string; at: number }[] = [];
    private typedUntil = -Infinity;
    private changedAt = -Infinity;
    private changedBy = '';
    private lastKey = '';
    private enteredAt = -Infinity;

    /** Another page stands there, at a time in milliseconds. */
    pageChanged(at: number) {
        this.changedAt = at;
        this.changedBy = this.lastKey;
    }

    /**
     * Minds a press, and says why it does nothing.
     *
     * @param isForPage whether the page would get it: what is typed into a field is typing anyway
     */
    pressed(key: string, at: number, isForPage: boolean): Refusal | null {
        this.lastKey = key;
        if (key === 'Enter') {
            const isTwice = at - this.enteredAt < FAST;
            this.enteredAt = at;
            return isTwice ? 'twice' : null;
        }
        if (!isForPage || !isLetter(key)) {
            return null;
        }
        this.letters = [...this.letters.filter((one) => at - one.at < FAST), { key, at }];
        if (at < this.typedUntil || (this.letters.length > 2 && this.differ())) {
            this.typedUntil = at + FAST;
            return 'typing';
        }
        return at - this.changedAt < UNSEEN && key !== this.changedBy ? 'page-changed' : null;
    }

    /** How long letters rest from now on, in milliseconds: until then some would do nothing. */
    lettersRest(now: number) {
        const fast = this.letters.filter((one) => now - one.at < FAST);
        return Math.max(0, this.typedUntil - now, this.changedAt + UNSEEN - now, fast.length > 1 ? fast[0]!.at + FAST - now : 0);
    }

    enterRests(now: number) {
        return Math.max(0, this.enteredAt + FAST - now);
    }

    private differ() {
        return this.letters.some(({ key }) => key.toLowerCase() !== this.letters[0]!.key.toLowerCase());
    }
}
