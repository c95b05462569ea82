import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useLinesNow, useOrder } from '@/api/orders';
import type { OrderSheet } from '@/api/types';
import { Loading, Trouble } from '@/common/Loading';
import { OfOrder } from '@/common/OfOrder';
import { UNDO_KEYS, UndoRedo } from '@/common/UndoRedo';
import { useKeys } from '@/keys/useKeys';
import { ChosenKept } from '@/drawing/tools/chosen';
import { LetteringKept } from '@/drawing/tools/lettering';
import { ModeKept } from '@/drawing/tools/mode';
import { wantsEyes } from '@/lines/wantsEyes';
import { useNotices } from '@/notices/notices';
import { OneLine } from './OneLine';
import { SameOfMany } from './SameOfMany';
import { alikeIn, withAlike } from './alike';

const KEYS = [
    { keys: 'Y  or  Enter', does: 'yes: pass it, or what many have alike, and on to the next' },
    { keys: 'M', does: 'yes, and make the files of all that is passed' },
    { keys: 'R  or  ⇧ R', does: 'the next remedy, or the one beside it' },
    { keys: 'B', does: 'to the bench' },
    { keys: 'N  or  ]', does: 'leave it for later, and on' },
    { keys: '[', does: 'back to the one before' },
    { keys: 'Arrows, drag, +  and  −', does: 'move the picture under its window, tighter, looser' },
    { keys: 'T', does: 'turn the window' },
    ...UNDO_KEYS,
    { keys: 'O', does: 'back to the order sheet' },
];

/** The lines of an order that want eyes, one key each: first what many of them have alike, then one after the other, large. */
export function LookAtEach() {
    const order = useOrder(Number(useParams().order));
    return order.data ? (
        <Walk order={order.data} trouble={order.failureReason} />
    ) : (
        <Loading error={order.error ?? order.failureReason} />
    );
}

/** What is looked at in one go: a line by its id, or what many have alike by its words. */
type Stop = number | string;

const stopsOf = ({ lines }: OrderSheet): Stop[] => [...alikeIn(lines), ...lines.filter(wantsEyes).map(({ id }) => id)];

function Walk({ order, trouble }: { order: OrderSheet; trouble: Error | null }) {
    /** as they were when one began: a line that is passed stays in the row, so that one can go back */
    const [row] = useState(() => stopsOf(order));
    const [at, setAt] = useState(0);
    const navigate = useNavigate();
    const notices = useNotices();
    const sheet = `/orders/${order.id}`;
    const lineOf = (stop: Stop | undefined) => order.lines.find(({ id }) => id === stop);
    const isThere = (stop: Stop) =>
        typeof stop === 'string' ? withAlike(order.lines, stop).length > 0 : lineOf(stop) !== undefined;
    const there = row.filter(isThere);
    const here = row.slice(at).find(isThere);
    const line = lineOf(here);
    const now = useLinesNow(order.id);
    const on = () => {
        const isOpen = (id: number) => now().some((one) => one.id === id && wantsEyes(one));
        const isLeft = (stop: Stop) => (typeof stop === 'string' ? withAlike(now(), stop).length > 0 : isOpen(stop));
        const next = row.findIndex((stop, i) => i > row.indexOf(here!) && isLeft(stop));
        if (next >= 0) {
            setAt(next);
            return;
        }
        const left = row.filter((stop) => typeof stop === 'number' && isOpen(stop)).length;
        notices.say(
            left === 0
                ? 'That was all of them.'
                : `That was all of them; ${left === 1 ? 'one is' : `${left} are`} left for later.`,
        );
        void navigate(sheet);
    };
    const back = () => setAt(Math.max(0, row.slice(0, row.indexOf(here!)).findLastIndex(isThere)));
    useKeys({ o: () => void navigate(sheet) });
    return (
        <OfOrder
            title={`Look at each · ${order.client}`}
            order={order}
            here="look at each"
            keys={KEYS}
            acts={
                <>
                    <span className="text-row whitespace-nowrap text-soft" role="status">
                        {here === undefined ? 'None' : `${there.indexOf(here) + 1} of ${there.length}`}
                    </span>
                    <UndoRedo orderId={order.id} />
                </>
            }
        >
            <Trouble error={trouble} />
            {typeof here === 'string' && (
                <SameOfMany
                    key={here}
                    orderId={order.id}
                    alike={here}
                    lines={withAlike(order.lines, here)}
                    onNext={on}
                    onBack={back}
                />
            )}
            {line && (
                <ModeKept key={line.id}>
                    <ChosenKept>
                        <LetteringKept>
                            <OneLine order={order} line={line} onNext={on} onBack={back} />
                        </LetteringKept>
                    </ChosenKept>
                </ModeKept>
            )}
            {here === undefined && <p className="p-10 font-serif text-lead">Nothing here wants to be looked at.</p>}
        </OfOrder>
    );
}
