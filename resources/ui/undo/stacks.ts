/** Something that was done and can be taken back, and done again. Fails with words when it can't be any more. */
export interface Step {
    back: () => Promise<void>;
    forth: () => Promise<void>;
}

/** Who is told: that what can be undone is otherwise now, and why a step can't be taken, in words. */
export interface Told {
    changed: () => void;
    failed: (words: string) => void;
}

/** What was done to one order, the last of it on top. */
export class Stacks {
    private done: Step[] = [];
    private undone: Step[] = [];
    /** versions of lines that are the same as an earlier one, since they were put back to it: “line:version” → version */
    private readonly sameAs = new Map<string, number>();
    /** the step that is being taken: each waits for the one before, however fast the keys are pressed */
    private taking: Promise<void> = Promise.resolve();
    /** acts that are still on their way and will be steps */
    private readonly underWay = new Set<Promise<unknown>>();

    get canUndo() {
        return this.done.length > 0;
    }

    get canRedo() {
        return this.undone.length > 0;
    }

    /** What was undone before can't be done again. */
    add(step: Step) {
        this.done.push(step);
        this.undone = [];
    }

    /** Runs what adds a step when it is done: taking back waits for it, and takes back that, not what was done before it. */
    async during<T>(act: () => Promise<T>): Promise<T> {
        const run = act();
        this.underWay.add(run);
        try {
            return await run;
        } finally {
            this.underWay.delete(run);
        }
    }

    undo(told: Told) {
        return this.next(() => this.take(this.done, (step) => step.back(), this.undone, told));
    }

    redo(told: Told) {
        return this.next(() => this.take(this.undone, (step) => step.forth(), this.done, told));
    }

    /** The earliest version that a line's version is the same as. */
    earliest(line: number, version: number) {
        return this.sameAs.get(`${line}:${version}`) ?? version;
    }

    isSame(line: number, version: number, as: number) {
        this.sameAs.set(`${line}:${version}`, as);
    }

    private next(take: () => Promise<void>) {
        this.taking = this.taking.then(() => Promise.allSettled(this.underWay)).then(take);
        return this.taking;
    }

    /** A step that can't be taken is gone: it would fail for ever, and hide those below it. */
    private async take(from: Step[], way: (step: Step) => Promise<void>, onto: Step[], told: Told) {
        const step = from.pop();
        if (!step) {
            return;
        }
        told.changed();
        try {
            await way(step);
            onto.push(step);
        } catch (error) {
            told.failed((error as Error).message);
        }
        told.changed();
    }
}
