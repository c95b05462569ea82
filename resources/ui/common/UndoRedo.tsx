import { useHistory } from '@/undo/history';
import { useKeys } from '@/keys/useKeys';

const look = 'rounded-sm px-1.5 py-[5px] text-row text-soft hover:text-ink disabled:opacity-40 disabled:hover:text-soft';

/** Takes back what was last done to the order, and does it again. */
export function UndoRedo({ orderId }: { orderId: number }) {
    const history = useHistory(orderId);
    useKeys({
        'ctrl+z': () => void history.undo(),
        'ctrl+shift+z': () => void history.redo(),
        'ctrl+y': () => void history.redo(),
    });
    return (
        <span className="flex">
            <button type="button" className={look} disabled={!history.canUndo} onClick={() => void history.undo()}>
                Undo
            </button>
            <button type="button" className={look} disabled={!history.canRedo} onClick={() => void history.redo()}>
                Redo
            </button>
        </span>
    );
}

export const UNDO_KEYS = [
    { keys: 'Ctrl Z', does: 'take back what was last done' },
    { keys: 'Ctrl Shift Z', does: 'do it again' },
];
