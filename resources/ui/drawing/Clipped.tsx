import type { ReactNode } from 'react';
import type { PixelRect } from '@/api/types';

/** What lies on one panel only, or on everything. */
export function Clipped({ at, id, children }: { at: PixelRect | null; id: string; children: ReactNode }) {
    return at === null ? (
        children
    ) : (
        <g clipPath={`url(#${id})`}>
            <clipPath id={id}>
                <rect {...at} />
            </clipPath>
            {children}
        </g>
    );
}
