import type { WordsPart } from '@/api/types';

const LOOKS: Record<WordsPart['is'], string> = {
    read: 'text-ink',
    passed: 'text-soft',
    unsure: 'text-look underline decoration-look decoration-dotted decoration-2 underline-offset-4',
    left: 'text-stops underline decoration-stops decoration-wavy decoration-1 underline-offset-4',
};

const SAYS: Record<WordsPart['is'], string | undefined> = {
    read: undefined,
    passed: undefined,
    unsure: 'not sure',
    left: 'not understood',
};

/**
 * Words as they were written, and how they were read: what was not understood stands out, a number of prints is bold, and what each
 * says is told under the pointer, and behind them to who can't see it.
 */
export function ReadParts({ parts }: { parts: WordsPart[] }) {
    const roles = parts.filter((part) => part.role !== null && part.why === null).map(({ role }) => role);
    return (
        <>
            {parts.map((part, i) => (
                <span
                    key={i}
                    className={`relative ${LOOKS[part.is]} ${part.isMany ? 'font-semibold' : ''}`}
                    title={part.why ?? part.role ?? undefined}
                >
                    {part.words}
                    {SAYS[part.is] && <span className="sr-only"> ({SAYS[part.is]})</span>}
                </span>
            ))}
            {roles.length > 0 && <span className="sr-only"> ({roles.join('; ')})</span>}
        </>
    );
}
