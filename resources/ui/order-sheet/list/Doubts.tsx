import { thumbUrl } from '@/api/client';
import { Answer } from './Answer';
import { isWord, TeachWord } from './TeachWord';
import type { OrderPicture, OtherWords, WordsPart } from '@/api/types';

interface Props {
    orderId: number;
    parts: WordsPart[];
    pictures: OrderPicture[];
    /** the words are those that stand in the field now */
    isCurrent: boolean;
    onChoose: (part: number, words: OtherWords) => void;
}

/** What isn't clear in a line, each with what may be meant: one press says it. */
export function Doubts({ orderId, parts, pictures, isCurrent, onChoose }: Props) {
    const doubts = parts.map((part, i) => ({ part, i })).filter(({ part }) => part.why !== null);
    return (
        <ul className="mt-1 flex flex-col gap-1.5">
            {doubts.map(({ part, i }) => (
                <li key={i} className="flex flex-wrap items-center gap-x-2 gap-y-1 text-small">
                    <span className={part.is === 'left' ? 'text-stops' : 'text-look'}>
                        “{part.words.trim()}”: {part.why}
                    </span>
                    <span
                        className={`flex flex-wrap gap-1.5 ${part.offers.some(({ picture }) => picture !== null) ? 'basis-full' : ''}`}
                    >
                        {part.offers.map((offer) => (
                            <Answer key={offer.with} isCurrent={isCurrent} onSay={() => onChoose(i, offer)}>
                                <Pictured name={offer.picture} pictures={pictures} />
                                <span>
                                    {offer.label}
                                    <Taken name={offer.picture} pictures={pictures} />
                                </span>
                            </Answer>
                        ))}
                    </span>
                    {canBeTaught(part) && (
                        <TeachWord orderId={orderId} words={tidy(part.words)} likely={part.offers[0]?.with.trim() ?? ''} />
                    )}
                </li>
            ))}
        </ul>
    );
}

/** What is wanted may be; which picture, how many, or what is taken back, may not. */
const canBeTaught = ({ words, role, offers }: WordsPart) =>
    isWord(words.trim()) &&
    (role === null || role.startsWith('what is wanted')) &&
    offers.every(({ picture }) => picture === null);

/** Without signs and spaces around it. */
const tidy = (words: string) => words.replace(/^[\s\p{P}]+|[\s\p{P}]+$/gu, '');

const named = (name: string | null, pictures: OrderPicture[]) =>
    name === null ? undefined : pictures.find((of) => of.name === name);

interface OfPicture {
    name: string | null;
    pictures: OrderPicture[];
}

function Pictured({ name, pictures }: OfPicture) {
    const picture = named(name, pictures);
    return picture ? <img src={thumbUrl(picture.sha256)} alt="" className="h-16 w-auto max-w-28 object-contain" /> : null;
}

/** When a picture was taken, by the camera's own clock. */
function Taken({ name, pictures }: OfPicture) {
    const taken = named(name, pictures)?.taken;
    return taken ? (
        <span className="block text-left text-soft">
            {new Date(taken).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })}
        </span>
    ) : null;
}
