import { Link } from 'react-router';
import type { LineView, OrderSheet } from '@/api/types';
import { PassedBar } from '@/lines/PassedBar';
import { wantsEyes } from '@/lines/wantsEyes';
import { ChooseLines } from './ChooseLines';
import { PassFine } from './PassFine';
import { ShowTheClient } from './ShowTheClient';

/** How far an order is, and where it is seen and passed on, while nothing of it is chosen. */
export function OrderActs({ order: { id, lines }, onChoose }: { order: OrderSheet; onChoose: (ids: number[]) => void }) {
    const waiting = lines.filter(wantsEyes).length;
    return (
        <>
            <PassedBar wide {...passed(lines)} />
            <ChooseLines lines={lines} onChoose={onChoose} />
            <ShowTheClient orderId={id} />
            <SheetLink to={`/orders/${id}/wall`}>On the wall</SheetLink>
            <SheetLink to={`/orders/${id}/make`}>Files made</SheetLink>
            <SheetLink to={`/orders/${id}/parcels`}>To the lab</SheetLink>
            {waiting > 0 && <SheetLink to={`/orders/${id}/look`}>{`Look at each · ${waiting}`}</SheetLink>}
            <PassFine orderId={id} lines={lines} />
        </>
    );
}

const SheetLink = ({ to, children }: { to: string; children: string }) => (
    <Link to={to} className="text-row whitespace-nowrap text-soft underline underline-offset-4 hover:text-ink">
        {children}
    </Link>
);

/** How many lines are passed, and what those that are open look like. */
function passed(lines: LineView[]) {
    const open = lines.filter((line) => line.state === 'open').map((line) => line.findings[0]!.level);
    return {
        all: lines.length,
        done: lines.filter((line) => line.state === 'passed' || line.state === 'made').length,
        look: open.filter((level) => level === 'look').length,
        stops: open.filter((level) => level === 'stops').length,
    };
}
