import { createContext, useContext, useState, type ReactNode } from 'react';

/** What the pointer does on the drawing: move the picture, mark what must stay in, or take a colour from the picture. */
export type Mode = { does: 'move' } | { does: 'mark' } | { does: 'take-colour'; take: (colour: string) => void };

const MOVE: Mode = { does: 'move' };
const ModeContext = createContext<{ mode: Mode; set: (mode: Mode) => void }>({ mode: MOVE, set: () => undefined });

export function ModeKept({ children }: { children: ReactNode }) {
    const [mode, set] = useState<Mode>(MOVE);
    return <ModeContext value={{ mode, set }}>{children}</ModeContext>;
}

export function useMode() {
    const { mode, set } = useContext(ModeContext);
    return { mode, set, rest: () => set(MOVE) };
}
