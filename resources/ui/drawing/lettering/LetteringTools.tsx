import type { DrawingFigures, FaceOffered, Lettering, LineView } from '@/api/types';
import { useKeys } from '@/keys/useKeys';
import { useLettering, useNewLettering } from '../tools/lettering';
import { hangsBy } from '../pieces';
import { BlockUnderHand } from './BlockUnderHand';
import { newHeight, type PrintPlace } from './place';
import { TypedBlock } from './TypedBlock';

export type ChangeLettering = (changed: (all: Lettering[]) => Lettering[]) => Promise<unknown>;

interface Props {
    line: LineView & { drawing: DrawingFigures };
    faces: FaceOffered[];
    place: PrintPlace;
    scale: number;
    /** one print of a sheet: its letters stay inside its cuts */
    isCell: boolean;
    change: ChangeLettering;
}

/** The line's lettering under the hand: typed where it stands, dragged, made wider or narrower at its edge. */
export function LetteringTools({ line, faces, place, scale, isCell, change }: Props) {
    const { drawing } = line;
    const { busy, set, start, begin } = useLettering();
    const beginNew = useNewLettering(line);
    const wanted = line.line.lettering ?? [];
    const { lettering: blocks, overlays } = drawing.added;
    useKeys({ l: beginNew });
    const at = `translate(${place.x}px, ${place.y}px)${place.isTurned ? ' rotate(90deg)' : ''}`;
    const keep = (which: number, next: Partial<Lettering> | null) =>
        change((all) =>
            next === null
                ? all.filter((_, i) => i !== which)
                : which >= all.length
                  ? [...all, { text: '', ...next }]
                  : all.map((one, i) => (i === which ? { ...one, ...next } : one)),
        );
    const typed = busy?.does === 'type' ? busy.at : null;
    const newBlock = {
        text: '',
        colour: onPicture(drawing, start),
        height: `${newHeight(drawing.paper)} mm`,
        ...start,
        ...(isCell && { widest: within(drawing, start) }),
    };
    // A block is under the hand where it is seen: with the panel that holds its anchor.
    const hung = ({ x = 0.5, y = 0.5 }: Lettering) => {
        const by = hangsBy(drawing, 'shows', { x: x * drawing.paper.width, y: y * drawing.paper.height });
        return { className: 'absolute', style: { left: by.x * scale, top: by.y * scale } };
    };
    return (
        <div className="pointer-events-none absolute top-0 left-0 z-10 origin-top-left" style={{ transform: at }}>
            {blocks.map(
                (block, i) =>
                    i !== typed &&
                    wanted[i] && (
                        <div key={i} {...hung(wanted[i])}>
                            <BlockUnderHand
                                block={block}
                                wanted={wanted[i]}
                                drawing={drawing}
                                others={blocks.filter((_, other) => other !== i)}
                                scale={scale}
                                isTurned={place.isTurned}
                                isMoved={busy?.does === 'move' && busy.at === i}
                                onMove={(moves) => set(moves ? { does: 'move', at: i } : null)}
                                onKeep={(next) => keep(i, next)}
                                onType={() => begin(i)}
                                saidOf={`lettering.${i}`}
                            />
                        </div>
                    ),
            )}
            {overlays.length === (line.line.overlays ?? []).length &&
                overlays.map(({ name, box }, i) => (
                    <button
                        key={i}
                        type="button"
                        data-said-of={`overlays.${i}`}
                        aria-label={`Mark “${name}”. W says something of it.`}
                        className={`absolute outline-1 outline-transparent outline-dashed focus-visible:outline-copper ${
                            line.line.overlays?.[i]?.where === 'whole' ? '' : 'pointer-events-auto hover:outline-copper'
                        }`}
                        style={{
                            left: box.left * scale,
                            top: box.top * scale,
                            width: box.width * scale,
                            height: box.height * scale,
                        }}
                    />
                ))}
            {typed !== null && (
                <div key={typed} {...hung(wanted[typed] ?? newBlock)}>
                    <TypedBlock
                        wanted={wanted[typed] ?? newBlock}
                        set={blocks[typed]}
                        faces={faces}
                        paper={drawing.paper}
                        scale={scale}
                        onDone={async (next) => {
                            if (next !== null || wanted[typed] !== undefined) {
                                await keep(typed, next);
                            }
                            set(null);
                        }}
                    />
                </div>
            )}
        </div>
    );
}

/** As wide as a block may be about its middle to stay on its paper, a twentieth left free. */
const within = ({ paper }: DrawingFigures, { x }: { x: number }) =>
    `${Math.max(1, Math.round(1.9 * Math.min(x, 1 - x) * paper.width))} mm`;

/** White on the picture, black on its paper. */
const onPicture = ({ image, paper }: DrawingFigures, { x, y }: { x: number; y: number }) => {
    const [left, top] = [x * paper.width - image.left, y * paper.height - image.top];
    return left >= 0 && left <= image.width && top >= 0 && top <= image.height ? '#ffffff' : '#000000';
};
