import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import type { LineView } from '@/api/types';
import { scaleFor, Silhouette } from '@/silhouette/Silhouette';

const inShort = (size = '') => size.replace(' x ', ' × ').replace(/ in$/, '');

/** The order's lines as silhouettes at one scale, the one on the bench framed. */
export function Rack({ orderId, lines, current }: { orderId: number; lines: LineView[]; current: number }) {
    const scale = scaleFor(
        lines.map((line) => line.drawing),
        104,
        84,
    );
    const here = useRef<HTMLAnchorElement>(null);
    useEffect(() => {
        here.current?.scrollIntoView({ block: 'nearest' });
    }, [current]);
    return (
        <nav
            aria-label="Lines of this order"
            className="flex w-[148px] shrink-0 flex-col items-center gap-3 overflow-auto border-r border-rule bg-chrome py-3"
        >
            {lines.map((line) => (
                <Link
                    key={line.id}
                    ref={line.id === current ? here : undefined}
                    to={`/orders/${orderId}/lines/${line.id}`}
                    aria-current={line.id === current ? 'page' : undefined}
                    className="group flex flex-col items-center gap-1"
                >
                    <span className="border-2 border-transparent p-[3px] group-hover:border-rule group-aria-[current]:border-copper">
                        <Silhouette drawing={line.drawing} picture={line.picture} scale={scale} label="" />
                    </span>
                    <span className="text-small narrow group-aria-[current]:font-semibold">
                        {line.number} · {inShort(line.uses.sheetSize ?? line.uses.size ?? line.line.size)}
                        {line.uses.carrier ? ` on ${inShort(line.uses.carrier)}` : ''}
                        {(line.line.copies ?? 1) > 1 ? ` · ${line.line.copies}` : ''}
                    </span>
                </Link>
            ))}
        </nav>
    );
}
