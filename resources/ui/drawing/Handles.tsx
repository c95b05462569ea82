import { useRef, useState } from 'react';
import type { DrawingFigures } from '@/api/types';
import type { Frame } from './layout';

type Side = 'top' | 'right' | 'bottom' | 'left';

/** Steps a dragged length is rounded to, in mm, by the unit of the paper. */
const STEPS: Record<string, { mm: number; step: number }> = {
    in: { mm: 25.4, step: 0.05 },
    cm: { mm: 10, step: 0.1 },
    mm: { mm: 1, step: 1 },
};

interface Props {
    drawing: DrawingFigures;
    frame: Frame;
    onType: (name: string, typed: string) => void;
}

/** Grips on the image's edges and corner: an edge sets its margin, the corner scales the image about its centre. */
export function Handles({ drawing, frame, onType }: Props) {
    const { image, paper, dimensions } = drawing;
    const unit = dimensions.find((one) => one.name === 'paper-width')?.label.match(/[a-z]+$/)?.[0] ?? 'mm';
    const { mm, step } = STEPS[unit] ?? STEPS.mm!;
    const said = (length: number) => `${+(Math.round(length / mm / step) * step).toFixed(3)} ${unit}`;
    const [left, top] = [frame.x(image.left), frame.y(image.top)];
    const [right, bottom] = [frame.x(image.left + image.width), frame.y(image.top + image.height)];
    const origin = { x: frame.x(0), y: frame.y(0) };
    const inMm = (event: { offsetX: number; offsetY: number }) => ({
        x: (event.offsetX - origin.x) / frame.scale,
        y: (event.offsetY - origin.y) / frame.scale,
    });
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

interface GripProps {
    x: number;
    y: number;
    cursor: string;
    measure: (at: { x: number; y: number }) => { name: string; length: number };
    inMm: (event: { offsetX: number; offsetY: number }) => { x: number; y: number };
    said: (mm: number) => string;
    onType: Props['onType'];
}

function Grip({ x, y, cursor, measure, inMm, said, onType }: GripProps) {
    const [drag, setDrag] = useState<{ x: number; y: number; typed: string; name: string } | null>(null);
    const moved = useRef(false);
    return (
        <g aria-hidden="true">
            <rect
                x={(drag?.x ?? x) - 4}
                y={(drag?.y ?? y) - 4}
                width="8"
                height="8"
                className="fill-white stroke-ink"
                style={{ cursor }}
                onPointerDown={(event) => {
                    event.stopPropagation();
                    event.currentTarget.setPointerCapture(event.pointerId);
                    moved.current = false;
                    setDrag({ x, y, typed: '', name: '' });
                }}
                onPointerMove={(event) => {
                    if (drag) {
                        moved.current = true;
                        const { name, length } = measure(inMm(event.nativeEvent));
                        const upDown = cursor === 'ns-resize';
                        const sideways = cursor === 'ew-resize';
                        setDrag({
                            x: upDown ? x : event.nativeEvent.offsetX,
                            y: sideways ? y : event.nativeEvent.offsetY,
                            typed: said(length),
                            name,
                        });
                    }
                }}
                onPointerUp={(event) => {
                    event.stopPropagation();
                    if (drag && moved.current && drag.name) {
                        onType(drag.name, drag.typed);
                    }
                    setDrag(null);
                }}
                onPointerCancel={() => setDrag(null)}
            />
            {drag?.typed && (
                <text
                    x={drag.x + 10}
                    y={drag.y - 8}
                    className="narrow fill-ink stroke-white text-[14px] font-semibold"
                    paintOrder="stroke"
                    strokeWidth="3"
                >
                    {drag.typed}
                </text>
            )}
        </g>
    );
}
