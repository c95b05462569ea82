import type { LineChange } from '@/api/types';
import { Mark } from './Mark';

const SHOWN = 5;
const LEVELS = { stops: 'stops', changes: 'look', looks: 'look', frees: 'fine' } as const;

/** Which lines come out otherwise, told before it is kept. */
export function WhatWouldChange({ lines, hasOrders = false }: { lines: LineChange[]; hasOrders?: boolean }) {
    const rest = lines.length - SHOWN;
    const order = { stops: 0, changes: 1, looks: 2, frees: 3 };
    const shown = lines.toSorted((a, b) => order[a.how] - order[b.how]).slice(0, SHOWN);
    const stops = lines.filter(({ how }) => how === 'stops').length;
    return (
        <div role="status">
            <p className="text-row font-semibold">
                {lines.length === 0
                    ? 'No open line changes by it.'
                    : `${lines.length === 1 ? 'One open line changes' : `${lines.length} open lines change`} by it${stops > 0 ? `, ${stops} of them stopped` : ''}. Those that were passed are passed anew.`}
            </p>
            <ul className="mt-1 flex flex-col gap-0.5 text-row">
                {shown.map((line) => (
                    <li key={line.line} className="flex items-baseline gap-2">
                        <Mark level={LEVELS[line.how]} />
                        <span>
                            {hasOrders && `${line.number} ${line.client}, `}
                            {hasOrders ? 'line' : 'Line'} {line.lineNumber}, {line.short}: {line.says}
                        </span>
                    </li>
                ))}
            </ul>
            {rest > 0 && <p className="mt-0.5 text-small text-soft">and {rest} more</p>}
        </div>
    );
}
