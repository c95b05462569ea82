import { useRef } from 'react';
import type { MarkedArea, PixelRect } from '@/api/types';
import { Clipped } from './Clipped';
import { FrameCover } from './FrameCover';
import { MountOpening } from './MountOpening';
import { Handles } from './Handles';
import { WordsSeen } from './lettering/WordsSeen';
import { Marked } from './Marked';
import type { PaperProps } from './finish';
import { css, onScreen, piecesOf, shifted } from './pieces';
import { Placed } from './Placed';
import { Rendered } from './Rendered';
import { TrimTicks } from './TrimTicks';
import { useLettering } from './tools/lettering';
import { useTools } from './tools/useTools';

const CURSORS = { move: '', mark: 'cursor-crosshair', 'take-colour': 'cursor-cell' };

/** The sheet, the paper and what is on it; what the window leaves out lies veiled round it. */
export function PictureOnPaper({ line, finish, frame, showsFrame, proof, width, onType, ...acts }: PaperProps) {
    const { drawing, picture } = line;
    const svg = useRef<SVGSVGElement>(null);
    const { busy } = useLettering();
    const place = onScreen(frame);
    const [sheet, image] = [place(drawing.sheet), place(drawing.image)];
    const paper = place({ left: 0, top: 0, ...drawing.paper });
    const seen = piecesOf(drawing, frame);
    const { pieces, areApart } = seen;
    const { mode, moves, rect, perPixel, isHeld, marked, handlers } = useTools({ line, image, svg, ...seen, ...acts });
    const under = picture && rect ? { picture, rect, perPixel } : null;
    const isMoving = mode.does === 'move';
    const cursor = isMoving && moves ? 'cursor-grab active:cursor-grabbing' : CURSORS[mode.does];
    const hasRoom = drawing.dimensions.some((dimension) => dimension.name.startsWith('image'));
    const area = (of: MarkedArea): PixelRect => ({
        x: image.x + (of.x * picture!.width - rect!.x) * perPixel,
        y: image.y + (of.y * picture!.height - rect!.y) * perPixel,
        width: of.width * picture!.width * perPixel,
        height: of.height * picture!.height * perPixel,
    });
    return (
        <>
            {/* What moves under the hand are layers of their own, so that a drag paints nothing anew. */}
            {under && moves && <Placed {...under} image={image} className="opacity-30" />}
            {pieces.map(({ at }, i) => (
                <div
                    key={i}
                    className="absolute bg-white shadow-paper"
                    style={css(at)}
                    data-testid={areApart ? 'panel' : 'sheet'}
                />
            ))}
            {!areApart && (
                <div className="absolute" style={{ ...css(paper), background: drawing.paperColour }} data-testid="paper" />
            )}
            {under && isHeld && finish.Dragged && <finish.Dragged {...under} line={line.line} image={image} sheet={sheet} />}
            {under &&
                pieces.map(({ at, shift }, i) => {
                    const within = areApart ? at : image;
                    return (
                        <div key={i} className="absolute overflow-hidden" style={css(within)}>
                            <Placed
                                {...under}
                                image={{ ...image, x: image.x + shift.x - within.x, y: image.y + shift.y - within.y }}
                            />
                        </div>
                    );
                })}
            <svg
                ref={svg}
                className={`absolute inset-0 size-full touch-none ${picture ? cursor : ''}`}
                role="img"
                aria-label={`${line.short}. ${moves ? 'Drag the picture, or use the arrow keys.' : 'The whole picture.'}`}
                {...handlers}
            >
                {drawing.keyline && picture && (
                    <rect
                        {...image}
                        fill="none"
                        stroke={drawing.keyline.colour}
                        strokeWidth={Math.max(1, drawing.keyline.width * frame.scale)}
                    />
                )}
                {!picture && (
                    <text
                        x={paper.x + paper.width / 2}
                        y={paper.y + paper.height / 2}
                        textAnchor="middle"
                        className="fill-soft text-base"
                    >
                        No picture yet: choose one in the sentence
                    </text>
                )}
                {pieces.map(({ at, shift }, i) => (
                    <Clipped key={i} at={areApart ? at : null} id={`lettered-${i}`}>
                        <g transform={`translate(${paper.x + shift.x} ${paper.y + shift.y})`}>
                            <WordsSeen drawing={drawing} scale={frame.scale} without={busy?.at} />
                        </g>
                    </Clipped>
                ))}
                {!isHeld && busy === null && <Rendered line={line} proof={proof} sheet={sheet} seen={seen} width={width} />}
                {areApart ? (
                    pieces.map(({ at }, i) => <rect key={i} {...at} className="fill-none stroke-ink/60" strokeWidth="0.8" />)
                ) : (
                    <>
                        <rect {...sheet} className="fill-none stroke-ink/35" strokeWidth="0.8" />
                        {finish.hasPaperEdge && <rect {...paper} className="fill-none stroke-ink/60" strokeWidth="0.8" />}
                        <TrimTicks drawing={drawing} frame={frame} />
                    </>
                )}
                {finish.Lines && <finish.Lines drawing={drawing} frame={frame} />}
                <MountOpening drawing={drawing} frame={frame} />
                {showsFrame && drawing.frameCover > 0 && <FrameCover drawing={drawing} frame={frame} />}
                {under &&
                    marked.map((one, i) =>
                        pieces.map(({ at, shift }, piece) => (
                            <Clipped key={`${i} ${piece}`} at={areApart ? at : null} id={`panel-${piece}`}>
                                <Marked area={one} at={shifted(area(one), shift)} />
                            </Clipped>
                        )),
                    )}
                {picture && hasRoom && isMoving && <Handles drawing={drawing} frame={frame} onType={onType} />}
                {picture && finish.Handles && isMoving && <finish.Handles drawing={drawing} frame={frame} onType={onType} />}
            </svg>
            {finish.Joints && areApart && isMoving && (
                <svg className="pointer-events-none absolute inset-0 size-full touch-none">
                    <finish.Joints drawing={drawing} frame={frame} onType={onType} />
                </svg>
            )}
        </>
    );
}
