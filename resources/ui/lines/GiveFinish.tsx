import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { useGiveFinish, useHouseFinishes } from '@/api/house-finishes';
import { useTell } from '@/common/useTell';
import type { HouseFinish, LineView } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Field } from '@/common/Field';
import { Popup } from '@/common/Popup';
import { useKeys } from '@/keys/useKeys';
import { KeepAtOnce, KeepFinish } from './KeepFinish';

interface Props {
    orderId: number;
    lines: LineView[];
    /** the line a new finish can be kept from */
    keepFrom?: LineView;
}

/** The studio's house finishes: given to lines, by U and the first letters of a name, or kept from one. */
export function GiveFinish({ orderId, lines, keepFrom }: Props) {
    const [open, setOpen] = useState(false);
    const [keeps, setKeeps] = useState(false);
    const [typed, setTyped] = useState('');
    const opens = (isOpen: boolean) => {
        setOpen(isOpen);
        setKeeps(false);
        setTyped('');
    };
    useKeys({ u: () => opens(true) });
    return (
        <Popup
            title="House finish"
            isOpen={open}
            onOpen={opens}
            align={keepFrom ? 'end' : 'start'}
            className="w-[22rem]"
            trigger={
                <Button className="data-[state=open]:border-copper">
                    House finish<Key>U</Key>
                </Button>
            }
        >
            {keeps && keepFrom ? (
                <KeepFinish line={keepFrom} done={() => setKeeps(false)} />
            ) : (
                <Give orderId={orderId} lines={lines} typed={typed} onType={setTyped} close={() => opens(false)} />
            )}
            {!keeps && (
                <div className="mt-3 flex flex-col gap-2 border-t border-rule pt-3">
                    {keepFrom && (
                        <KeepAtOnce line={keepFrom} called={typed} onChoose={() => setKeeps(true)} done={() => opens(false)} />
                    )}
                    <Link to="/house-finishes" className="self-end text-soft underline underline-offset-4">
                        Edit them
                    </Link>
                </div>
            )}
        </Popup>
    );
}

const inWords = (finish: HouseFinish) => Object.values(finish.choices).join('; ');

/** How early a name begins so: as a whole, with one of its words, or not at all (-1). */
const beginsAt = ({ name }: HouseFinish, letters: string) => ` ${name.toLowerCase()}`.indexOf(` ${letters}`);

interface GiveProps {
    orderId: number;
    lines: LineView[];
    typed: string;
    onType: (typed: string) => void;
    close: () => void;
}

function Give({ orderId, lines, typed, onType, close }: GiveProps) {
    const finishes = useHouseFinishes();
    const give = useGiveFinish(orderId);
    const tell = useTell();
    const letters = typed.trim().toLowerCase();
    const those = (finishes.data ?? [])
        .filter((finish) => beginsAt(finish, letters) >= 0)
        .sort((one, other) => Math.min(1, beginsAt(one, letters)) - Math.min(1, beginsAt(other, letters)));
    const choose = (finish: HouseFinish) => {
        close();
        tell(give(finish, lines));
    };
    const submit = (event: FormEvent) => {
        event.preventDefault();
        if (those[0] && letters !== '') {
            choose(those[0]);
        }
    };
    return (
        <>
            <h2 className="mb-2 text-row font-semibold">
                {lines.length === 1 ? 'Give this line a house finish' : `Give ${lines.length} lines a house finish`}
            </h2>
            <form onSubmit={submit} noValidate>
                <Field
                    label="Its first letters"
                    beside
                    autoFocus
                    value={typed}
                    onChange={(event) => onType(event.target.value)}
                    className="w-36"
                />
            </form>
            <ul className="mt-2 flex flex-col gap-px" aria-label="House finishes">
                {those.map((finish, i) => (
                    <li key={finish.id}>
                        <button
                            type="button"
                            className={`w-full rounded-sm px-2 py-1.5 text-left hover:bg-chrome ${letters !== '' && i === 0 ? 'bg-blush' : ''}`}
                            onClick={() => choose(finish)}
                        >
                            <span className="font-medium">{finish.name}</span>
                            {letters !== '' && i === 0 && <Key>⏎</Key>}
                            <span className="block text-small text-soft">{inWords(finish)}</span>
                        </button>
                    </li>
                ))}
            </ul>
            {finishes.data?.length === 0 && (
                <p className="text-soft">None is kept yet. Keep one from a line that came out right.</p>
            )}
            {finishes.data && finishes.data.length > 0 && those.length === 0 && (
                <p className="text-soft">None has a name that begins so.</p>
            )}
        </>
    );
}
