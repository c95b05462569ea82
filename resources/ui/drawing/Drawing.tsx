import { useLayoutEffect, useRef, useState, type MouseEvent } from 'react';
import type { DrawingFigures, FaceOffered, LineView, MarkedArea, Remedy } from '@/api/types';
import { drawnCell } from '@/api/cells';
import { useChosen } from '@/drawing/tools/chosen';
import { useLettering } from '@/drawing/tools/lettering';
import { useMode, type Mode } from '@/drawing/tools/mode';
import { viewUrl } from '@/api/views';
import { useKeys } from '@/keys/useKeys';
import type { DrawnFinish } from './finish';
import { DimensionFigure, DimensionLines } from './Dimension';
import { frameFor, placeDimensions, sizeAt } from './layout';
import { Histograms } from './Histograms';
import { LetteringTools, type ChangeLettering } from './lettering/LetteringTools';
import { placeOf } from './lettering/place';
import { OneToOne } from './OneToOne';
import { PictureOnPaper } from './PictureOnPaper';
import { hangsBy } from './pieces';
import { ProofBar } from './ProofBar';
import { Scale } from './Scale';
import { SplitEdge } from './SplitEdge';
import { useProof } from './useProof';
import { useSize } from './useSize';
import { useTrueSize } from './useTrueSize';
import type { WantedWindow } from './tools/window';

interface Props {
    line: LineView & { drawing: DrawingFigures };
    finish: DrawnFinish;
    faces: FaceOffered[];
    /** changes the lettering of what is worked on: the chosen print, or the line */
    onLettering: ChangeLettering;
    onWindow: (window: WantedWindow) => Promise<unknown>;
    onType: (name: string, typed: string) => Promise<unknown>;
    /** tells what failed at the foot of the page */
    tell: (promise: Promise<unknown>) => void;
    onTurn: () => void;
    onMark: (area: MarkedArea) => void;
    onRemedy: (remedy: Remedy) => void;
}

/** The plan, dimensioned. The picture is dragged under the window; figures can be typed into. */
export function Drawing({ line, finish, faces, onLettering, onWindow, onType, tell, onTurn, onMark, onRemedy }: Props) {
    const { ref, size } = useSize<HTMLDivElement>();
    const { mode, set, rest } = useMode();
    const [showsFrame, setShowsFrame] = useState(false);
    const [showsHistograms, setShowsHistograms] = useState(false);
    const [isOneToOne, setIsOneToOne] = useState(false);
    const { chosen } = useChosen();
    const marks = line.cells.length > 0 ? chosen !== null : line.picture !== null;
    const room = finish.beside?.room(line.drawing) ?? 0;
    const preview = viewUrl(line, 'preview');
    useKeys({
        f: () => setShowsFrame((now) => !now),
        h: () => setShowsHistograms((now) => !now && line.planHash !== null),
        '1': () => setIsOneToOne((now) => !now && line.planHash !== null),
        Escape: () => setIsOneToOne(false),
        k: () => (mode.does === 'mark' ? rest() : marks && !isOneToOne && set({ does: 'mark' })),
    });
    const { busy, begin } = useLettering();
    const proof = useProof(line);
    const figures = finish.figures?.(line.drawing, chosen ?? 0) ?? [];
    const dimensioned = { ...line.drawing, dimensions: [...line.drawing.dimensions, ...figures] };
    const trueSize = useTrueSize(!line.drawing.isForScreen && !isOneToOne);
    const scale = trueSize.isOn ? trueSize.perMm! : undefined;
    const drawn = scale === undefined ? size : atLeast(size, sizeAt(scale, dimensioned, room));
    const frame = frameFor(dimensioned, drawn.width, drawn.height, room, scale);
    const dimensions = placeDimensions(dimensioned, frame, drawn.width, drawn.height);
    const field = useRef<HTMLDivElement>(null);
    useLayoutEffect(() => {
        const seen = field.current?.parentElement;
        seen?.scrollTo((seen.scrollWidth - seen.clientWidth) / 2, (seen.scrollHeight - seen.clientHeight) / 2);
    }, [trueSize.isOn]);
    const Paper = finish.Paper ?? PictureOnPaper;
    const print = chosen === null ? undefined : line.drawing.prints[chosen];
    const lettered = (print && drawnCell(line, print.cell)) ?? line;
    const place = placeOf(print, frame);
    const putWords = (event: MouseEvent<HTMLDivElement>) => {
        const root = field.current!.getBoundingClientRect();
        const [x, y] = [event.clientX - root.left - place.x, event.clientY - root.top - place.y];
        const { paper } = lettered.drawing;
        const seen = { x: (place.isTurned ? y : x) / frame.scale, y: (place.isTurned ? -x : y) / frame.scale };
        const hung = hangsBy(lettered.drawing, 'at', seen);
        const start = { x: (seen.x - hung.x) / paper.width, y: (seen.y - hung.y) / paper.height };
        const isOnPaper = start.x >= 0 && start.x <= 1 && start.y >= 0 && start.y <= 1;
        if (isOnPaper && mode.does === 'move' && !isOneToOne && busy === null && event.target instanceof SVGElement) {
            begin(lettered.line.lettering?.length ?? 0, start);
        }
    };
    return (
        <div
            ref={ref}
            className="relative min-h-0 grow overflow-hidden bg-desk select-none"
            data-testid="drawing"
            onDoubleClick={putWords}
        >
            {size.width > 0 && (
                <>
                    {isOneToOne && line.planHash ? (
                        <OneToOne line={line} size={size} at={{ x: 0.5, y: 0.5 }} />
                    ) : (
                        <>
                            <div className={`absolute inset-0 ${trueSize.isOn ? 'overflow-auto' : 'overflow-hidden'}`}>
                                <div ref={field} className="relative" style={drawn}>
                                    <Paper
                                        line={line}
                                        finish={finish}
                                        frame={frame}
                                        showsFrame={showsFrame}
                                        proof={proof}
                                        width={drawn.width}
                                        onWindow={onWindow}
                                        onTurn={onTurn}
                                        onType={(name, typed) => tell(onType(name, typed))}
                                        onMark={onMark}
                                    />
                                    {mode.does === 'move' && (
                                        <LetteringTools
                                            line={lettered}
                                            faces={faces}
                                            place={place}
                                            scale={frame.scale}
                                            isCell={print !== undefined}
                                            change={onLettering}
                                        />
                                    )}
                                    <svg
                                        className="pointer-events-none absolute inset-0"
                                        width={drawn.width}
                                        height={drawn.height}
                                        aria-hidden="true"
                                    >
                                        {dimensions.map((dimension) => (
                                            <DimensionLines key={dimension.name} dimension={dimension} />
                                        ))}
                                    </svg>
                                    {dimensions.map((dimension) => (
                                        <DimensionFigure key={dimension.name} dimension={dimension} onType={onType} />
                                    ))}
                                    {proof.isSplit && <SplitEdge at={proof.split} width={drawn.width} onMove={proof.setSplit} />}
                                </div>
                            </div>
                            {!line.drawing.isForScreen && <Scale of={frame.scale} drawing={line.drawing} trueSize={trueSize} />}
                            {!line.drawing.isForScreen && <ProofBar line={line} proof={proof} onRemedy={onRemedy} />}
                            {finish.beside && room > 0 && preview && (
                                <finish.beside.Look drawing={line.drawing} href={preview} room={size} />
                            )}
                            {showsFrame && <WhatAFrameCovers line={line} />}
                            <WhatTheHandDoes mode={mode} />
                        </>
                    )}
                    {showsHistograms && line.planHash && <Histograms line={line} />}
                </>
            )}
        </div>
    );
}

const atLeast = (one: { width: number; height: number }, other: { width: number; height: number }) => ({
    width: Math.max(one.width, other.width),
    height: Math.max(one.height, other.height),
});

const WhatAFrameCovers = ({ line }: { line: Props['line'] }) => (
    <p className="absolute right-4 bottom-2.5 text-small leading-none narrow">
        {line.drawing.frameCover > 0 ? `hatched: ${line.uses.frameCover} that a frame will cover` : 'no frame covers this'}
    </p>
);

const ASKS: Record<Exclude<Mode['does'], 'move'>, string> = {
    mark: 'Drag over what must stay in. Esc leaves it.',
    'take-colour': 'Press on the colour you want. Esc leaves it.',
};

const WhatTheHandDoes = ({ mode }: { mode: Mode }) =>
    mode.does !== 'move' && (
        <p role="status" className="absolute top-2 left-1/2 -translate-x-1/2 rounded-sm bg-ink px-3 py-1.5 text-row text-white">
            {ASKS[mode.does]}
        </p>
    );
