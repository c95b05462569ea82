import { Fragment } from 'react';
import type { Goes } from '@/api/types';
import { tally } from './goes';

/** What goes to the lab of several lines: how many of what, and what it costs. A number over one is set bold. */
export function InAll({ lines }: { lines: (Goes | null)[] }) {
    const { kinds, besides, money, unpriced } = tally(lines);
    return (
        <span data-testid="in-all">
            {kinds.map(({ many, what }, i) => (
                <Fragment key={what}>
                    {i > 0 && ' · '}
                    <span className="whitespace-nowrap">
                        <span className={`tabular-nums ${many > 1 ? 'font-semibold text-ink' : ''}`}>{many}</span> {what}
                    </span>
                </Fragment>
            ))}
            {besides.length > 0 && `; ${besides.join(', ')}`}
            {money !== null && (
                <>
                    {'; '}
                    <span className="font-semibold text-ink tabular-nums">{money}</span>
                    {unpriced !== null && `, and ${unpriced}`}
                </>
            )}
        </span>
    );
}
