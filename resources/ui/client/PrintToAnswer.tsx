import { useId, useState } from 'react';
import type { ShownPrint } from '@/api/types';
import { Button } from '@/common/Button';
import { useKept } from '@/common/useKept';
import { AsItWillBe } from './AsItWillBe';
import type { Answer } from './answering';

/** Of a note, in letters */
const LONGEST = 2000;

interface Props {
    print: ShownPrint;
    isSending: boolean;
    onAnswer: (answer: Answer) => Promise<boolean>;
}

/** One print, what it is in words, and what is said to it. */
export function PrintToAnswer({ print, isSending, onAnswer }: Props) {
    const { answer } = print;
    const isAnswered = answer !== null && answer.isOfThis;
    const [isOpen, setIsOpen] = useState(false);
    const [note, setNote, noteIsSent] = useKept(`note.${location.pathname}.${print.line}`, answer?.note ?? '');
    const [isWriting, setIsWriting] = useState(note !== (answer?.note ?? ''));
    const id = useId();
    const asks = !isAnswered || isOpen;
    const done = () => {
        noteIsSent();
        setIsWriting(false);
        setIsOpen(false);
    };
    return (
        <li
            className="grid gap-x-9 gap-y-4 border-b border-rule py-8 [contain-intrinsic-size:auto_600px] [content-visibility:auto] md:grid-cols-[minmax(0,1fr)_300px]"
            data-testid="shown-print"
        >
            <AsItWillBe print={print} />
            <div className="flex flex-col items-start gap-2">
                <h2 className="font-serif text-lead leading-snug">{print.title}</h2>
                <p className="text-read leading-normal">{print.what}.</p>
                <p className="text-base leading-normal text-soft">{print.cut}</p>
                {answer !== null && !asks && (
                    <div className="mt-2 w-full rounded-sm border border-rule bg-white p-3">
                        <p className="font-semibold">{answer.isYes ? 'You said yes.' : 'You wrote:'}</p>
                        {answer.note && <p className="mt-1 break-words whitespace-pre-wrap">{answer.note}</p>}
                        <button
                            type="button"
                            className="mt-1.5 min-h-6 font-semibold text-copper underline underline-offset-4"
                            onClick={() => setIsOpen(true)}
                        >
                            Answer anew
                        </button>
                    </div>
                )}
                {answer !== null && !answer.isOfThis && (
                    <p className="text-base text-look">It has been changed since you answered. Please look at it again.</p>
                )}
                {asks && (
                    <div className="mt-2 flex flex-wrap gap-2.5">
                        <Button
                            look="main"
                            disabled={isSending}
                            className="min-h-10 px-4"
                            onClick={() => void onAnswer({ print, isYes: true }).then((ok) => ok && done())}
                        >
                            Yes, as shown
                        </Button>
                        {!isWriting && (
                            <Button disabled={isSending} className="min-h-10 px-4" onClick={() => setIsWriting(true)}>
                                Write a note
                            </Button>
                        )}
                    </div>
                )}
                {asks && isWriting && (
                    <form
                        className="mt-1 flex w-full flex-col gap-2"
                        onSubmit={(event) => {
                            event.preventDefault();
                            void onAnswer({ print, isYes: false, note }).then((ok) => ok && done());
                        }}
                    >
                        <label htmlFor={id} className="text-base text-soft">
                            What should be different?
                        </label>
                        <textarea
                            id={id}
                            autoFocus
                            required
                            rows={4}
                            maxLength={LONGEST}
                            value={note}
                            onChange={(event) => setNote(event.target.value)}
                            className="rounded-sm border border-edge bg-white px-2.5 py-2 text-read"
                        />
                        <Button type="submit" disabled={isSending || note.trim() === ''} className="min-h-10 self-start px-4">
                            Send the note
                        </Button>
                    </form>
                )}
            </div>
        </li>
    );
}
