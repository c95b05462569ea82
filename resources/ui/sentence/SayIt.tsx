import { useEffect } from 'react';
import type { SaidOf } from '@/api/lists';
import type { LineView } from '@/api/types';
import { ReadParts } from './ReadParts';
import { Doubted, SayField } from './SayField';
import { exampleFor, named } from './saidOf';
import { useSaying } from './useSaying';

interface Props {
    orderId: number;
    line: LineView;
    /** what of it is chosen */
    of: SaidOf;
    /** the line as it would be, or nothing while nothing is said */
    onTried: (line: LineView | null) => void;
    /** gets the sheet that stands for the line now, where that was said */
    onDone: (sheet?: number) => void;
}

/** A field under the sentence: what is said in it changes the line as one act; while one types, sentence and drawing show it. */
export function SayIt({ orderId, line, of, onTried, onDone }: Props) {
    const { text, setText, seen, isCurrent, take } = useSaying(orderId, [line], onDone, of);
    useEffect(() => onTried(seen?.line ?? null), [seen, onTried]);
    useEffect(() => () => onTried(null), [onTried]);
    return (
        <div className="border-t border-rule bg-white px-[26px] py-2" data-testid="say-it">
            <SayField
                label={`Say what is wanted${named(of, line)}`}
                example={exampleFor(of)}
                text={text}
                onText={setText}
                onTake={take}
                onLeave={onDone}
            />
            {seen && (
                <p className="mt-1 text-small" role="status" aria-busy={!isCurrent}>
                    <ReadParts parts={seen.parts} />
                    <Doubted parts={seen.parts} />
                    {seen.missed.map((words) => (
                        <span key={words} className="ml-3 text-stops">
                            {words}
                        </span>
                    ))}
                </p>
            )}
        </div>
    );
}
