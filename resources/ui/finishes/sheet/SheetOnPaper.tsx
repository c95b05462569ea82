import { useRef } from 'react';
import { drawnCell } from '@/api/cells';
import { useKeys } from '@/keys/useKeys';
import type { PaperProps } from '@/drawing/finish';
import { css, onScreen } from '@/drawing/pieces';
import { Rendered } from '@/drawing/Rendered';
import { useChosen } from '@/drawing/tools/chosen';
import { ChosenPrint } from './ChosenPrint';
import { Cuts } from './Cuts';
import { numberOf } from './figures';
import { placeOf } from '@/drawing/lettering/place';
import { WordsSeen } from '@/drawing/lettering/WordsSeen';
import { useLettering } from '@/drawing/tools/lettering';
import { PrintDrawn } from './PrintDrawn';

/** The sheets beside each other with their prints; one print is chosen and worked on like any other. */
export function SheetOnPaper({ line, frame, proof, width, ...acts }: PaperProps) {
    const { drawing } = line;
    const { chosen, choose, also, chooseAlso, showsCuts, showCuts } = useChosen();
    const { busy } = useLettering();
    const place = onScreen(frame);
    const [sheet, sheets] = [place(drawing.sheet), drawing.sheets.map(place)];
    const pieces = { pieces: sheets.map((at) => ({ at, shift: { x: 0, y: 0 } })), areApart: true };
    const whole = { pieces: [{ at: sheet, shift: { x: 0, y: 0 } }], areApart: false };
    const seen = drawing.sheets.length > 1 ? pieces : whole;
    const print = chosen === null ? undefined : drawing.prints[chosen];
    const cell = print && drawnCell(line, print.cell);
    useKeys({
        x: () => showCuts(!showsCuts),
        a: () => drawing.isByHand && acts.onType('arranged', 'again'),
        Escape: () => choose(null),
    });
    return (
        <>
            {(drawing.sheets.length > 1 ? sheets : [sheet]).map((at, i) => (
                <div key={i} className="absolute bg-white shadow-paper" style={css(at)} data-testid="sheet" />
            ))}
            <svg className="absolute inset-0 size-full touch-none" role="group" aria-label={line.short}>
                <rect width="100%" height="100%" fill="transparent" onPointerDown={() => choose(null)} />
                <g transform={`translate(${frame.x(0)} ${frame.y(0)}) scale(${frame.scale})`}>
                    {drawing.prints.map((one, i) => (
                        <PrintDrawn key={i} print={one} isLarge rim={0.5 / frame.scale} />
                    ))}
                </g>
                {drawing.prints.map((one, i) => {
                    const of = drawnCell(line, one.cell);
                    const at = placeOf(one, frame);
                    return (
                        of && (
                            <g key={i} transform={`translate(${at.x} ${at.y})${at.isTurned ? ' rotate(90)' : ''}`}>
                                <WordsSeen drawing={of.drawing} scale={frame.scale} without={i === chosen ? busy?.at : null} />
                            </g>
                        )
                    );
                })}
                {sheets.map((at, i) => (
                    <g key={i} transform={`translate(${at.x} ${at.y})`}>
                        <WordsSeen drawing={drawing} scale={frame.scale} without={chosen === null ? busy?.at : null} />
                    </g>
                ))}
                {busy === null && <Rendered line={line} proof={proof} sheet={sheet} seen={seen} width={width} />}
                {sheets.map((at, i) => (
                    <rect key={i} {...at} className="fill-none stroke-ink/60" strokeWidth="0.8" />
                ))}
                {drawing.prints.map((one, i) => (
                    <Outline
                        key={i}
                        at={place(one.at)}
                        number={numberOf(one)}
                        size={one.label}
                        isEmpty={one.picture === null}
                        isChosen={i === chosen || also.includes(i)}
                        onChoose={() => choose(i)}
                        onChooseAlso={() => chooseAlso(i)}
                    />
                ))}
            </svg>
            {print && chosen !== null && cell && (
                <ChosenPrint key={`${line.id} ${chosen}`} line={line} cell={cell} chosen={chosen} frame={frame} {...acts} />
            )}
            {showsCuts && <Cuts drawing={drawing} frame={frame} />}
        </>
    );
}

interface OutlineProps {
    at: { x: number; y: number; width: number; height: number };
    number: number;
    size: string;
    isEmpty: boolean;
    isChosen: boolean;
    onChoose: () => void;
    /** with Shift: beside those that are chosen */
    onChooseAlso: () => void;
}

/** Where a print is cut out, its number and its size; pressed, or come to with Tab, it is chosen; with Shift beside the others. */
function Outline({ at, number, size, isEmpty, isChosen, onChoose, onChooseAlso }: OutlineProps) {
    const isPressed = useRef(false);
    return (
        <g
            role="button"
            tabIndex={0}
            aria-pressed={isChosen}
            aria-label={`Cell ${number}, ${size}${isEmpty ? ', no picture yet' : ''}`}
            data-testid="cell"
            className="group cursor-pointer outline-none"
            onFocus={() => isPressed.current || onChoose()}
            onPointerDown={(event) => {
                isPressed.current = true; // the focus that comes by it chooses nothing more
                setTimeout(() => (isPressed.current = false));
                if (event.shiftKey) {
                    onChooseAlso();
                } else {
                    onChoose();
                }
            }}
        >
            <rect {...at} className="fill-transparent stroke-white/80" strokeWidth="2.6" />
            <rect
                {...at}
                className={`fill-none ${isChosen ? 'stroke-copper' : 'stroke-ink/70 group-hover:stroke-ink'}`}
                strokeWidth={isChosen ? 1.6 : 0.9}
            />
            <Label x={at.x + 6} y={at.y + 15} text={String(number)} />
            {at.width > size.length * 6.6 + 12 && at.height > 44 && (
                <Label x={at.x + at.width - 6} y={at.y + at.height - 7} text={size} atEnd />
            )}
            {isEmpty && at.width > 60 && at.height > 60 && (
                <text
                    x={at.x + at.width / 2}
                    y={at.y + at.height / 2 + 4}
                    textAnchor="middle"
                    className="fill-soft text-row narrow"
                >
                    no picture yet
                </text>
            )}
        </g>
    );
}

function Label({ x, y, text, atEnd = false }: { x: number; y: number; text: string; atEnd?: boolean }) {
    return (
        <text
            x={x}
            y={y}
            textAnchor={atEnd ? 'end' : 'start'}
            className="fill-ink stroke-white text-row font-semibold narrow"
            paintOrder="stroke"
            strokeWidth="3.5"
        >
            {text}
        </text>
    );
}
