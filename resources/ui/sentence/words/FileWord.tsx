import { useTell } from '@/common/useTell';
import { useWeight } from '@/api/views';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

const KEPT = [
    { value: 'credits' as const, label: 'Caption and copyright' },
    { value: 'camera' as const, label: 'Camera and exposure, too' },
    { value: 'everything' as const, label: 'All it carries', note: 'the place, too' },
];

const LABELS = { jpeg: 'JPEG', tiff: 'TIFF' };

export function FileWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const { format, quality } = line.uses;
    const weight = useWeight(line);
    const setQuality = (typed: string) => {
        const number = /^\d{1,3}$/.test(typed) ? Number(typed) : NaN;
        return number >= 1 && number <= 100
            ? change({ output: { quality: number } })
            : Promise.reject(new Error(`“${typed}” is not a JPEG quality. Write a whole number from 1 to 100.`));
    };
    return (
        <div className="flex flex-col gap-3">
            {!line.drawing?.isForScreen && (
                <Choice
                    label="Kind of file"
                    value={format}
                    onChoose={(chosen) =>
                        tell(change({ output: { format: chosen, ...(chosen === 'jpeg' ? { bits: null } : {}) } }))
                    }
                    options={(['jpeg', 'tiff'] as const).map((value) => ({
                        value,
                        label: LABELS[value],
                        note: order.labCard.formats.includes(value) ? undefined : 'the lab takes none',
                    }))}
                />
            )}
            {format === 'jpeg' && (
                <Typed
                    label="Quality, 1 to 100"
                    value={String(quality)}
                    width="w-16"
                    inputMode="numeric"
                    onSet={setQuality}
                    onDone={close}
                />
            )}
            {format === 'tiff' && (
                <Choice
                    label="Bits a colour"
                    value={String(line.line.output?.bits ?? 8)}
                    onChoose={(bits) => tell(change({ output: { bits: bits === '16' ? 16 : null } }))}
                    options={['8', '16'].map((value) => ({
                        value,
                        label: `${value} bits a colour`,
                        note: order.labCard.bits.includes(Number(value)) ? undefined : 'the lab takes none',
                    }))}
                />
            )}
            <div>
                <p className="mb-1 text-small text-soft">Of the picture’s own data it takes along</p>
                <Choice
                    label="Of the picture’s own data it takes along"
                    value={line.line.output?.keep ?? 'credits'}
                    onChoose={(keep) => tell(change({ output: { keep: keep === 'credits' ? null : keep } }))}
                    options={KEPT}
                />
            </div>
            {line.planHash && (
                <p role="status" className="text-small text-soft">
                    {weight.data?.note ?? weight.error?.message ?? 'Weighing a sample of it…'}
                </p>
            )}
        </div>
    );
}
