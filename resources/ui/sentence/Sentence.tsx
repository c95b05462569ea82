import { Popover } from 'radix-ui';
import { useRef, useState, type ReactNode } from 'react';
import { hasMovedOn } from '@/common/hasMovedOn';
import { goHome } from '@/keys/home';
import { WORDS_OF_FINISHES } from '@/finishes';
import { CaptionWord } from './words/CaptionWord';
import { ColourWord } from './words/ColourWord';
import { CopiesWord } from './words/CopiesWord';
import { FileWord } from './words/FileWord';
import { ForPaperWord } from './words/ForPaperWord';
import { LetteringWord } from './words/LetteringWord';
import { MakeWord } from './words/MakeWord';
import { MarkedWord } from './words/MarkedWord';
import { NameWord } from './words/NameWord';
import { OverlaysWord } from './words/OverlaysWord';
import { PaperWord } from './words/PaperWord';
import { PictureWord } from './words/PictureWord';
import { PpiWord } from './words/PpiWord';
import { MountWord } from './words/MountWord';
import { OptionsWord } from './words/OptionsWord';
import { ProductWord } from './words/ProductWord';
import { SizeWord } from './words/SizeWord';
import { SharpenWord } from './words/SharpenWord';
import { TurnWord } from './words/TurnWord';
import type { Word, WordProps } from '@/words/word';
import { ViewedWord } from './words/ViewedWord';

/** The register of words that every finish has; each finish names its own. */
const WORDS: Record<string, Word> = {
    ...WORDS_OF_FINISHES,
    copies: { title: 'How many', Panel: CopiesWord },
    make: { title: 'What it is made into', Panel: MakeWord },
    picture: { title: 'Which picture', Panel: PictureWord },
    size: { title: 'Size on paper', Panel: SizeWord },
    turn: { title: 'Which way up', Panel: TurnWord },
    caption: { title: 'Caption', Panel: CaptionWord },
    lettering: { title: 'Lettering', Panel: LetteringWord },
    overlays: { title: 'Marks over it', Panel: OverlaysWord },
    product: { title: 'What it is printed on', Panel: ProductWord },
    mount: { title: 'What it is mounted on', Panel: MountWord },
    options: { title: 'What the lab does besides', Panel: OptionsWord },
    paper: { title: 'Which paper', Panel: PaperWord },
    forPaper: { title: 'Lifted for paper', Panel: ForPaperWord },
    sharpen: { title: 'Sharpened for its paper', Panel: SharpenWord },
    viewed: { title: 'Where it is looked at from', Panel: ViewedWord },
    marked: { title: 'What must stay in', Panel: MarkedWord },
    ppi: { title: 'Pixels per inch', Panel: PpiWord },
    colour: { title: 'Colour space', Panel: ColourWord },
    file: { title: 'Kind of file', Panel: FileWord },
    name: { title: 'What the file is called', Panel: NameWord },
};

/** The line as one plain sentence; Tab walks its words, Enter opens one, Esc closes it. */
export function Sentence({ line, order, change, lead }: Omit<WordProps, 'close'> & { lead?: string }) {
    const look =
        lead === undefined ? 'py-3.5 text-lead leading-[31px]' : 'border-t border-rule py-2 text-sentence leading-[26px]';
    return (
        <p className={`px-[26px] font-serif ${look}`} data-testid={lead === undefined ? 'sentence' : 'cell-sentence'}>
            {lead && <span className="pr-2 font-sans text-row font-semibold">{lead}</span>}
            {line.sentence.map((segment, i) =>
                segment.word === null ? (
                    <span key={i}>{segment.text}</span>
                ) : (
                    <Said key={segment.word} word={segment.word} text={segment.text} line={line} order={order} change={change} />
                ),
            )}
            {Object.keys(line.addable).length > 0 ? (
                <>
                    , <Add line={line} order={order} change={change} />
                </>
            ) : (
                '.'
            )}
        </p>
    );
}

/** The block that a word speaks of, where there is one of its kind: words go to it while it has the focus. */
function saidOf(word: string, { line }: WordProps['line']) {
    if (word === 'caption') {
        return word;
    }
    const blocks = word === 'lettering' ? line.lettering : word === 'overlays' ? line.overlays : undefined;
    return blocks?.length === 1 ? `${word}.0` : undefined;
}

/** How far below its word a popover opens, so that the whole sentence stays readable. */
function belowSentence(word: HTMLElement | null): number {
    const sentence = word?.closest('p');
    return sentence && word ? sentence.getBoundingClientRect().bottom - word.getBoundingClientRect().bottom + 2 : 8;
}

type OpenProps = Omit<WordProps, 'close'>;

function Said({ word, text, ...props }: OpenProps & { word: string; text: string }) {
    const entry = WORDS[word];
    return entry ? (
        <Opening title={entry.title} text={text} isName={word === 'name'} saidOf={saidOf(word, props.line)} change={props.change}>
            {(close, change) => <entry.Panel {...props} change={change} close={close} />}
        </Opening>
    ) : (
        <span>{text}</span>
    );
}

/** “add…”: what there is nothing to say of yet. */
function Add(props: OpenProps) {
    const [chosen, setChosen] = useState<string | null>(null);
    const entry = chosen === null ? undefined : WORDS[chosen];
    return (
        <Opening
            title={entry?.title ?? 'Add to it'}
            label="Add to it"
            text="add…"
            onOpen={() => setChosen(null)}
            change={props.change}
        >
            {(close, change) =>
                entry ? (
                    <entry.Panel {...props} change={change} close={close} />
                ) : (
                    <ul className="flex flex-col gap-px">
                        {Object.entries(props.line.addable).map(([word, words]) => (
                            <li key={word}>
                                <button
                                    type="button"
                                    className="w-full rounded-sm px-2 py-[5px] text-left hover:bg-chrome"
                                    onClick={() => setChosen(word)}
                                >
                                    {words}
                                </button>
                            </li>
                        ))}
                    </ul>
                )
            }
        </Opening>
    );
}

interface OpeningProps {
    title: string;
    /** what the word is, where it opens one of several */
    label?: string;
    text: string;
    isName?: boolean;
    /** what words are said of while it has the focus */
    saidOf?: string;
    onOpen?: () => void;
    change: WordProps['change'];
    /** given the way to close it, and to change something, after which the word is done with */
    children: (close: () => void, change: WordProps['change']) => ReactNode;
}

/** An underlined word and the popover it opens. */
function Opening({ title, label = title, text, isName, saidOf, onOpen, change, children }: OpeningProps) {
    const [open, setOpen] = useState(false);
    const [below, setBelow] = useState(8);
    const trigger = useRef<HTMLButtonElement>(null);
    const isDone = useRef(false);
    const close = () => {
        isDone.current = true;
        setOpen(false);
    };
    const changed: WordProps['change'] = (what) =>
        change(what).then((line) => {
            isDone.current = true;
            return line;
        });
    return (
        <Popover.Root
            open={open}
            onOpenChange={(opens) => {
                setBelow(opens ? belowSentence(trigger.current) : below);
                setOpen(opens);
                if (opens) {
                    isDone.current = false;
                    onOpen?.();
                }
            }}
        >
            <Popover.Trigger
                ref={trigger}
                aria-label={`${text}. ${label}`}
                data-said-of={saidOf}
                className={`inline text-left font-medium underline decoration-copper decoration-dotted decoration-1 underline-offset-[5px] hover:bg-blush data-[state=open]:bg-blush-deep data-[state=open]:decoration-solid ${isName ? 'font-sans text-read' : ''}`}
            >
                {text}
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    align="start"
                    sideOffset={below}
                    collisionPadding={12}
                    aria-label={title}
                    onEscapeKeyDown={() => (isDone.current = true)}
                    onCloseAutoFocus={(event) => {
                        if (hasMovedOn(trigger.current)) {
                            event.preventDefault();
                        } else if (isDone.current) {
                            // A word that was set or left is done with: the next Enter is the line’s, the next Tab goes on from here.
                            event.preventDefault();
                            trigger.current?.focus();
                            goHome();
                        }
                    }}
                    className="z-30 max-h-[76vh] w-[19.5rem] overflow-auto rounded border border-rule bg-white p-4 text-row shadow-lg"
                >
                    <h2 className="mb-2.5 text-row font-semibold">{title}</h2>
                    {children(close, changed)}
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
