import type { HeardAnswer, LineView } from '@/api/types';
import { Mark } from '@/common/Mark';

/** What the client said to a line: a yes, a note, and whether it was to what is there now. */
export function ClientSaid({ answer, line, isShort = false }: { answer: HeardAnswer; line: LineView; isShort?: boolean }) {
    const isOfThis = answer.version === line.planHash;
    const at = new Date(answer.at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' });
    const before = isOfThis ? '' : ', before it was changed';
    return (
        <p className={`flex gap-1.5 text-small ${isShort ? 'min-w-0' : ''}`} data-testid="client-said">
            <span className="mt-0.5 shrink-0">
                <Mark level={isOfThis ? (answer.isYes ? 'fine' : 'stops') : 'look'} />
            </span>
            <span className={isShort ? 'truncate' : 'break-words whitespace-pre-wrap'} title={answer.note ?? undefined}>
                {answer.isYes ? `The client said yes, ${at}${before}` : `The client${before}: “${answer.note}”`}
            </span>
        </p>
    );
}
