/** Three letters within so long are typing, meant for a field that isn't there. */
const TYPING_MS = 500;

const LETTERS = 3;

type Press = Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'timeStamp'>;

/**
 * Tells a key that is pressed by itself from letters that are typed: of a burst the third and all after it mean nothing. One letter again and
 * again is a quick hand, and no word.
 */
export class Burst {
    private before: Press[] = [];

    private last: { press: Press; isTyping: boolean } | null = null;

    /** Asked of one press by each that listens, it answers all of them alike. */
    isTyping(press: Press): boolean {
        if (this.last?.press !== press) {
            this.last = { press, isTyping: this.ends(press) };
        }
        return this.last.isTyping;
    }

    private ends(press: Press): boolean {
        if (press.ctrlKey || press.metaKey || !/^\p{L}$/u.test(press.key)) {
            return false;
        }
        this.before = [...this.before.filter(({ timeStamp }) => press.timeStamp - timeStamp < TYPING_MS), press];
        return new Set(this.before.map(({ key }) => key.toLowerCase())).size >= LETTERS;
    }
}
