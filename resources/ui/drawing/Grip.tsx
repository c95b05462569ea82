import { useDrag } from '@/common/useDrag';
import type { Frame } from './frame';

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
    const { held: drag, handlers } = useDrag<{ x: number; y: number; typed: string; name: string }>({
        begin: (event) => {
            event.stopPropagation();
            return { x, y, typed: '', name: '' };
        },
        move: (_held, _by, { nativeEvent }) => {
            const { name, length } = measure(inMm(nativeEvent));
            return {
                x: cursor === 'ns-resize' ? x : nativeEvent.offsetX,
                y: cursor === 'ew-resize' ? y : nativeEvent.offsetY,
                typed: said(length),
                name,
            };
        },
        end: ({ name, typed }, hasMoved) => {
            if (hasMoved && name) {
                onType(name, typed);
            }
        },
    });
    return (
        <g aria-hidden="true">
            <rect
                x={(drag?.x ?? x) - 4}
                y={(drag?.y ?? y) - 4}
                width="8"
                height="8"
                className="fill-white stroke-ink"
                style={{ cursor }}
                {...handlers}
            />
            {drag?.typed && (
                <text
                    x={drag.x + 10}
                    y={drag.y - 8}
                    className="fill-ink stroke-white text-base font-semibold narrow"
                    paintOrder="stroke"
                    strokeWidth="3"
                >
                    {drag.typed}
                </text>
            )}
        </g>
    );
}
