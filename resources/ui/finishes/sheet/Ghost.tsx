import type { PixelRect } from '@/api/types';

interface Props {
    is: 'ghost' | 'swaps';
    at: PixelRect;
    says: string;
    className: string;
}

/** Where a print would come to lie, or which one it would change places with, while the hand holds it. */
export const Ghost = ({ is, at, says, className }: Props) => (
    <g data-testid={is}>
        <rect {...at} className={className} strokeWidth="2" />
        <text
            x={at.x + at.width / 2}
            y={at.y + at.height / 2}
            textAnchor="middle"
            className="fill-ink stroke-white text-base font-semibold narrow"
            paintOrder="stroke"
            strokeWidth="4"
        >
            {says}
        </text>
    </g>
);
