import { thumbUrl } from '@/api/client';
import type { MadeFile } from '@/api/types';

interface Props {
    /** its checksum */
    picture: string;
    shows: MadeFile['shows'];
}

/** The part of its picture that is in a file. */
export function FileExtent({ picture, shows }: Props) {
    const url = thumbUrl(picture);
    const size = 'h-10 w-[52px]';
    if (!shows || shows.window.width <= 0 || shows.window.height <= 0) {
        return <img src={url} alt="" className={`${size} object-cover`} />;
    }
    const { x, y, width, height } = shows.window;
    return (
        <svg viewBox={`${x} ${y} ${width} ${height}`} className={size} aria-hidden="true">
            <svg x={x} y={y} width={width} height={height} viewBox={`${x} ${y} ${width} ${height}`}>
                <image href={url} width={shows.width} height={shows.height} preserveAspectRatio="none" />
            </svg>
        </svg>
    );
}
