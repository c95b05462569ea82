import type { Level } from '@/api/types';

/** A finding's weight as a shape and a colour: open ring, a ring with a dot where it was said yes to, half-filled square, solid square. */
export function Mark({ level, filled = false }: { level: Level; filled?: boolean }) {
    const words = { fine: 'fine', settled: 'settled', look: 'needs a look', stops: 'stops the print' };
    return (
        <svg width="13" height="13" viewBox="0 0 13 13" role="img" aria-label={words[level]} className="shrink-0">
            {level === 'fine' && (
                <circle
                    cx="6.5"
                    cy="6.5"
                    r="5"
                    strokeWidth="2.2"
                    className={`stroke-fine ${filled ? 'fill-fine' : 'fill-none'}`}
                />
            )}
            {level === 'settled' && (
                <>
                    <circle cx="6.5" cy="6.5" r="5" strokeWidth="2.2" className="fill-none stroke-fine" />
                    <circle cx="6.5" cy="6.5" r="1.8" className="fill-fine" />
                </>
            )}
            {level === 'look' && (
                <>
                    <rect x="1" y="1" width="11" height="11" strokeWidth="1.5" className="fill-none stroke-look" />
                    <path d="M1 12 V1 H12 Z" className="fill-look" />
                </>
            )}
            {level === 'stops' && <rect x="0.5" y="0.5" width="12" height="12" className="fill-stops" />}
        </svg>
    );
}
