import { thumbUrl } from '@/api/client';
import type { DrawingFigures, UsedPicture } from '@/api/types';

/** Screen pixels per mm so that the largest of some sheets fits a box. One scale for all of them. */
export function scaleFor(drawings: (DrawingFigures | null)[], width: number, height: number): number {
    const fits = drawings.flatMap((drawing) => (drawing ? [width / drawing.sheet.width, height / drawing.sheet.height] : []));
    return Math.min(...fits, 1);
}

interface Props {
    drawing: DrawingFigures | null;
    picture: UsedPicture | null;
    /** screen pixels per mm */
    scale: number;
    /** empty where words beside it say the same */
    label: string;
}

/** A print at its true size relative to the others: its sheet, its paper, and the part of the picture that is on it. */
export function Silhouette({ drawing, picture, scale, label }: Props) {
    if (!drawing) {
        return null;
    }
    const { sheet, image, paper, window } = drawing;
    const hasPicture = picture && window;
    const rim = 0.5 / scale;
    return (
        <svg
            width={sheet.width * scale}
            height={sheet.height * scale}
            viewBox={`${sheet.left} ${sheet.top} ${sheet.width} ${sheet.height}`}
            {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
            className="block shrink-0 drop-shadow-sm"
        >
            <rect x={sheet.left} y={sheet.top} width={sheet.width} height={sheet.height} fill="#fff" />
            {hasPicture ? (
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
                        <image
                            href={thumbUrl(picture.sha256)}
                            width={picture.width}
                            height={picture.height}
                            preserveAspectRatio="none"
                        />
                    </svg>
                </>
            ) : (
                <rect
                    x={rim}
                    y={rim}
                    width={sheet.width - 2 * rim}
                    height={sheet.height - 2 * rim}
                    className="fill-white stroke-soft"
                    strokeWidth={1 / scale}
                    strokeDasharray={`${3 / scale} ${2.5 / scale}`}
                />
            )}
        </svg>
    );
}
