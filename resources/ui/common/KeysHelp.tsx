import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useKeys } from './useKeys';

export interface PageKey {
    keys: string;
    does: string;
}

/** `?` tells the keys of the page. */
export function KeysHelp({ keys }: { keys: PageKey[] }) {
    const [open, setOpen] = useState(false);
    useKeys({ '?': () => setOpen(true) });
    return (
        <Dialog.Root open={open} onOpenChange={setOpen}>
            <Dialog.Trigger className="text-[13px] text-soft hover:text-ink" aria-label="Keys of this page">
                Keys <kbd className="rounded-[3px] border border-current px-1 font-sans text-[11px]">?</kbd>
            </Dialog.Trigger>
            <Dialog.Portal>
                <Dialog.Overlay className="fixed inset-0 z-40 bg-black/25" />
                <Dialog.Content
                    aria-describedby={undefined}
                    className="fixed top-1/2 left-1/2 z-50 max-h-[86vh] w-[27rem] -translate-1/2 overflow-auto rounded bg-white p-6 shadow-xl"
                >
                    <Dialog.Title className="mb-3 font-serif text-lead font-medium">Keys of this page</Dialog.Title>
                    <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1.5">
                        {[...keys, { keys: '?', does: 'shows these keys' }].map((key) => (
                            <div key={key.keys} className="contents">
                                <dt className="font-semibold whitespace-nowrap">{key.keys}</dt>
                                <dd className="text-soft">{key.does}</dd>
                            </div>
                        ))}
                    </dl>
                    <Dialog.Close className="mt-5 rounded-[3px] border border-[#a9a9a8] px-3 py-1 text-[13px] font-semibold">
                        Close
                    </Dialog.Close>
                </Dialog.Content>
            </Dialog.Portal>
        </Dialog.Root>
    );
}
