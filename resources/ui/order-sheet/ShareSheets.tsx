import { useState } from 'react';
import type { LineView, SheetTried } from '@/api/types';
import { useSheetActs, useSheetsTried, type Gathered } from '@/api/sheets';
import { Typed } from '@/words/Typed';
import { useHouseFinishes } from '@/api/house-finishes';
import { Button } from '@/common/Button';
import { Popup } from '@/common/Popup';
import { useTell } from '@/common/useTell';
import { SheetSketch } from './SheetSketch';

interface Props {
    orderId: number;
    lines: LineView[];
    pictures: string[];
    onDone: () => void;
}

/** Puts what is chosen on shared sheets: every sheet of the lab that holds it, the cheapest first; Enter takes that. */
export function ShareSheets({ orderId, lines, pictures, onDone }: Props) {
    const [open, setOpen] = useState(false);
    return (
        <Popup
            title="Put on shared sheets"
            isOpen={open}
            onOpen={setOpen}
            className="w-[34rem]"
            trigger={<Button className="data-[state=open]:border-copper">Put on shared sheets</Button>}
        >
            <Offers orderId={orderId} lines={lines} pictures={pictures} onDone={onDone} close={() => setOpen(false)} />
        </Popup>
    );
}

function Offers({ orderId, lines, pictures, onDone, close }: Props & { close: () => void }) {
    const tell = useTell();
    const acts = useSheetActs(orderId);
    const finishes = useHouseFinishes();
    const [each, setEach] = useState<string | null>(null);
    const gathered: Gathered = { lines, pictures, each };
    const tried = useSheetsTried(orderId, gathered);
    const offers = tried.data?.offers ?? [];
    const most = Math.max(1, ...offers.map(({ paper, sheets }) => across(sheets) * paper.width * 1.06));
    const highest = Math.max(1, ...offers.map(({ paper }) => paper.height));
    const scale = Math.min(150 / most, 120 / highest);
    const put = (offer: SheetTried) => {
        close();
        tell(acts.gather(gathered, offer.size).then(onDone));
    };
    return (
        <div className="flex flex-col gap-2.5">
            <h2 className="text-row font-semibold">Put {said(lines.length, pictures.length)} on shared sheets</h2>
            {pictures.length > 0 && (
                <Typed
                    label="Each picture in the size"
                    value={each ?? ''}
                    onSet={(size) => {
                        setEach(size === '' ? null : size);
                        return Promise.resolve();
                    }}
                    note={each === null ? 'Such as 3 × 4 in; Enter shows the sheets.' : undefined}
                />
            )}
            {lines.length === 0 && (
                <ul className="flex flex-wrap gap-1.5" aria-label="House finishes of sheets">
                    {finishes.data
                        ?.filter(({ isSheet }) => isSheet)
                        .map((finish) => (
                            <li key={finish.id}>
                                <Button
                                    onClick={() => {
                                        close();
                                        tell(acts.fill(finish, pictures).then(onDone));
                                    }}
                                >
                                    As “{finish.name}”
                                </Button>
                            </li>
                        ))}
                </ul>
            )}
            {tried.error && (
                <p role="alert" className="text-stops">
                    {tried.error.message}
                </p>
            )}
            {tried.data?.leftOut.map((words) => (
                <p key={words} className="text-small text-soft">
                    {words}
                </p>
            ))}
            {tried.data && offers.length === 0 && (
                <p role="alert">No sheet that the lab lists holds all of it. Make the largest smaller, or leave it out.</p>
            )}
            <ul className="flex flex-col gap-px">
                {offers.map((offer, i) => (
                    <li key={offer.size}>
                        <button
                            type="button"
                            autoFocus={i === 0}
                            className="grid w-full grid-cols-[150px_1fr_auto] items-center gap-4 rounded-sm px-2 py-2 text-left hover:bg-chrome focus-visible:bg-blush"
                            onClick={() => put(offer)}
                        >
                            <span className="grid place-items-center">
                                <SheetSketch drawn={offer} scale={scale} />
                            </span>
                            <span>
                                <span className="block font-medium">
                                    {offer.sheets === 1
                                        ? `One sheet of ${offer.label}`
                                        : `${offer.sheets} sheets of ${offer.label}`}
                                </span>
                                <span className="block text-small text-soft">
                                    {offer.waste < 0.0005 ? 'no paper wasted' : `${offer.wasted} of the paper wasted`}
                                    {i === 0 ? (offer.price ? ' · costs least' : ' · takes least paper') : ''}
                                </span>
                            </span>
                            <span className="font-semibold whitespace-nowrap">{offer.price}</span>
                        </button>
                    </li>
                ))}
            </ul>
            {tried.data && offers.length > 0 && tried.data.tooSmall.length > 0 && (
                <p className="text-small text-soft">Too small for the largest print: {tried.data.tooSmall.join(', ')}.</p>
            )}
        </div>
    );
}

const across = (sheets: number) => Math.min(sheets, 4);

const counted = (many: number, one: string) => (many === 0 ? null : many === 1 ? `one ${one}` : `${many} ${one}s`);

const said = (lines: number, pictures: number) =>
    [counted(lines, 'line'), counted(pictures, 'picture')].filter((words) => words !== null).join(' and ');
