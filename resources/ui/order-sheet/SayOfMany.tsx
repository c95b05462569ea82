import type { LineView } from '@/api/types';
import { Doubted, SayField } from '@/sentence/SayField';
import { useSaying } from '@/sentence/useSaying';
import { ReadParts } from '@/sentence/ReadParts';

interface Props {
    orderId: number;
    /** at least one */
    lines: LineView[];
    onDone: () => void;
}

/** What is said in it is done to all chosen lines, as one act. How it is read is shown, and what it makes of the first of them. */
export function SayOfMany({ orderId, lines, onDone }: Props) {
    const { text, setText, seen, take } = useSaying(orderId, lines, onDone);
    return (
        <div className="mb-3 rounded-sm border border-copper bg-white px-4 py-2">
            <SayField
                label={`Say of ${lines.length === 1 ? 'this line' : `these ${lines.length} lines`}`}
                example="matte, whole, 1/4 in white border"
                text={text}
                onText={setText}
                onTake={take}
                onLeave={onDone}
            />
            {seen && (
                <div className="mt-1 text-small" role="status">
                    <ReadParts parts={seen.parts} />
                    <Doubted parts={seen.parts} />
                    {seen.line && (
                        <p className="font-serif text-read">
                            {lines.length === 1 ? '' : 'The first of them: '}
                            {seen.line.sentence.map((segment) => segment.text).join('')}.
                        </p>
                    )}
                </div>
            )}
        </div>
    );
}
