import { useCallback } from 'react';
import type { LineActs } from '@/api/lines';
import { useTell } from '@/common/useTell';
import type { ChangeLettering } from './lettering/LetteringTools';

/** What the hand does on a drawing, as changes of the line, or of one print of several: saved, and told where that can't be. */
export function useHand(change: LineActs['change']) {
    const tell = useTell();
    const saved = useCallback(
        (by: Parameters<LineActs['change']>[0]) => {
            const saving = change(by);
            tell(saving);
            return saving;
        },
        [change, tell],
    );
    const onWindow = useCallback((window: object) => saved({ window }), [saved]);
    const onLettering: ChangeLettering = useCallback(
        (changed) => saved(({ line: { lettering } }) => ({ lettering: changed(lettering ?? []) })),
        [saved],
    );
    const onTurn = useCallback(
        () =>
            void saved(({ drawing }) => ({
                turn: drawing && drawing.paper.width > drawing.paper.height ? 'portrait' : 'landscape',
            })),
        [saved],
    );
    return { onWindow, onLettering, onTurn };
}
