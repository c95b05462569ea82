import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { OrderSheet } from '@/api/types';
import { ButtonLink } from './Button';
import type { PageKey } from '@/common/KeysHelp';
import { Above, TopBar } from './TopBar';

interface Props {
    title: string;
    order: Pick<OrderSheet, 'id' | 'number' | 'client'>;
    /** where in the order this is, in the bar */
    here?: ReactNode;
    keys: PageKey[];
    acts?: ReactNode;
    children: ReactNode;
}

/** A page of an order, a step below its order sheet. */
export const OfOrder = ({ title, order, here, keys, acts, children }: Props) => (
    <div className="flex h-screen flex-col">
        <title>{`${title} · Planisher`}</title>
        <TopBar
            where={
                <>
                    <Above to="/">Orders</Above>
                    <Link to={`/orders/${order.id}`} className="font-semibold">
                        {order.number} {order.client}
                    </Link>
                    {here && <span className="truncate text-soft">{here}</span>}
                </>
            }
            keys={keys}
            acts={
                <>
                    {acts}
                    <ButtonLink to={`/orders/${order.id}`}>Order sheet</ButtonLink>
                </>
            }
        />
        {children}
    </div>
);
