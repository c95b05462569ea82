import { useTestStrip, type StripOver } from '@/api/apart';
import { Button } from '@/common/Button';
import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';
import { asPercent, fromPercent } from '@/words/percent';

const OVER: { over: StripOver; label: string }[] = [
    { over: 'lightness', label: 'lightness' },
    { over: 'contrast', label: 'contrast' },
    { over: 'both', label: 'both, 3 × 3' },
];

/** What is done to the lightness of this print for its paper; P shows it there. */
export function ForPaperWord({ line, order, change }: WordProps) {
    const strip = useTestStrip(order.id);
    const tell = useTell();
    const { open = 0, contrast = 0 } = line.line.forPaper ?? {};
    return (
        <div className="flex flex-col gap-3">
            <Typed
                label="Three-quarter tones opened by"
                value={asPercent(open)}
                onSet={async (typed) => change({ forPaper: { open: fromPercent(typed) || null } })}
                note="Lightness 10 to 50 is lifted, most of all 25; black and light tones stay."
            />
            <Typed
                label="More contrast"
                value={asPercent(contrast)}
                onSet={async (typed) => change({ forPaper: { contrast: fromPercent(typed) || null } })}
                note="Of this print only; the picture stays as it is. P shows it on its paper, and stays on while this is changed."
            />
            {line.cells.length === 0 && line.testOf === null && (
                <div role="group" aria-label="Print a test strip" className="flex flex-wrap items-baseline gap-2">
                    <span className="w-full text-small text-soft">Print a test strip over</span>
                    {OVER.map(({ over, label }) => (
                        <Button
                            key={over}
                            onClick={() => tell(strip.mutateAsync({ lineId: line.id, over, now: { open, contrast } }))}
                            disabled={strip.isPending}
                        >
                            {label}
                        </Button>
                    ))}
                </div>
            )}
        </div>
    );
}
