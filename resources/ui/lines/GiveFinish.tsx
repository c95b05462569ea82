import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { keepFinish, useFinishAct, useChoices, useGiveFinish, useHouseFinishes } from '@/api/house-finishes';
import { useTell } from '@/common/useTell';
import type { HouseFinish, LineView } from '@/api/types';
import { Button } from '@/common/Button';
import { Field } from '@/common/Field';
import { Popup } from '@/common/Popup';

interface Props {
    orderId: number;
    lines: LineView[];
    /** the line a new finish can be kept from */
    keepFrom?: LineView;
}

/** The studio's house finishes: given to lines, or kept from one. */
export function GiveFinish({ orderId, lines, keepFrom }: Props) {
    const [open, setOpen] = useState(false);
    const [keeps, setKeeps] = useState(false);
    return (
        <Popup
            title="House finish"
            isOpen={open}
            onOpen={(opens) => {
                setOpen(opens);
                setKeeps(false);
            }}
            align={keepFrom ? 'end' : 'start'}
            className="w-[22rem]"
            trigger={<Button className="data-[state=open]:border-copper">House finish</Button>}
        >
            {keeps && keepFrom ? (
                <Keep line={keepFrom} done={() => setKeeps(false)} />
            ) : (
                <Give orderId={orderId} lines={lines} close={() => setOpen(false)} />
            )}
            {!keeps && (
                <div className="mt-3 flex items-baseline gap-4 border-t border-rule pt-3">
                    {keepFrom && (
                        <button
                            type="button"
                            className="font-semibold text-copper underline underline-offset-4"
                            onClick={() => setKeeps(true)}
                        >
                            Keep this line’s choices…
                        </button>
                    )}
                    <Link to="/house-finishes" className="ml-auto text-soft underline underline-offset-4">
                        Edit them
                    </Link>
                </div>
            )}
        </Popup>
    );
}

const inWords = (finish: HouseFinish) => Object.values(finish.choices).join('; ');

function Give({ orderId, lines, close }: { orderId: number; lines: LineView[]; close: () => void }) {
    const finishes = useHouseFinishes();
    const give = useGiveFinish(orderId);
    const tell = useTell();
    return (
        <>
            <h2 className="mb-2 text-row font-semibold">
                {lines.length === 1 ? 'Give this line a house finish' : `Give ${lines.length} lines a house finish`}
            </h2>
            <ul className="flex flex-col gap-px">
                {finishes.data?.map((finish) => (
                    <li key={finish.id}>
                        <button
                            type="button"
                            className="w-full rounded-sm px-2 py-1.5 text-left hover:bg-chrome"
                            onClick={() => {
                                close();
                                tell(give(finish, lines));
                            }}
                        >
                            <span className="font-medium">{finish.name}</span>
                            <span className="block text-small text-soft">{inWords(finish)}</span>
                        </button>
                    </li>
                ))}
            </ul>
            {finishes.data?.length === 0 && (
                <p className="text-soft">None is kept yet. Keep one from a line that came out right.</p>
            )}
        </>
    );
}

/** Which of a line's choices are kept, and under which name. */
function Keep({ line, done }: { line: LineView; done: () => void }) {
    const choices = useChoices(line);
    const [name, setName] = useState('');
    const [left, setLeft] = useState<ReadonlySet<string>>(new Set(['size', 'turn', 'name']));
    const all = Object.entries(choices.data?.choices ?? {});
    const keep = useFinishAct(() =>
        keepFinish({ name, line: line.id, choices: all.map(([key]) => key).filter((key) => !left.has(key)) }),
    );
    const submit = (event: FormEvent) => {
        event.preventDefault();
        keep.mutate(undefined, { onSuccess: done });
    };
    return (
        <form onSubmit={submit} noValidate className="flex flex-col gap-3">
            <Field
                label="Kept under the name"
                autoFocus
                value={name}
                onChange={(event) => setName(event.target.value)}
                error={keep.error?.message}
            />
            <fieldset>
                <legend className="mb-1 text-small text-soft">It will settle</legend>
                {all.map(([key, words]) => (
                    <label key={key} className="flex items-baseline gap-2 rounded-sm px-1 py-[3px] hover:bg-chrome">
                        <input
                            type="checkbox"
                            className="translate-y-[2px] accent-copper"
                            checked={!left.has(key)}
                            onChange={(event) =>
                                setLeft(
                                    (held) => new Set(event.target.checked ? [...held].filter((k) => k !== key) : [...held, key]),
                                )
                            }
                        />
                        {words}
                    </label>
                ))}
            </fieldset>
            <div className="flex gap-3">
                <Button look="main" type="submit" disabled={keep.isPending}>
                    Keep it
                </Button>
                <Button onClick={done}>Not now</Button>
            </div>
        </form>
    );
}
