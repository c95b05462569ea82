import type { LineActs } from '@/api/lines';
import type { LineView } from '@/api/types';
import { useTell } from '@/common/useTell';
import { placesFor } from './filled';

/** Files dropped on a line: each is taken into the order and comes to its place there, however long another takes. */
export function useDropped(line: LineView, acts: LineActs, add: (files: File[], then: (name: string) => void) => void) {
    const tell = useTell();
    return (files: File[], chosen?: number) => {
        const places = placesFor(line, chosen);
        files
            .slice(0, places.length)
            .forEach((file, i) =>
                add([file], (picture) =>
                    tell(line.line.sheet ? acts.changeCell(places[i]!, { picture }) : acts.change({ picture })),
                ),
            );
    };
}
