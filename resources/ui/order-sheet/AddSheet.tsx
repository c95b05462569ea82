import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useAddLine } from '@/api/lines';
import { useReadyWays } from '@/api/sheets';
import type { Change, OrderSheet, ReadyWay } from '@/api/types';
import { useTell } from '@/common/useTell';
import { Popup } from '@/common/Popup';
import { Typed } from '@/words/Typed';
import { SheetSketch } from './SheetSketch';

/** A shared sheet from nothing: its size, and how it is shared out; the pictures come into its cells afterwards. */
export function AddSheet({ order }: { order: OrderSheet }) {
    const [open, setOpen] = useState(false);
    const [size, setSize] = useState(order.labCard.sizes[0]?.size ?? '');
    const ways = useReadyWays(open ? size : '');
    const add = useAddLine(order.id);
    const tell = useTell();
    const navigate = useNavigate();
    const make = ({ cells }: ReadyWay) => {
        setOpen(false);
        const wanted: Change = { make: 'shared-sheet', sheet: { cells } };
        tell(
            add
                .mutateAsync({ size, copies: 1, picture: null, wanted })
                .then((line) => void navigate(`/orders/${order.id}/lines/${line.id}`)),
        );
    };
    const paper = ways.data?.ways[0]?.paper;
    const scale = paper ? Math.min(44 / Math.max(paper.width, paper.height), 1) : 1;
    return (
        <Popup
            title="A shared sheet"
            isOpen={open}
            onOpen={setOpen}
            side="top"
            className="w-[30rem]"
            trigger={
                <button type="button" className="text-row text-soft underline underline-offset-4 hover:text-ink">
                    A shared sheet…
                </button>
            }
        >
            <div className="flex flex-col gap-3">
                <h2 className="text-row font-semibold">A shared sheet, to be cut apart</h2>
                <Typed
                    label="Size of the sheet"
                    value={size.replace(' x ', ' × ')}
                    onSet={(typed) => {
                        setSize(typed);
                        return Promise.resolve();
                    }}
                />
                <div className="flex flex-wrap gap-1.5">
                    {order.labCard.sizes.map((offered) => (
                        <button
                            key={offered.size}
                            type="button"
                            aria-pressed={offered.size === size}
                            onClick={() => setSize(offered.size)}
                            className="rounded-sm border border-rule px-2 py-1 hover:border-ink aria-pressed:border-copper aria-pressed:bg-blush"
                        >
                            {offered.label}
                        </button>
                    ))}
                </div>
                {ways.error && (
                    <p role="alert" className="text-stops">
                        {ways.error.message}
                    </p>
                )}
                <ul className="grid grid-cols-2 gap-px">
                    {ways.data?.ways.map((way) => (
                        <li key={way.label}>
                            <button
                                type="button"
                                className="flex w-full items-center gap-3 rounded-sm px-2 py-1.5 text-left hover:bg-chrome"
                                onClick={() => make(way)}
                            >
                                <span className="grid size-11 shrink-0 place-items-center">
                                    <SheetSketch drawn={way} scale={scale} />
                                </span>
                                {way.label}
                            </button>
                        </li>
                    ))}
                </ul>
                {ways.data?.ways.length === 0 && <p className="text-soft">Nothing comes out without a remainder.</p>}
            </div>
        </Popup>
    );
}
