import type { LineView, Remedy } from '@/api/types';
import type { ProofView } from './useProof';

const button =
    'min-h-6 rounded-xs px-2 py-0.5 whitespace-nowrap hover:bg-white/70 aria-pressed:bg-white aria-pressed:font-semibold disabled:opacity-50';

/** How the drawing is looked at, and what changes on paper in words. */
export function ProofBar({ line, proof, onRemedy }: { line: LineView; proof: ProofView; onRemedy: (remedy: Remedy) => void }) {
    const { seen } = proof;
    const looks = proof.isOn || proof.hatches;
    return (
        <div className="absolute inset-x-0 top-0 z-10 flex items-center gap-3 px-3 py-1.5 text-small">
            <div className="flex shrink-0 gap-1" role="group" aria-label="How it is looked at">
                <button
                    type="button"
                    aria-pressed={proof.isOn && !proof.isSplit}
                    disabled={!proof.can}
                    title={proof.can ? 'P; held, only while it is held' : 'The lab card has no profile for this paper'}
                    onClick={proof.toggle}
                    className={button}
                >
                    On paper
                </button>
                <button
                    type="button"
                    aria-pressed={proof.isSplit}
                    disabled={!proof.can}
                    onClick={proof.toggleSplit}
                    className={button}
                >
                    Split
                </button>
                <button
                    type="button"
                    aria-pressed={proof.hatches}
                    disabled={line.planHash === null}
                    onClick={proof.toggleHatches}
                    className={button}
                >
                    Out of gamut
                </button>
            </div>
            {looks && (
                <p role="status" className="line-clamp-2 leading-[1.2]">
                    {proof.trouble
                        ? proof.trouble.message
                        : seen
                          ? `${proof.isBeforeAndAfter ? 'Left as it was before it was lifted. ' : ''}${seen.paper ? `${seen.paper}: ` : ''}${seen.note}`
                          : 'Looking…'}
                </p>
            )}
            {looks && seen?.remedy && (
                <button
                    type="button"
                    className="border-b border-copper/50 font-semibold whitespace-nowrap text-copper-deep hover:border-copper"
                    onClick={() => onRemedy(seen.remedy!)}
                >
                    {seen.remedy.label}
                </button>
            )}
        </div>
    );
}
