import { screenUrl } from '@/api/client';
import type { PixelRect } from '@/api/types';

export interface PlacedProps {
    picture: { sha256: string; width: number; height: number };
    rect: PixelRect;
    image: PixelRect;
    perPixel: number;
    className?: string;
}

/** The whole picture, scaled and shifted so that its window lies on the image's place. */
export function Placed({ picture, rect, image, perPixel, className = '' }: PlacedProps) {
    return (
        <img
            src={screenUrl(picture.sha256)}
            alt=""
            draggable={false}
            className={`pointer-events-none absolute top-0 left-0 max-w-none origin-top-left will-change-transform ${className}`}
            style={{
                width: picture.width * perPixel,
                height: picture.height * perPixel,
                transform: `translate(${image.x - rect.x * perPixel}px, ${image.y - rect.y * perPixel}px)`,
            }}
        />
    );
}
