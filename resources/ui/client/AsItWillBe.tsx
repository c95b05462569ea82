import { useState } from 'react';
import type { Box, ShownPrint } from '@/api/types';
import { TurnedCanvas, type Side } from '@/finishes/canvas/TurnedView';

/** How large a turned canvas is seen, in screen pixels. */
const TURNED = { width: 300, height: 240 };

const share = (of: number, whole: number) => `${(100 * of) / whole}%`;

/** The print as it will be: trimmed, panels as they hang, a canvas turned as well. */
export function AsItWillBe({ print }: { print: ShownPrint }) {
    const { hung, paper, sheet, wrap, pictures, title } = print;
    const [from, setFrom] = useState<Side>('right');
    const whole = { left: 0, top: 0, ...paper };
    const areApart = hung.pieces.length > 1;
    const size = areApart ? hung.size : whole;
    const pieces = areApart ? hung.pieces : [{ at: whole, shows: whole }];
    return (
        <div className="bg-groove p-[6%]" role="group" aria-label={`${title}, as it will be`}>
            <div
                className="relative mx-auto max-h-[70vh] max-w-full"
                style={{
                    aspectRatio: `${size.width} / ${size.height}`,
                    width: `min(100%, ${(70 * size.width) / size.height}vh)`,
                }}
            >
                {pieces.map(({ at, shows }, i) => (
                    <div
                        key={i}
                        className="absolute overflow-hidden bg-white shadow-paper"
                        style={{
                            left: share(at.left - size.left, size.width),
                            top: share(at.top - size.top, size.height),
                            width: share(at.width, size.width),
                            height: share(at.height, size.height),
                        }}
                    >
                        <Part picture={pictures} sheet={sheet} shows={shows} alt={i === 0 ? title : ''} />
                    </div>
                ))}
            </div>
            {wrap && wrap.depth > 0 && (
                <div className="mt-5 flex flex-col items-center gap-1.5">
                    <TurnedCanvas drawing={{ paper, sheet, wrap }} href={pictures.small} from={from} {...TURNED} />
                    <button
                        type="button"
                        className="min-h-8 px-2 text-base underline underline-offset-4"
                        onClick={() => setFrom(from === 'right' ? 'left' : 'right')}
                    >
                        as it hangs; see it from the {from === 'right' ? 'left' : 'right'}
                    </button>
                </div>
            )}
        </div>
    );
}

/** The part of the whole that a piece shows. */
function Part({ picture, sheet, shows, alt }: { picture: ShownPrint['pictures']; sheet: Box; shows: Box; alt: string }) {
    return (
        <img
            src={picture.small}
            srcSet={`${picture.small} 800w, ${picture.large} 1600w`}
            sizes="(min-width: 768px) 700px, 100vw"
            loading="lazy"
            decoding="async"
            alt={alt}
            draggable={false}
            className="absolute max-w-none"
            style={{
                left: share(sheet.left - shows.left, shows.width),
                top: share(sheet.top - shows.top, shows.height),
                width: share(sheet.width, shows.width),
                height: share(sheet.height, shows.height),
            }}
        />
    );
}
