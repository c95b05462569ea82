/** Runs what it is given in turn, so many at once. A job deals with its own failing. */
export function fewAtOnce(most: number) {
    const waiting: (() => Promise<void>)[] = [];
    let running = 0;
    const next = () => {
        while (running < most && waiting.length > 0) {
            running++;
            void waiting.shift()!().finally(() => {
                running--;
                next();
            });
        }
    };
    return (job: () => Promise<void>) => {
        waiting.push(job);
        next();
    };
}
