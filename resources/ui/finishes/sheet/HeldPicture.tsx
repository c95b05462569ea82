import type { DrawingFigures, LineView, PixelRect } from '@/api/types';
import { css } from '@/drawing/pieces';
import { Placed } from '@/drawing/Placed';

interface Props {
    print: DrawingFigures['prints'][number];
    /** the print, and the image on it where the print lies upright, in screen pixels */
    box: PixelRect;
    image: PixelRect;
    picture: NonNullable<LineView['picture']>;
    /** the part of the picture that is printed, in its own pixels */
    rect: PixelRect;
    perPixel: number;
}

/** The print with its picture as the hand holds it, over the preview that still shows how it was. */
export function HeldPicture({ print, box, image, picture, rect, perPixel }: Props) {
    const [width, height] = print.isTurned ? [box.height, box.width] : [box.width, box.height];
    const transform = print.isTurned ? `translate(${box.width}px, 0) rotate(90deg)` : undefined;
    return (
        <div className="pointer-events-none absolute overflow-hidden" style={css(box)}>
            <div
                className="absolute top-0 left-0 origin-top-left"
                style={{ width, height, background: print.paperColour, transform }}
            >
                <div className="absolute overflow-hidden" style={css(image)} data-testid="held">
                    <Placed picture={picture} rect={rect} image={{ ...image, x: 0, y: 0 }} perPixel={perPixel} />
                </div>
            </div>
        </div>
    );
}
