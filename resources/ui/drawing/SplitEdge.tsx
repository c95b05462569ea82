import type { KeyboardEvent } from 'react';
import { useDrag } from '@/common/useDrag';

const STEP = 0.02;

/** The edge between the file as it is, on the left, and on its paper, on the right: dragged, or moved by the arrow keys. */
export function SplitEdge({ at, width, onMove }: { at: number; width: number; onMove: (at: number) => void }) {
    const to = (share: number) => onMove(Math.max(0.05, Math.min(0.95, share)));
    const { handlers } = useDrag<true>({
        begin: () => true,
        move: (held, _by, event) => {
            to((event.clientX - event.currentTarget.parentElement!.getBoundingClientRect().left) / width);
            return held;
        },
        end: () => undefined,
    });
    const key = (event: KeyboardEvent) => {
        const sign = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
        if (sign) {
            event.stopPropagation();
            event.preventDefault();
            to(at + sign * STEP);
        }
    };
    return (
        <div
            role="slider"
            tabIndex={0}
            aria-label="Where the paper begins"
            aria-valuemin={5}
            aria-valuemax={95}
            aria-valuenow={Math.round(at * 100)}
            className="absolute top-[34px] bottom-0 z-10 w-4 -translate-x-1/2 cursor-ew-resize touch-none outline-none focus-visible:bg-white/40"
            style={{ left: at * width }}
            {...handlers}
            onKeyDown={key}
        >
            <div className="mx-auto h-full w-px bg-ink shadow-halo" />
        </div>
    );
}
