import { screenUrl, thumbUrl } from '@/api/client';
import type { SheetPrint } from '@/api/types';

interface Props {
    print: SheetPrint;
    /** large enough to be looked at: a finer picture */
    isLarge?: boolean;
    /** how wide a line is, in mm */
    rim: number;
}

/** One print of a sheet where it lies, in mm. */
export function PrintDrawn({ print, isLarge = false, rim }: Props) {
    const { at, isTurned, picture, image, window, paperColour } = print;
    const [width, height] = isTurned ? [at.height, at.width] : [at.width, at.height];
    const place = isTurned ? `translate(${at.left + at.width} ${at.top}) rotate(90)` : `translate(${at.left} ${at.top})`;
    if (!picture || !image || !window) {
        return (
            <rect
                x={at.left + rim}
                y={at.top + rim}
                width={Math.max(0, at.width - 2 * rim)}
                height={Math.max(0, at.height - 2 * rim)}
                className="fill-white stroke-soft"
                strokeWidth={2 * rim}
                strokeDasharray={`${6 * rim} ${5 * rim}`}
            />
        );
    }
    return (
        <g transform={place}>
            <rect width={width} height={height} fill={paperColour} />
            <svg
                x={image.left}
                y={image.top}
                width={image.width}
                height={image.height}
                viewBox={`${window.x} ${window.y} ${window.width} ${window.height}`}
                preserveAspectRatio="none"
            >
                <image
                    href={(isLarge ? screenUrl : thumbUrl)(picture.sha256)}
                    width={picture.width}
                    height={picture.height}
                    preserveAspectRatio="none"
                />
            </svg>
        </g>
    );
}
