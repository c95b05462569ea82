import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { useOrders } from '@/api/orders';
import type { OrderRow } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { daysAway, longDay } from '@/common/days';
import { Loading, Trouble } from '@/common/Loading';
import { TopBar } from '@/common/TopBar';
import { useKeys } from '@/common/useKeys';
import { scaleFor, Silhouette } from '@/silhouette/Silhouette';
import { NewOrder } from './NewOrder';
import { PassedBar } from './PassedBar';

/** All open orders, soonest due on top. */
export function Orders() {
    const [find, setFind] = useState('');
    const [isNew, setIsNew] = useState(false);
    const field = useRef<HTMLInputElement>(null);
    const orders = useOrders(find);
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
                        <Link to="/labs" className="text-[13px] text-soft hover:text-ink">
                            Labs
                        </Link>
                        <Link to="/house-finishes" className="text-[13px] text-soft hover:text-ink">
                            House finishes
                        </Link>
                        <label className="flex items-center gap-2 text-[13px] text-soft">
                            Find by client, number or picture
                            <input
                                ref={field}
                                type="search"
                                value={find}
                                onChange={(event) => setFind(event.target.value)}
                                className="w-44 rounded-[3px] border border-[#8f8f8e] bg-white px-2 py-1 text-ink"
                            />
                        </label>
                    </>
                }
            />
            <Trouble error={orders.data ? orders.failureReason : null} />
            {orders.data ? (
                <main className="grow overflow-auto px-10 py-8">
                    <div className="mb-5 flex items-baseline justify-between">
                        <h1 className="font-serif text-title leading-tight">{find ? `Orders with “${find}”` : 'On the desk'}</h1>
                        <Button look="main" onClick={() => setIsNew(true)}>
                            New order<Key>N</Key>
                        </Button>
                    </div>
                    <Rows orders={orders.data} find={find} />
                </main>
            ) : (
                <Loading error={orders.error ?? orders.failureReason} />
            )}
            <NewOrder open={isNew} onOpenChange={setIsNew} />
        </div>
    );
}

function Rows({ orders, find }: { orders: OrderRow[]; find: string }) {
    if (orders.length === 0) {
        return (
            <p className="border-t border-rule py-8 text-soft">
                {find
                    ? 'No order fits that. Try part of a name.'
                    : 'No orders yet. Start with New order: a client and a lab are enough.'}
            </p>
        );
    }
    const scale = scaleFor(
        orders.flatMap((order) => order.lines.map((line) => line.drawing)),
        74,
        58,
    );
    return (
        <ul>
            {orders.map((order) => (
                <Row key={order.id} order={order} scale={scale} />
            ))}
        </ul>
    );
}

const SHOWN = 9;

function Row({ order, scale }: { order: OrderRow; scale: number }) {
    const rest = order.lines.length - SHOWN;
    return (
        <li className="relative grid grid-cols-[15rem_1fr_12rem] items-center gap-6 border-t border-rule py-4 last:border-b hover:bg-chrome/60">
            <div>
                <h2 className="font-serif text-lead leading-snug font-medium">
                    <Link to={`/orders/${order.id}`} className="after:absolute after:inset-0">
                        {order.client}
                    </Link>
                </h2>
                <p className="text-small text-soft">
                    {order.title ? `${order.title} · ` : ''}
                    {order.number}
                </p>
                <p className="text-small text-soft">{order.lab}</p>
            </div>
            <div className="flex items-end gap-3 overflow-hidden">
                {order.lines.slice(0, SHOWN).map((line) => (
                    <Silhouette key={line.id} drawing={line.drawing} picture={line.picture} scale={scale} label={line.short} />
                ))}
                {rest > 0 && <span className="self-center text-small text-soft">and {rest} more</span>}
                {order.lines.length === 0 && <span className="text-small text-soft">No lines yet</span>}
            </div>
            <div className="text-[13px]">
                <p className={order.dueOn ? 'font-semibold' : 'text-soft'}>
                    {order.dueOn ? `Due ${daysAway(order.dueOn)}` : 'No day set'}
                </p>
                <p className="mb-2 text-small text-soft">{order.dueOn ? longDay(order.dueOn) : ''}</p>
                <PassedBar lines={order.lines} />
            </div>
        </li>
    );
}
