import { useNavigate } from 'react-router';
import { useAct } from '@/api/act';
import { useManyActs } from '@/api/lines';
import { useSheetActs } from '@/api/sheets';
import type { LineView } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { GiveFinish } from '@/lines/GiveFinish';
import { ScreenCopies } from '@/lines/ScreenCopies';
import { useNotices } from '@/notices/notices';
import { useHistory } from '@/undo/history';
import { ShareSheets } from './ShareSheets';

interface Props {
    orderId: number;
    lines: LineView[];
    pictures: string[];
    onSay: () => void;
    onDone: () => void;
}

/** What can be done to the chosen lines together. */
export function ChosenActs({ orderId, lines, pictures, onSay, onDone }: Props) {
    const notices = useNotices();
    const navigate = useNavigate();
    const history = useHistory(orderId);
    const acts = useManyActs(orderId);
    const sheets = useSheetActs(orderId);
    const takeApart = async () => {
        for (const line of lines.filter(({ cells }) => cells.length > 0)) {
            await sheets.apart(line);
        }
    };
    const apart = useAct(takeApart, {
        onSuccess: onDone,
        onError: (error) => notices.say(error.message, { lasts: true }),
    });
    const all = useAct(async (act: 'pass' | 'remove') => ({ act, missed: await acts[act](lines) }), {
        onSuccess: ({ act, missed }) => {
            missed.forEach((words) => notices.say(words, { lasts: true }));
            if (act === 'remove' && missed.length < lines.length) {
                notices.say(`${lines.length - missed.length} lines were removed.`, {
                    lasts: true,
                    act: { label: 'Bring them back', run: () => void history.undo() },
                });
            }
            onDone();
        },
    });
    return (
        <>
            <span className="text-row whitespace-nowrap text-soft">{lines.length + pictures.length} chosen:</span>
            {lines.length > 0 && (
                <>
                    <Button onClick={() => all.mutate('pass')} disabled={all.isPending}>
                        Pass
                    </Button>
                    <Button onClick={onSay}>
                        Say…<Key>W</Key>
                    </Button>
                    <GiveFinish orderId={orderId} lines={lines} />
                    <ScreenCopies
                        orderId={orderId}
                        lines={lines.map(({ id }) => id)}
                        onMade={() => void navigate(`/orders/${orderId}/make`)}
                    />
                </>
            )}
            <ShareSheets orderId={orderId} lines={lines} pictures={pictures} onDone={onDone} />
            {lines.some((line) => line.cells.length > 0) && (
                <Button onClick={() => apart.mutate()} disabled={apart.isPending}>
                    Take apart
                </Button>
            )}
            {lines.length > 0 && (
                <Button onClick={() => all.mutate('remove')} disabled={all.isPending}>
                    Remove
                </Button>
            )}
            <Button look="quiet" onClick={onDone}>
                None
            </Button>
        </>
    );
}
