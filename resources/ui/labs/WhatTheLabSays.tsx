import { useState } from 'react';
import { useAct } from '@/api/act';
import { readRequirements } from '@/api/labs';
import type { CardField, LabRead } from '@/api/types';
import { Button } from '@/common/Button';
import { OverPage } from '@/common/OverPage';
import { NO_PRODUCT, type CardDraft } from './useCardDraft';

interface Props {
    fields: CardField[];
    draft: CardDraft;
}

/** A lab's page of requirements, pasted: what was read of it stands beside its words, and nothing is filled in unseen. */
export function WhatTheLabSays({ fields, draft }: Props) {
    const [isOpen, setIsOpen] = useState(false);
    return (
        <OverPage
            title="What the lab says"
            isOpen={isOpen}
            onOpen={setIsOpen}
            className="flex w-[56rem] flex-col"
            trigger={<Button>Paste what the lab says…</Button>}
        >
            <Reading fields={fields} draft={draft} onDone={() => setIsOpen(false)} />
        </OverPage>
    );
}

function Reading({ fields, draft, onDone }: Props & { onDone: () => void }) {
    const [text, setText] = useState('');
    const [left, setLeft] = useState<ReadonlySet<number>>(new Set());
    const read = useAct(readRequirements, { onSuccess: () => setLeft(new Set()) });
    const take = (answer: LabRead) => {
        fillIn(
            draft,
            answer.understood.filter((_, at) => !left.has(at)),
        );
        onDone();
    };
    if (!read.data) {
        return (
            <form
                className="flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    read.mutate(text);
                }}
            >
                <label htmlFor="what-the-lab-says" className="text-row text-soft">
                    Its page of requirements, as plain text: sizes, papers, resolution, colour, kinds of file, prices. Nothing is
                    kept before you have seen what was read.
                </label>
                <textarea
                    id="what-the-lab-says"
                    autoFocus
                    rows={14}
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                    className="rounded-sm border border-edge bg-white px-2 py-1.5 text-row"
                />
                {read.error && (
                    <p role="alert" className="text-small text-stops">
                        {read.error.message}
                    </p>
                )}
                <div className="flex gap-3">
                    <Button type="submit" look="main" disabled={text.trim() === '' || read.isPending}>
                        Read it
                    </Button>
                    <Button onClick={onDone}>Not now</Button>
                </div>
            </form>
        );
    }
    const label = (name: string) =>
        ({ papers: 'Paper', products: 'Product', prices: 'Price' })[name] ??
        fields.find((field) => field.name === name)?.label ??
        name;
    return (
        <>
            <div className="grow overflow-auto">
                {read.data.understood.length === 0 && <p>Nothing of it was understood. Fill the card in by hand.</p>}
                <table className="w-full text-left text-row">
                    <thead className="sr-only">
                        <tr>
                            <th>Fill in</th>
                            <th>Field</th>
                            <th>What was read</th>
                            <th>From its words</th>
                        </tr>
                    </thead>
                    <tbody>
                        {read.data.understood.map((one, at) => (
                            <tr key={at} className="border-b border-rule align-baseline">
                                <td className="py-1.5 pr-3">
                                    <input
                                        type="checkbox"
                                        aria-label={`Fill in ${label(one.field)}: ${one.text}`}
                                        checked={!left.has(at)}
                                        className="accent-copper"
                                        onChange={(event) =>
                                            setLeft((held) => {
                                                const now = new Set(held);
                                                if (event.target.checked) {
                                                    now.delete(at);
                                                } else {
                                                    now.add(at);
                                                }
                                                return now;
                                            })
                                        }
                                    />
                                </td>
                                <td className="py-1.5 pr-4 whitespace-nowrap text-soft">{label(one.field)}</td>
                                <td className="max-w-[18rem] py-1.5 pr-4 font-semibold">{one.text}</td>
                                <td className="py-1.5 font-serif text-soft italic">“{one.words}”</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
                {read.data.rest.length > 0 && (
                    <div className="mt-4">
                        <h3 className="text-row font-semibold">Not understood</h3>
                        <ul className="mt-1 flex flex-col gap-0.5 font-serif text-row text-soft">
                            {read.data.rest.map((words, at) => (
                                <li key={at}>“{words}”</li>
                            ))}
                        </ul>
                    </div>
                )}
            </div>
            <div className="mt-4 flex gap-3">
                <Button
                    look="main"
                    autoFocus
                    onClick={() => take(read.data)}
                    disabled={read.data.understood.length === left.size}
                >
                    Fill these in
                </Button>
                <Button onClick={() => read.reset()}>Back to its words</Button>
            </div>
        </>
    );
}

/** Puts what was read into the draft; prices, papers and products each come beside those that are there. */
function fillIn(draft: CardDraft, understood: LabRead['understood']) {
    const named = (text: string) => {
        const at = text.lastIndexOf(': ');
        return [text.slice(0, at), text.slice(at + 2)] as const;
    };
    const of = (field: string) => understood.filter((one) => one.field === field).map(({ text }) => text);
    const texts = Object.fromEntries(
        understood
            .filter(({ field }) => !['papers', 'products', 'prices'].includes(field))
            .map(({ field, text }) => [field, text]),
    );
    const { papers, products } = draft.typed;
    draft.texts(of('prices').length > 0 ? { ...texts, prices: of('prices').join('\n') } : texts);
    const surfaces = of('papers').map(named);
    draft.papers([
        ...papers,
        ...surfaces
            .filter(([name]) => !papers.some((paper) => paper.name === name))
            .map(([name, surface]) => ({ name, surface: surface as 'glossy' | 'lustre' | 'matte' })),
    ]);
    const pieces = of('products').map(named);
    draft.products([
        ...products,
        ...pieces
            .filter(([name]) => !products.some((product) => product.name === name))
            .map(([name, largestPiece]) => ({ ...NO_PRODUCT, name, largestPiece })),
    ]);
}
