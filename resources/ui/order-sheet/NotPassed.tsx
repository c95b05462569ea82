import { useManyActs } from '@/api/lines';
import type { LeftOut as Left, LineView } from '@/api/types';
import { LeftOut } from '@/lines/LeftOut';
import { isFine } from '@/lines/wantsEyes';

/** What would be left out if files were made now, told before: where some lines are passed and others aren't. */
export function NotPassed({ orderId, lines }: { orderId: number; lines: LineView[] }) {
    const acts = useManyActs(orderId);
    const left = lines.some(({ state }) => state === 'passed')
        ? lines.filter(({ state }) => state === 'open' || state === 'waiting')
        : [];
    const told: Left[] = left.map((line) => ({
        id: line.id,
        number: line.number,
        version: line.version,
        short: line.short,
        canPass: isFine(line),
    }));
    return told.length === 0 ? null : (
        <div className="mb-3">
            <LeftOut orderId={orderId} lines={told} passBefore={() => acts.pass(left.filter(isFine))} />
        </div>
    );
}
