import type { OnDrawing } from './finish';
import { Haloed } from './Haloed';

/** Where the paper is cut out of a larger sheet, or out of its bleed: ticks at its corners, outside it. */
export function TrimTicks({ drawing: { paper, sheet, ticks, bleed }, frame }: OnDrawing) {
    if (!ticks && bleed === 0) {
        return null;
    }
    const [left, top, right, bottom] = [frame.x(0), frame.y(0), frame.x(paper.width), frame.y(paper.height)];
    const away = Math.max(3, frame.scale);
    const long = Math.max(7, 5 * frame.scale);
    const across = sheet.width > paper.width + 0.01;
    const down = sheet.height > paper.height + 0.01;
    const vertical = [left, right].map((x) => `M${x} ${top - away} v${-long} M${x} ${bottom + away} v${long}`);
    const level = [top, bottom].map((y) => `M${left - away} ${y} h${-long} M${right + away} ${y} h${long}`);
    return <Haloed d={[...(across ? vertical : []), ...(down ? level : [])].join(' ')} className="stroke-ink" />;
}
