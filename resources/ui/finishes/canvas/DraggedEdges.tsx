import { css } from '@/drawing/pieces';
import { Placed } from '@/drawing/Placed';
import type { DraggedProps } from '@/drawing/finish';

/** The band that is drawn out over the edge is a tenth of its depth, as core has it. */
const DRAWN_OUT_TIMES = 10;

/** A canvas's edge while its picture is dragged, until the rendered one arrives: each side the face mirrored in its fold. */
export function DraggedEdges({ line, sheet, image, ...placed }: DraggedProps) {
    const edge = line.canvas?.edge;
    if (edge === 'one-colour' || edge === 'runs-on') {
        return null;
    }
    const times = edge === 'drawn-out' ? DRAWN_OUT_TIMES : 1;
    const scale = (side: number) => (side === 0 ? 1 : -times);
    // a pixel within the face, so that what its outermost row lacks of a whole pixel isn't drawn out
    const fold = (side: number) => (side < 0 ? '1px' : 'calc(100% - 1px)');
    const sides = [-1, 0, 1];
    return sides.flatMap((across) =>
        sides.map((down) => (
            <div
                key={`${across} ${down}`}
                className="absolute overflow-hidden"
                style={css(sheet)}
                hidden={across === 0 && down === 0}
            >
                <div
                    className="absolute overflow-hidden"
                    style={{
                        ...css({ ...image, x: image.x - sheet.x, y: image.y - sheet.y }),
                        transform: `scale(${scale(across)}, ${scale(down)})`,
                        transformOrigin: `${fold(across)} ${fold(down)}`,
                    }}
                >
                    <Placed {...placed} image={{ ...image, x: 0, y: 0 }} />
                </div>
            </div>
        )),
    );
}
