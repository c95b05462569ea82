import { thumbUrl } from '@/api/client';
import type { OrderPicture, OtherWords, WordsPart } from '@/api/types';

interface Props {
    parts: WordsPart[];
    pictures: OrderPicture[];
    /** the words are those that stand in the field now */
    isCurrent: boolean;
    onChoose: (part: number, words: OtherWords) => void;
}

/** What isn't clear in a line, each with what may be meant: one press says it. */
export function Doubts({ parts, pictures, isCurrent, onChoose }: Props) {
    const doubts = parts.map((part, i) => ({ part, i })).filter(({ part }) => part.why !== null);
    return (
        <ul className="mt-1 flex flex-col gap-1.5">
            {doubts.map(({ part, i }) => (
                <li key={i} className="flex flex-wrap items-center gap-x-2 gap-y-1 text-small">
                    <span className={part.is === 'left' ? 'text-stops' : 'text-look'}>
                        “{part.words.trim()}”: {part.why}
                    </span>
                    {part.offers.map((offer) => (
                        <button
                            key={offer.with}
                            type="button"
                            disabled={!isCurrent}
                            onClick={() => onChoose(i, offer)}
                            className="flex items-center gap-2 rounded-[3px] border border-[#a9a9a8] bg-white px-2 py-0.5 text-ink hover:border-ink"
                        >
                            <Thumb name={offer.picture} pictures={pictures} />
                            {offer.label}
                        </button>
                    ))}
                </li>
            ))}
        </ul>
    );
}

function Thumb({ name, pictures }: { name: string | null; pictures: OrderPicture[] }) {
    const picture = name === null ? undefined : pictures.find((of) => of.name === name);
    return picture ? <img src={thumbUrl(picture.sha256)} alt="" className="h-12 w-auto max-w-20 object-contain" /> : null;
}
