import type { ReactNode } from 'react';
import type { PageKey } from '@/common/KeysHelp';
import { Above, TopBar } from './TopBar';

interface Props {
    title: string;
    keys: PageKey[];
    children: ReactNode;
}

/** A page of the studio's, a step below its orders. */
export const BelowOrders = ({ title, keys, children }: Props) => (
    <div className="flex h-screen flex-col">
        <title>{`${title} · Planisher`}</title>
        <TopBar
            where={
                <>
                    <Above to="/">Orders</Above>
                    <span className="font-semibold">{title}</span>
                </>
            }
            keys={keys}
        />
        {children}
    </div>
);
