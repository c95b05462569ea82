import { useAct } from '@/api/act';
import { useHoldMake, type Hold } from '@/api/makes';
import type { MadeFile, Make } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { useKeys } from '@/keys/useKeys';
import { useTell } from '@/common/useTell';

interface Props {
    make: Make;
    orderId: number;
    /** of several sets the keys are those of the newest */
    hasKeys: boolean;
}

/** A set while it is being made or waits: how far it is, and the means to have it wait, stop, go on. */
export function Going({ make, orderId, hasKeys }: Props) {
    const tell = useTell();
    const hold = useAct(useHoldMake(make.id, orderId));
    const has = (state: MadeFile['state']) => make.files.some((file) => file.state === state);
    const isGoing = make.held === null && has('waiting');
    const can: Record<Hold, boolean> = {
        pause: isGoing,
        'go-on': has('stopped') || (make.held !== null && has('waiting')),
        stop: has('waiting'),
    };
    const act = (how: Hold) => {
        if (can[how] && !hold.isPending) {
            tell(hold.mutateAsync(how));
        }
    };
    useKeys(hasKeys ? { p: () => act(can.pause ? 'pause' : 'go-on'), s: () => act('stop') } : {});
    const share =
        make.files.reduce((sum, file) => sum + (file.state === 'made' || file.state === 'failed' ? 100 : file.percent), 0) /
        make.files.length;
    const offered = (Object.keys(can) as Hold[]).filter((how) => can[how]);
    return has('making') || offered.length > 0 ? (
        <div className="flex items-center gap-3">
            <progress value={share} max={100} aria-label="All files" className="w-40" />
            {offered.map((how) => (
                <Button key={how} onClick={() => act(how)} disabled={hold.isPending}>
                    {{ pause: 'Pause', stop: 'Stop', 'go-on': 'Go on' }[how]}
                    {hasKeys && <Key>{how === 'stop' ? 'S' : 'P'}</Key>}
                </Button>
            ))}
        </div>
    ) : null;
}
