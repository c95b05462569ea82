import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { setLettersWantAlt, useLettersWantAlt } from '@/keys/letters';
import { Button } from './Button';
import { OverPage } from './OverPage';
import { useKeys } from '@/keys/useKeys';

export interface PageKey {
    keys: string;
    does: string;
}

/** `?` tells the keys of the page. */
export function KeysHelp({ keys }: { keys: PageKey[] }) {
    const [open, setOpen] = useState(false);
    const wantAlt = useLettersWantAlt();
    useKeys({ '?': () => setOpen(true) });
    return (
        <OverPage
            title="Keys of this page"
            isOpen={open}
            onOpen={setOpen}
            className="w-[27rem]"
            trigger={
                <button type="button" className="text-row text-soft hover:text-ink" aria-label="Keys of this page">
                    Keys <kbd className="rounded-sm border border-current px-1 font-sans text-tiny">?</kbd>
                </button>
            }
        >
            <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
                {[...keys, { keys: '?', does: 'shows these keys' }].map((key) => (
                    <div key={key.keys} className="contents">
                        <dt className="font-semibold whitespace-nowrap">
                            {wantAlt && /^\S$/.test(key.keys) ? `Alt ${key.keys}` : key.keys}
                        </dt>
                        <dd className="text-soft">{key.does}</dd>
                    </div>
                ))}
            </dl>
            <label className="mt-4 flex items-baseline gap-2 border-t border-rule pt-3 text-row">
                <input
                    type="checkbox"
                    checked={wantAlt}
                    onChange={(event) => setLettersWantAlt(event.target.checked)}
                    className="accent-copper"
                />
                <span>
                    Single letters and figures act only with Alt
                    <span className="block text-small text-soft">for you, in this browser</span>
                </span>
            </label>
            <Dialog.Close asChild>
                <Button className="mt-5">Close</Button>
            </Dialog.Close>
        </OverPage>
    );
}
