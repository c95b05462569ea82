import type { Make, MadeFile } from '@/api/types';

const MINUTE = 60;

/** “about 40 s”, “about 3 min”: nobody knows better. */
function roughly(seconds: number) {
    if (seconds < MINUTE) {
        return `${Math.max(1, seconds < 10 ? Math.round(seconds) : Math.round(seconds / 5) * 5)} s`;
    }
    const minutes = Math.round(seconds / MINUTE);
    return minutes < MINUTE ? `${minutes} min` : `${Math.floor(minutes / MINUTE)} h ${minutes % MINUTE} min`;
}

/** How far the making of a set has come, behind what is made: what is being made, what is left, for how long, what failed. */
export function HowFar({ make }: { make: Make }) {
    const count = (state: MadeFile['state']) => make.files.filter((file) => file.state === state).length;
    const now = make.files.find((file) => file.state === 'making');
    const said = [
        now && `now line ${now.lineNumber}${count('making') > 1 ? ` and ${count('making') - 1} more` : ''}`,
        count('waiting') > 0 && `${count('waiting')} left`,
        make.secondsLeft !== null && `about ${roughly(make.secondsLeft)} to go`,
        make.held === 'paused' && 'paused',
        count('stopped') > 0 && `stopped, ${count('stopped')} not made`,
        count('failed') > 0 && `${count('failed')} to be made again`,
    ];
    return <>{said.filter(Boolean).map((words) => ` · ${words as string}`)}</>;
}
