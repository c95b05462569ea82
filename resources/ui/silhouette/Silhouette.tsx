import { thumbUrl } from '@/api/client';
import type { DrawingFigures, UsedPicture } from '@/api/types';

/** Screen pixels per mm so that the largest of some papers fits a box. One scale for all of them. */
export function scaleFor(drawings: (DrawingFigures | null)[], width: number, height: number): number {
    const fits = drawings.flatMap((drawing) => (drawing ? [width / drawing.paper.width, height / drawing.paper.height] : []));
    return Math.min(...fits, 1);
}

interface Props {
    drawing: DrawingFigures | null;
    picture: UsedPicture | null;
    scale: number;
    /** empty where words beside it say the same */
    label: string;
}

/** A print at its true size relative to the others: its paper, and the part of the picture that is on it. */
export function Silhouette({ drawing, picture, scale, label }: Props) {
    if (!drawing) {
        return null;
    }
    const width = Math.max(6, drawing.paper.width * scale);
    const height = Math.max(6, drawing.paper.height * scale);
    const window = drawing.window;
    return (
        <svg
            width={width}
            height={height}
            viewBox={`0 0 ${width} ${height}`}
            {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
            className="block shrink-0 drop-shadow-sm"
        >
            {picture && window ? (
                <svg
                    width={width}
                    height={height}
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
            ) : (
                <rect
                    x="0.5"
                    y="0.5"
                    width={width - 1}
                    height={height - 1}
                    className="fill-white stroke-soft"
                    strokeDasharray="3 2.5"
                />
            )}
        </svg>
    );
}
