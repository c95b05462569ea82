import { useRef, useState } from 'react';
import type { DrawingFigures } from '@/api/types';
import type { Frame } from './layout';
import { unitOf } from './units';

type Side = 'top' | 'right' | 'bottom' | 'left';

interface Props {
    drawing: DrawingFigures;
    frame: Frame;
    onType: (name: string, typed: string) => void;
}

/** Grips on the image's edges and corner: an edge sets its margin, the corner scales the image about its centre. */
export function Handles({ drawing, frame, onType }: Props) {
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

const millimetres = (frame: Frame) => (event: { offsetX: number; offsetY: number }) => ({
    x: (event.offsetX - frame.x(0)) / frame.scale,
    y: (event.offsetY - frame.y(0)) / frame.scale,
});

/** Grips on a canvas's edge: dragged outward from the fold it becomes deeper on all four sides. */
export function EdgeGrips({ drawing, frame, onType }: Props) {
    const { paper, sheet, wrap } = drawing;
    const said = unitOf(drawing).typed;
    const spare = wrap?.spare ?? 0;
    const common = { inMm: millimetres(frame), said, onType };
    return (
        <>
            <Grip
                {...common}
                x={frame.x(sheet.left + sheet.width - spare)}
                y={frame.y(paper.height / 2)}
                cursor="ew-resize"
                measure={(at) => ({ name: 'depth-right', length: Math.max(0, at.x - paper.width) })}
            />
            <Grip
                {...common}
                x={frame.x(paper.width / 2)}
                y={frame.y(sheet.top + sheet.height - spare)}
                cursor="ns-resize"
                measure={(at) => ({ name: 'depth-bottom', length: Math.max(0, at.y - paper.height) })}
            />
        </>
    );
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
