import type { HandlesProps } from './finish';
import { Grip, millimetres } from './Grip';
import { unitOf } from './units';

type Side = 'top' | 'right' | 'bottom' | 'left';

/** Grips on the image's edges and corner: an edge sets its margin, the corner scales the image about its centre. */
export function Handles({ drawing, frame, onType }: HandlesProps) {
    const { image, paper } = drawing;
    const said = unitOf(drawing).typed;
    const [left, top] = [frame.x(image.left), frame.y(image.top)];
    const [right, bottom] = [frame.x(image.left + image.width), frame.y(image.top + image.height)];
    const inMm = millimetres(frame);
    const margin = (side: Side) => (at: { x: number; y: number }) => ({
        name: `margin-${side}`,
        length: Math.max(0, { left: at.x, top: at.y, right: paper.width - at.x, bottom: paper.height - at.y }[side]),
    });
    const grips = [
        { key: 'top', x: (left + right) / 2, y: top, cursor: 'ns-resize', measure: margin('top') },
        { key: 'bottom', x: (left + right) / 2, y: bottom, cursor: 'ns-resize', measure: margin('bottom') },
        { key: 'left', x: left, y: (top + bottom) / 2, cursor: 'ew-resize', measure: margin('left') },
        { key: 'right', x: right, y: (top + bottom) / 2, cursor: 'ew-resize', measure: margin('right') },
        {
            key: 'corner',
            x: right,
            y: bottom,
            cursor: 'nwse-resize',
            measure: (at: { x: number }) => ({
                name: 'image-width',
                length: Math.max(1, 2 * Math.abs(at.x - image.left - image.width / 2)),
            }),
        },
    ];
    return grips.map(({ key, ...grip }) => <Grip key={key} {...grip} inMm={inMm} said={said} onType={onType} />);
}
