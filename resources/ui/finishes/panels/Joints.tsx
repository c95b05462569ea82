import type { KeyboardEvent } from 'react';
import type { Joint } from '@/api/types';
import { useDrag } from '@/common/useDrag';
import { Haloed } from '@/drawing/Haloed';
import { unitOf } from '@/drawing/units';
import type { HandlesProps } from '@/drawing/finish';

/** A joint catches on a place it is dragged this near to, in screen pixels. */
const CATCHES = 7;

/** The joints between panels: dragged, or moved by the arrow keys, each with the exact figure of where it lies. */
export function Joints({ drawing, frame, onType }: HandlesProps) {
    return drawing.joints.map((joint) => (
        <JointLine key={joint.name} joint={joint} drawing={drawing} frame={frame} onType={onType} />
    ));
}

function JointLine({ joint, drawing, frame, onType }: HandlesProps & { joint: Joint }) {
    const { name, across, hangs, at, least, most, catches } = joint;
    const { size } = drawing.hung;
    const unit = unitOf(drawing);
    const { held: drag, handlers } = useDrag<{ at: number; isCaught: boolean }>({
        begin: (event) => {
            event.stopPropagation();
            return { at, isCaught: false };
        },
        move: (_held, by) => place(at + (across ? by.x : by.y) / frame.scale),
        end: (held) => {
            if (held.at !== at) {
                set(held.at);
            }
        },
    });
    const number = name.match(/\d+$/)![0];
    const now = drag?.at ?? at;
    const along = (across ? frame.x : frame.y)(hangs + now - at);
    const [start, end] = across ? [frame.y(0), frame.y(size.height)] : [frame.x(0), frame.x(size.width)];
    const line = across ? `M${along} ${start - 6} V${end + 6}` : `M${start - 6} ${along} H${end + 6}`;
    const [x, y] = across ? [along, (start + end) / 2] : [(start + end) / 2, along];
    const figure = unit.said(now);

    const place = (mm: number) => {
        const wanted = Math.max(least, Math.min(most, mm));
        const near = catches
            .filter((one) => one >= least && one <= most)
            .sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted))[0];
        const isCaught = near !== undefined && Math.abs(near - wanted) * frame.scale <= CATCHES;
        return { at: isCaught ? near : Math.max(least, Math.min(most, unit.rounded(wanted))), isCaught };
    };
    const set = (mm: number) => onType(name, unit.typed(mm, true));
    const key = (event: KeyboardEvent) => {
        const sign = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
        if (sign) {
            event.stopPropagation();
            event.preventDefault();
            set(Math.max(least, Math.min(most, at + sign * (event.shiftKey ? 10 : 1))));
        }
    };
    return (
        <g
            role="slider"
            tabIndex={0}
            aria-label={across ? `Joint ${number}` : `Joint ${number} between rows`}
            aria-orientation={across ? 'horizontal' : 'vertical'}
            aria-valuemin={Math.round(least)}
            aria-valuemax={Math.round(most)}
            aria-valuenow={Math.round(now)}
            aria-valuetext={figure}
            data-joint={name}
            className="group pointer-events-auto outline-none"
            style={{ cursor: across ? 'ew-resize' : 'ns-resize' }}
            {...handlers}
            onKeyDown={key}
        >
            <path d={line} className="fill-none stroke-transparent" strokeWidth="15" />
            <Haloed d={line} className={drag?.isCaught ? 'stroke-copper' : 'stroke-ink'} width={drag ? 1.8 : 1} />
            <path
                d={
                    across
                        ? `M${x - 9} ${y} l6 -5 v10 z M${x + 9} ${y} l-6 -5 v10 z`
                        : `M${x} ${y - 9} l-5 6 h10 z M${x} ${y + 9} l-5 -6 h10 z`
                }
                className="fill-ink stroke-white group-focus-visible:fill-copper"
                strokeWidth="1.5"
                paintOrder="stroke"
            />
            {drag && (
                <text
                    x={x + 14}
                    y={y - 12}
                    className="fill-ink stroke-white text-read font-semibold narrow"
                    paintOrder="stroke"
                    strokeWidth="4"
                >
                    {figure}
                </text>
            )}
        </g>
    );
}
