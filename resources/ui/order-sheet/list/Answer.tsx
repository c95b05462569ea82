import type { ReactNode } from 'react';

interface Props {
    isCurrent: boolean;
    onSay: () => void;
    children: ReactNode;
}

/** What may be meant where something isn't clear. Its number among the line's answers is its key, while one is among them. */
export const Answer = ({ isCurrent, onSay, children }: Props) => (
    <button
        type="button"
        data-answer
        disabled={!isCurrent}
        onClick={onSay}
        className="answer flex items-center gap-2 rounded-sm border border-edge-soft bg-white px-2 py-0.5 text-ink hover:border-ink"
    >
        {children}
    </button>
);
