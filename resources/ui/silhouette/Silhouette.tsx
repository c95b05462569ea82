import { screenUrl, thumbUrl } from '@/api/client';
import type { DrawingFigures, PixelRect, UsedPicture } from '@/api/types';
import { WordsSeen } from '@/drawing/lettering/WordsSeen';
import { WordsAsBars } from '@/drawing/lettering/WordsAsBars';
import { PrintDrawn } from '@/finishes/sheet/PrintDrawn';

/** Screen pixels per mm so that the largest of some sheets fits a box. One scale for all of them. */
export function scaleFor(drawings: (DrawingFigures | null)[], width: number, height: number): number {
    const fits = drawings.flatMap((drawing) =>
        drawing ? [width / drawing.hung.size.width, height / drawing.hung.size.height] : [],
    );
    return Math.min(...fits, 1);
}

interface Props {
    drawing: DrawingFigures | null;
    picture: UsedPicture | null;
    /** screen pixels per mm */
    scale: number;
    /** empty where words beside it say the same */
    label: string;
    /** large enough to be looked at: a finer picture, and no line round panels */
    isLarge?: boolean;
}

/** What will hang, at its true size relative to the others: each piece with the paper and the part of the picture on it. */
export function Silhouette({ drawing, picture, scale, label, isLarge = false }: Props) {
    if (!drawing) {
        return null;
    }
    const { size, pieces } = drawing.hung;
    const rim = 0.5 / scale;
    return (
        <svg
            width={size.width * scale}
            height={size.height * scale}
            viewBox={`${size.left} ${size.top} ${size.width} ${size.height}`}
            {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
            // a shadow of the box costs a long order sheet nothing; one of each piece is a filter
            className={`block shrink-0 ${pieces.length > 1 ? 'drop-shadow-sm' : 'shadow-sm'}`}
        >
            {pieces.map(({ at, shows }, i) => (
                <svg
                    key={i}
                    x={at.left}
                    y={at.top}
                    width={at.width}
                    height={at.height}
                    viewBox={`${shows.left} ${shows.top} ${shows.width} ${shows.height}`}
                >
                    <rect x={shows.left} y={shows.top} width={shows.width} height={shows.height} fill="#fff" />
                    {drawing.prints.length > 0 ? (
                        drawing.prints.map((print, at) => <PrintDrawn key={at} print={print} isLarge={isLarge} rim={rim} />)
                    ) : picture && drawing.window ? (
                        <OnPaper
                            drawing={drawing}
                            picture={picture}
                            window={drawing.window}
                            href={(isLarge ? screenUrl : thumbUrl)(picture.sha256)}
                            isLarge={isLarge}
                        />
                    ) : (
                        <rect
                            x={shows.left + rim}
                            y={shows.top + rim}
                            width={shows.width - 2 * rim}
                            height={shows.height - 2 * rim}
                            className="fill-white stroke-soft"
                            strokeWidth={1 / scale}
                            strokeDasharray={`${3 / scale} ${2.5 / scale}`}
                        />
                    )}
                    {pieces.length > 1 && !isLarge && drawing.prints.length === 0 && (
                        <rect
                            x={shows.left}
                            y={shows.top}
                            width={shows.width}
                            height={shows.height}
                            className="fill-none stroke-white"
                            strokeWidth={0.8 / scale}
                        />
                    )}
                </svg>
            ))}
        </svg>
    );
}

interface OnPaperProps {
    drawing: DrawingFigures;
    picture: UsedPicture;
    window: PixelRect;
    href: string;
    isLarge: boolean;
}

function OnPaper({ drawing, picture, window, href, isLarge }: OnPaperProps) {
    const { paper, image } = drawing;
    return (
        <>
            <rect width={paper.width} height={paper.height} fill={drawing.paperColour} />
            <svg
                x={image.left}
                y={image.top}
                width={image.width}
                height={image.height}
                viewBox={`${window.x} ${window.y} ${window.width} ${window.height}`}
                preserveAspectRatio="none"
            >
                <image href={href} width={picture.width} height={picture.height} preserveAspectRatio="none" />
            </svg>
            {isLarge ? <WordsSeen drawing={drawing} scale={1} /> : <WordsAsBars drawing={drawing} />}
        </>
    );
}
