import { Haloed } from '@/drawing/Haloed';
import type { OnDrawing } from '@/drawing/finish';

/** Where a canvas is folded round its bars: chain lines; where it goes behind them: short dashes. */
export function Folds({ drawing, frame }: OnDrawing) {
    const { paper, sheet, wrap } = drawing;
    if (!wrap || wrap.depth === 0) {
        return null;
    }
    const across = (y: number) => `M${frame.x(sheet.left)} ${frame.y(y)} H${frame.x(sheet.left + sheet.width)}`;
    const down = (x: number) => `M${frame.x(x)} ${frame.y(sheet.top)} V${frame.y(sheet.top + sheet.height)}`;
    const { depth, spare } = wrap;
    return (
        <g data-testid="folds">
            <Haloed
                d={[across(0), across(paper.height), down(0), down(paper.width)].join(' ')}
                className="stroke-ink"
                width={1.2}
                dashes="16 4 2.5 4"
            />
            {spare > 0 && (
                <Haloed
                    d={[across(-depth), across(paper.height + depth), down(-depth), down(paper.width + depth)].join(' ')}
                    className="stroke-ink/80"
                    width={0.9}
                    dashes="4 3"
                />
            )}
        </g>
    );
}
