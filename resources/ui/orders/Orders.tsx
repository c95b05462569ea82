import { useRef, useState } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import { useImportOrder, useOrderActs, useOrders, type Where } from '@/api/orders';
import type { OrderRow, Orders as Page } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { daysAway, longDay } from '@/common/days';
import { Loading, Trouble } from '@/common/Loading';
import { TakeIn } from '@/common/TakeIn';
import { TopBar } from '@/common/TopBar';
import { useKeys } from '@/keys/useKeys';
import { OrderThumbnails } from './OrderThumbnails';
import { NewOrder } from './NewOrder';
import { PassedBar } from '@/lines/PassedBar';
import { Home } from '@/common/Home';

const PLACES: { where: Where; label: string }[] = [
    { where: 'desk', label: 'On the desk' },
    { where: 'me', label: 'waiting for us' },
    { where: 'client', label: 'for the client' },
    { where: 'lab', label: 'for the lab' },
    { where: 'away', label: 'Put away' },
    { where: 'removed', label: 'Removed' },
];

/** All orders a page at a time, soonest due on top, by what they wait for. */
export function Orders() {
    const [params, setParams] = useSearchParams();
    const where = PLACES.find((place) => place.where === params.get('where'))?.where ?? 'desk';
    const [find, setFind] = useState(params.get('find') ?? ''); // typed: the address follows when it can
    const page = Math.max(1, Number(params.get('page')) || 1);
    const go = (change: { where?: Where; find?: string; page?: number }) => {
        const next = { where, find, page: 1, ...change };
        setParams(
            Object.entries({
                ...next,
                where: next.where === 'desk' ? '' : next.where,
                page: next.page === 1 ? '' : `${next.page}`,
            })
                .filter(([, value]) => value !== '')
                .map(([key, value]): [string, string] => [key, String(value)]),
            { replace: change.find !== undefined },
        );
    };
    const came = useLocation().state as { isNewOrder?: boolean } | null;
    const [isNew, setIsNew] = useState(came?.isNewOrder === true);
    const importOrder = useImportOrder();
    const field = useRef<HTMLInputElement>(null);
    const orders = useOrders(where, find, page);
    useKeys({ '/': () => field.current?.focus(), n: () => setIsNew(true) });
    return (
        <div className="flex h-screen flex-col">
            <title>Orders · Planisher</title>
            <TopBar
                where={<span className="font-semibold">Orders</span>}
                keys={[
                    { keys: 'N', does: 'new order' },
                    { keys: '/', does: 'find an order' },
                ]}
                acts={
                    <>
                        <Link to="/labs" className="text-row text-soft hover:text-ink">
                            Labs
                        </Link>
                        <Link to="/house-finishes" className="text-row text-soft hover:text-ink">
                            House finishes
                        </Link>
                        <Link to="/studio" className="text-row text-soft hover:text-ink">
                            The studio
                        </Link>
                        <input
                            ref={field}
                            type="search"
                            aria-label="Find by client, number, name, picture, size or day"
                            placeholder="Client, picture, size, day"
                            value={find}
                            onChange={(event) => {
                                setFind(event.target.value);
                                go({ find: event.target.value });
                            }}
                            className="w-60 rounded-sm border border-edge bg-white px-2 py-1 text-row text-ink"
                        />
                    </>
                }
            />
            <Trouble error={orders.data ? orders.failureReason : null} />
            {orders.data ? (
                <Home className="relative grow overflow-auto px-10 py-7">
                    <div className="mb-4 flex items-center gap-4">
                        <h1 className="grow font-serif text-title leading-tight">
                            {find ? `Orders with “${find}”` : heading(where)}
                        </h1>
                        <TakeIn
                            label="Take in an order…"
                            file="An exported order"
                            accept=".zip,application/zip"
                            take={importOrder}
                            below="orders"
                        />
                        <Button look="main" onClick={() => setIsNew(true)}>
                            New order<Key>N</Key>
                        </Button>
                    </div>
                    <Places counts={orders.data.counts} where={where} onGo={(to) => go({ where: to })} />
                    <Rows page={orders.data} find={find} where={where} isOfBefore={orders.isPlaceholderData} />
                    <Turning page={orders.data} onTurn={(to) => go({ page: to })} />
                </Home>
            ) : (
                <Loading error={orders.error ?? orders.failureReason} />
            )}
            <NewOrder open={isNew} onOpenChange={setIsNew} />
        </div>
    );
}

const heading = (where: Where) =>
    ({
        desk: 'On the desk',
        me: 'Waiting for us',
        client: 'Waiting for the client',
        lab: 'Waiting for the lab',
        away: 'Put away',
        removed: 'Removed',
    })[where];

/** Where orders are, with how many each. */
function Places({ counts, where, onGo }: { counts: Page['counts']; where: Where; onGo: (to: Where) => void }) {
    return (
        <nav aria-label="Where orders are" className="mb-1 flex items-baseline gap-1 text-row">
            {PLACES.map((place) => (
                <button
                    key={place.where}
                    type="button"
                    aria-current={place.where === where ? 'page' : undefined}
                    onClick={() => onGo(place.where)}
                    className={`h-7.5 rounded-sm px-2.5 ${place.where === where ? 'bg-blush font-semibold' : 'text-soft hover:text-ink'} ${place.where === 'away' ? 'ml-auto' : ''}`}
                >
                    {place.label} {counts[place.where]}
                </button>
            ))}
        </nav>
    );
}

/** Orders that still stand there from before, while those that are asked for come, can't be pressed. */
function Rows({ page, find, where, isOfBefore }: { page: Page; find: string; where: Where; isOfBefore: boolean }) {
    if (page.orders.length === 0) {
        return <p className="border-t border-rule py-8 text-soft">{empty(find, where)}</p>;
    }
    let last = '';
    return (
        <ul inert={isOfBefore}>
            {page.orders.map((order) => {
                const group = where === 'away' || where === 'removed' ? '' : dueGroup(order.dueOn);
                const isFirst = group !== last;
                last = group;
                return (
                    <li key={order.id}>
                        {isFirst && <h2 className="mt-4 mb-1.5 text-small font-semibold text-soft">{group}</h2>}
                        <Row order={order} where={where} />
                    </li>
                );
            })}
        </ul>
    );
}

function empty(find: string, where: Where) {
    if (find) {
        return 'No order fits that. Try part of a name, a size such as 8x10, or a day such as 4 Dec.';
    }
    return {
        desk: 'No orders yet. Start with New order: a client and a lab are enough.',
        me: 'Nothing waits for us.',
        client: 'Nothing waits for a client. Show an order to its client from its order sheet.',
        lab: 'Nothing is made and on its way to a lab.',
        away: 'Nothing is put away. An order that is done is put away from its order sheet.',
        removed: 'Nothing was removed in the last thirty days.',
    }[where];
}

const DAY_MS = 86_400_000;

function dueGroup(dueOn: string | null): string {
    if (!dueOn) {
        return 'No day set';
    }
    const days = Math.round((new Date(`${dueOn}T00:00:00`).getTime() - new Date().setHours(0, 0, 0, 0)) / DAY_MS);
    return days < 0
        ? 'Overdue'
        : days === 0
          ? 'Due today'
          : days <= 7
            ? 'Due within a week'
            : days <= 31
              ? 'Due within a month'
              : 'Later';
}

function Row({ order, where }: { order: OrderRow; where: Where }) {
    return (
        <div className="relative grid grid-cols-[26.5rem_1fr_13rem_11rem] items-center gap-6 border-t border-rule py-3 hover:bg-chrome/60">
            <OrderThumbnails prints={order.face} />
            <div className="min-w-0">
                <h3 className="truncate font-serif text-lead leading-snug font-medium">
                    {where === 'removed' ? (
                        order.client
                    ) : (
                        <Link to={`/orders/${order.id}`} className="after:absolute after:inset-0">
                            {order.client}
                        </Link>
                    )}
                </h3>
                <p className="truncate text-small text-soft">
                    {order.title ? `${order.title} · ` : ''}
                    {order.number}
                </p>
                <p className="truncate text-small text-soft">{order.lab}</p>
            </div>
            <div>
                <p className="mb-1.5 text-row">{waits(order)}</p>
                <PassedBar done={order.passed + order.made} all={order.lines} />
            </div>
            {where === 'removed' ? (
                <Restore order={order} />
            ) : (
                <div className="text-row">
                    <p className={order.dueOn ? 'font-semibold' : 'text-soft'}>
                        {order.dueOn ? `Due ${daysAway(order.dueOn)}` : 'No day set'}
                    </p>
                    <p className="text-small text-soft">{order.dueOn ? longDay(order.dueOn) : ''}</p>
                </div>
            )}
        </div>
    );
}

const AT_LAB: Record<'packed' | 'sending' | 'sent' | 'received' | 'printing' | 'dispatched', string> = {
    packed: 'Packed for the lab',
    sending: 'On its way to the lab',
    sent: 'With the lab',
    received: 'Received by the lab',
    printing: 'The lab is printing',
    dispatched: 'Dispatched by the lab',
};

/** What an order waits for, in words. */
function waits({ waitsFor, lines, passed, made, parcel }: OrderRow): string {
    if (waitsFor === 'client') {
        return 'The client is asked';
    }
    if (parcel === 'back') {
        return 'The lab sent some of it back';
    }
    if (parcel === 'stopped' || parcel === 'waiting') {
        return 'A parcel has not got through';
    }
    if (waitsFor === 'lab') {
        return parcel === null ? 'Made, for the lab' : AT_LAB[parcel];
    }
    const open = lines - passed - made;
    const rest = parcel === null ? '' : ` · ${AT_LAB[parcel].toLowerCase()}`;
    return lines === 0
        ? 'No lines yet'
        : (open > 0 ? `${open === 1 ? 'One line' : `${open} lines`} to pass` : 'Files to make') + rest;
}

function Restore({ order }: { order: OrderRow }) {
    const { restore } = useOrderActs(order.id);
    return <Button onClick={() => restore.mutate()}>Bring it back</Button>;
}

function Turning({ page, onTurn }: { page: Page; onTurn: (to: number) => void }) {
    if (page.pages < 2) {
        return null;
    }
    return (
        <nav aria-label="Pages" className="flex items-center justify-center gap-4 border-t border-rule py-4 text-row">
            <Button onClick={() => onTurn(page.page - 1)} disabled={page.page === 1}>
                Sooner
            </Button>
            <span>
                Page {page.page} of {page.pages}
            </span>
            <Button onClick={() => onTurn(page.page + 1)} disabled={page.page === page.pages}>
                Later
            </Button>
        </nav>
    );
}
