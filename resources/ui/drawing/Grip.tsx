import { useRef, useState } from 'react';
import type { Frame } from './layout';

/** A place on the drawing in mm from the paper's corner. */
export const millimetres = (frame: Frame) => (event: { offsetX: number; offsetY: number }) => ({
    x: (event.offsetX - frame.x(0)) / frame.scale,
    y: (event.offsetY - frame.y(0)) / frame.scale,
});

interface GripProps {
    x: number;
    y: number;
    cursor: string;
    measure: (at: { x: number; y: number }) => { name: string; length: number };
    inMm: (event: { offsetX: number; offsetY: number }) => { x: number; y: number };
    said: (mm: number) => string;
    onType: (name: string, typed: string) => void;
}

/** A small square that is dragged: it says the length it makes on the way, and types it where it is let go. */
export function Grip({ x, y, cursor, measure, inMm, said, onType }: GripProps) {
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
