import { useState } from 'react';
import { changeFinish, removeFinish, useFinishAct, useHouseFinishes } from '@/api/house-finishes';
import type { HouseFinish } from '@/api/types';
import { Loading } from '@/common/Loading';
import { BelowOrders } from '@/common/BelowOrders';
import { Typed } from '@/words/Typed';
import { StudioMarks } from './StudioMarks';
import { Home } from '@/common/Home';

/** The studio's house finishes, each in words: renamed, cut down, removed. */
export function HouseFinishesPage() {
    const finishes = useHouseFinishes();
    return (
        <BelowOrders title="House finishes" keys={[{ keys: 'Tab', does: 'walk the finishes' }]}>
            {finishes.data ? (
                <Home className="relative grow overflow-auto px-10 py-8">
                    <h1 className="font-serif text-title leading-tight">House finishes</h1>
                    <p className="mt-1 mb-5 text-row text-soft">
                        Choices kept under a name. Given to a line, a finish changes what it names and nothing else.
                    </p>
                    {finishes.data.length === 0 && (
                        <p className="border-t border-rule py-6 text-soft">
                            None is kept yet. Open a line that came out right, then House finish, Keep this line’s choices.
                        </p>
                    )}
                    <ul>
                        {finishes.data.map((finish) => (
                            <Finish key={finish.id} finish={finish} />
                        ))}
                    </ul>
                    <StudioMarks />
                </Home>
            ) : (
                <Loading error={finishes.error} />
            )}
        </BelowOrders>
    );
}

function Finish({ finish }: { finish: HouseFinish }) {
    const update = useFinishAct((change: { name?: string; choices?: string[] }) => changeFinish(finish, change));
    const remove = useFinishAct(() => removeFinish(finish.id));
    const [asked, setAsked] = useState(false);
    const keys = Object.keys(finish.choices);
    return (
        <li className="grid grid-cols-[20rem_1fr_auto] items-start gap-8 border-t border-rule py-4 last:border-b">
            <Typed
                label={<span className="sr-only">Name</span>}
                value={finish.name}
                width="w-80 !text-left font-medium"
                onSet={(name) => update.mutateAsync({ name })}
            />
            <div>
                <ul className="flex flex-wrap gap-1.5" aria-label={`What ${finish.name} settles`}>
                    {Object.entries(finish.choices).map(([key, words]) => (
                        <li
                            key={key}
                            className="flex items-center gap-1 rounded-sm border border-rule bg-white py-0.5 pr-1 pl-2.5"
                        >
                            {words}
                            <button
                                type="button"
                                disabled={keys.length === 1}
                                aria-label={`Leave out: ${words}`}
                                className="size-6 text-soft hover:text-stops disabled:opacity-30"
                                onClick={() => update.mutate({ choices: keys.filter((held) => held !== key) })}
                            >
                                ×
                            </button>
                        </li>
                    ))}
                </ul>
                {update.error && (
                    <p role="alert" className="mt-1 text-small text-stops">
                        {update.error.message}
                    </p>
                )}
            </div>
            <button
                type="button"
                className={`pt-1.5 text-row underline underline-offset-4 ${asked ? 'font-semibold text-stops' : 'text-soft hover:text-ink'}`}
                onBlur={() => setAsked(false)}
                onClick={() => (asked ? remove.mutate(undefined) : setAsked(true))}
            >
                {asked ? 'Remove it for good' : 'Remove'}
            </button>
        </li>
    );
}
