import type { DrawingFigures } from '@/api/types';
import { useUnit } from '@/api/people';
import { MeasureScreen } from './MeasureScreen';
import { ScaleBar } from './ScaleBar';
import { CSS_PIXELS_PER_MM } from './screen';
import { rulerUnit } from './units';
import type { TrueSize } from './useTrueSize';

/** At what scale it is drawn, and the way to the print's own. */
export function Scale({ of, drawing, trueSize }: { of: number; drawing: DrawingFigures; trueSize: TrueSize }) {
    const unit = rulerUnit(drawing, useUnit());
    const drawn = ((trueSize.perMm ?? CSS_PIXELS_PER_MM) / of).toFixed(1);
    return (
        <div className="absolute bottom-1.5 left-2 z-10 flex items-end gap-4 rounded-xs bg-desk/85 px-2 py-1">
            <ScaleBar scale={of} unit={unit} />
            <button
                type="button"
                aria-pressed={trueSize.isOn}
                title="0: as large as the print will be"
                onClick={trueSize.toggle}
                className="-my-1.5 min-h-6 rounded-xs px-1 text-small leading-none narrow hover:bg-white/70 aria-pressed:bg-white aria-pressed:font-semibold"
            >
                {trueSize.isOn ? 'true size' : `drawn 1 : ${drawn}`}
            </button>
            {trueSize.isOn && (
                <button
                    type="button"
                    className="-my-1.5 min-h-6 rounded-xs px-1 text-small leading-none text-copper-deep narrow underline underline-offset-4"
                    onClick={() => trueSize.measure(true)}
                >
                    measure the screen anew
                </button>
            )}
            {trueSize.isMeasuring && <MeasureScreen of={trueSize} />}
        </div>
    );
}
