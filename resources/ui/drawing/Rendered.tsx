import type { LineView, PixelRect } from '@/api/types';
import { viewUrl } from '@/api/views';
import type { Pieces } from './pieces';
import { Preview } from './Preview';
import type { ProofView } from './useProof';

interface Props {
    line: LineView;
    proof: ProofView;
    /** where the whole of it lies, in screen pixels */
    sheet: PixelRect;
    seen: Pieces;
    /** the drawing's width, in screen pixels */
    width: number;
}

/** The plan as it was rendered: as the file is, on its paper, and hatched where colours don't fit. */
export function Rendered({ line, proof, sheet, seen, width }: Props) {
    return (
        line.planHash && (
            <>
                <Preview key={line.id} href={viewUrl(line, 'preview')!} at={sheet} {...seen} />
                {proof.isBeforeAndAfter && <Preview href={viewUrl(line, 'straight')!} at={sheet} {...seen} />}
                {proof.isOn && (
                    <g clipPath={proof.isSplit ? 'url(#split)' : undefined} data-testid="proof">
                        <clipPath id="split">
                            <rect x={proof.split * width} y="0" width={width} height="100%" />
                        </clipPath>
                        <Preview href={viewUrl(line, 'proof')!} at={sheet} {...seen} />
                    </g>
                )}
                {proof.hatches && (
                    <g data-testid="hatching">
                        <Preview href={viewUrl(line, 'gamut')!} at={sheet} {...seen} />
                    </g>
                )}
            </>
        )
    );
}
