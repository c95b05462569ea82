import type { OnDrawing } from './finish';

/** What a mount in front of a print hides, laid over it lightly, and its opening. */
export function MountOpening({ drawing: { paper, opening }, frame }: OnDrawing) {
    if (!opening) {
        return null;
    }
    const [left, top] = [frame.x(opening.left), frame.y(opening.top)];
    const [right, bottom] = [frame.x(opening.left + opening.width), frame.y(opening.top + opening.height)];
    const outside = `M${frame.x(0)} ${frame.y(0)} H${frame.x(paper.width)} V${frame.y(paper.height)} H${frame.x(0)} Z`;
    const hole = `M${left} ${top} H${right} V${bottom} H${left} Z`;
    return (
        <g data-testid="mount-opening" pointerEvents="none">
            <path d={`${outside} ${hole}`} fillRule="evenodd" className="fill-paper/55" />
            <path d={hole} className="fill-none stroke-copper" strokeWidth="1.2" strokeDasharray="6 3" />
        </g>
    );
}
