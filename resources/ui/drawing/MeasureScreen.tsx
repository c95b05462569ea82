import { useState } from 'react';
import { Button } from '@/common/Button';
import { OverPage } from '@/common/OverPage';
import { CARD_MM, CSS_PIXELS_PER_MM, measured } from './screen';
import type { TrueSize } from './useTrueSize';

/** A card is 53.98 mm high. */
const SHAPE = 53.98 / CARD_MM;

/** Measures the screen, once: a bank card is held against it, and the one drawn is made as wide. */
export function MeasureScreen({ of }: { of: TrueSize }) {
    const [width, setWidth] = useState(() => Math.round((of.perMm ?? CSS_PIXELS_PER_MM) * CARD_MM));
    return (
        <OverPage
            title="How large is this screen?"
            isOpen={of.isMeasuring}
            onOpen={(opens) => {
                of.measure(opens);
                if (!opens && of.perMm === null) {
                    of.leave();
                }
            }}
            className="w-[40rem] max-w-[94vw]"
        >
            <form
                onSubmit={(event) => {
                    event.preventDefault();
                    measured(width);
                    of.measure(false);
                }}
            >
                <p className="text-row">
                    Hold a bank card against the screen, its left edge on the line, and make the drawn one as wide. All of them
                    are {CARD_MM} mm. It is asked once; this browser keeps it.
                </p>
                <svg
                    width="100%"
                    height={Math.round(width * SHAPE) + 8}
                    className="my-4 overflow-visible"
                    data-testid="card"
                    data-width={width}
                    aria-hidden="true"
                >
                    <rect x="1" y="4" width={width} height={width * SHAPE} rx="10" className="fill-desk stroke-ink" />
                    <path
                        d={`M1 0 V${width * SHAPE + 8} M${width + 1} 0 V${width * SHAPE + 8}`}
                        className="stroke-copper"
                        strokeWidth="1.5"
                    />
                </svg>
                <label className="flex items-center gap-3 text-row">
                    Width of the card
                    <input
                        type="range"
                        min="140"
                        max="560"
                        value={width}
                        onChange={(event) => setWidth(Number(event.target.value))}
                        className="grow accent-copper"
                        aria-valuetext={`${width} pixels`}
                    />
                </label>
                <div className="mt-5 flex gap-3">
                    <Button type="submit" look="main">
                        It is as wide
                    </Button>
                </div>
            </form>
        </OverPage>
    );
}
