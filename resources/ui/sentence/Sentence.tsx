import { Popover } from 'radix-ui';
import { useRef, useState, type ComponentType } from 'react';
import type { LineActs } from '@/api/queries';
import type { LineView, OrderSheet } from '@/api/types';
import { ColourWord } from './words/ColourWord';
import { CopiesWord } from './words/CopiesWord';
import { FileWord } from './words/FileWord';
import { NameWord } from './words/NameWord';
import { PictureWord } from './words/PictureWord';
import { PpiWord } from './words/PpiWord';
import { SizeWord } from './words/SizeWord';
import { TurnWord } from './words/TurnWord';

export interface WordProps {
    line: LineView;
    order: OrderSheet;
    /** saves; fails with the words for the field */
    change: LineActs['change'];
    close: () => void;
}

/** The register of words: what a word opens, and what its popover is called. */
const WORDS: Record<string, { title: string; Panel: ComponentType<WordProps> }> = {
    copies: { title: 'How many', Panel: CopiesWord },
    picture: { title: 'Which picture', Panel: PictureWord },
    size: { title: 'Size on paper', Panel: SizeWord },
    turn: { title: 'Which way up', Panel: TurnWord },
    ppi: { title: 'Pixels per inch', Panel: PpiWord },
    colour: { title: 'Colour space', Panel: ColourWord },
    file: { title: 'Kind of file', Panel: FileWord },
    name: { title: 'What the file is called', Panel: NameWord },
};

/** The line as one plain sentence; Tab walks its words, Enter opens one, Esc closes it. */
export function Sentence({ line, order, change }: Omit<WordProps, 'close'>) {
    return (
        <p className="px-[26px] py-3.5 font-serif text-[20px] leading-[31px]" data-testid="sentence">
            {line.sentence.map((segment, i) =>
                segment.word === null ? (
                    <span key={i}>{segment.text}</span>
                ) : (
                    <Word key={segment.word} word={segment.word} text={segment.text} line={line} order={order} change={change} />
                ),
            )}
            .
        </p>
    );
}

/** How far below its word a popover opens, so that the whole sentence stays readable. */
function belowSentence(word: HTMLElement | null): number {
    const sentence = word?.closest('p');
    return sentence && word ? sentence.getBoundingClientRect().bottom - word.getBoundingClientRect().bottom + 2 : 8;
}

function Word({ word, text, ...props }: Omit<WordProps, 'close'> & { word: string; text: string }) {
    const [open, setOpen] = useState(false);
    const [below, setBelow] = useState(8);
    const trigger = useRef<HTMLButtonElement>(null);
    const entry = WORDS[word];
    if (!entry) {
        return <span>{text}</span>;
    }
    const { title, Panel } = entry;
    return (
        <Popover.Root
            open={open}
            onOpenChange={(opens) => {
                setBelow(opens ? belowSentence(trigger.current) : below);
                setOpen(opens);
            }}
        >
            <Popover.Trigger
                ref={trigger}
                aria-label={`${text}. ${title}`}
                className={`inline text-left font-medium underline decoration-copper decoration-dotted decoration-1 underline-offset-[5px] hover:bg-blush data-[state=open]:bg-[#f0dcd2] data-[state=open]:decoration-solid ${word === 'name' ? 'font-sans text-[15px]' : ''}`}
            >
                {text}
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    align="start"
                    sideOffset={below}
                    collisionPadding={12}
                    aria-label={title}
                    className="z-30 max-h-[76vh] w-[19.5rem] overflow-auto rounded border border-rule bg-white p-4 text-[13.5px] shadow-lg"
                >
                    <h2 className="mb-2.5 text-[13px] font-semibold">{title}</h2>
                    <Panel {...props} close={() => setOpen(false)} />
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
