import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useAnswers } from '@/api/client-pages';
import { useOrder, useOrderRefresh } from '@/api/orders';
import { useTell } from '@/common/useTell';
import type { OrderSheet } from '@/api/types';
import { Button } from '@/common/Button';
import { InAll } from '@/common/InAll';
import { Loading, Trouble } from '@/common/Loading';
import { useNotices } from '@/notices/notices';
import { Above, TopBar } from '@/common/TopBar';
import { UNDO_KEYS, UndoRedo } from '@/common/UndoRedo';
import { useKeys } from '@/keys/useKeys';
import { scaleFor } from '@/silhouette/Silhouette';
import { useDrop } from '@/pictures/dragging';
import { useMake } from '@/lines/useMake';
import { ChosenActs } from './ChosenActs';
import { LineRow } from './LineRow';
import { useArriving } from './useArriving';
import { useChoosing } from './useChoosing';
import { useGoOn } from './useGoOn';
import { NotPassed } from './NotPassed';
import { OrderActs } from './OrderActs';
import { OrderHead } from './OrderHead';
import { Pictures } from './Pictures';
import { SayOfMany } from './SayOfMany';
import { WhatWasOrdered } from './list/WhatWasOrdered';
import { Home } from '@/common/Home';

const KEYS = [
    { keys: 'A', does: 'write down what was ordered' },
    { keys: 'Enter', does: 'open the line that has the focus on the bench' },
    { keys: 'G', does: 'go on: pass what is fine, look at what isn’t, or make the files' },
    { keys: 'M', does: 'make the files of all passed lines' },
    { keys: 'Ctrl ⇧ ⏎', does: 'in the field: add the lines, and go on' },
    { keys: 'W', does: 'say something of the chosen lines, in words' },
    { keys: 'U', does: 'give the chosen lines a house finish, by the first letters of its name' },
    { keys: 'L', does: 'look at each line that wants eyes, large' },
    { keys: 'F', does: 'pass all lines that have nothing to look at' },
    { keys: 'Ctrl A', does: 'choose all lines; Shift with a click chooses up to there, Esc none' },
    { keys: 'V', does: 'see the order on the wall' },
    { keys: 'Tab', does: 'walk the lines' },
    ...UNDO_KEYS,
];

/** The whole order at a glance: its pictures and its lines. */
export function OrderSheetPage() {
    const order = useOrder(Number(useParams().order));
    return order.data ? (
        <Sheet order={order.data} trouble={order.failureReason} />
    ) : (
        <Loading error={order.error ?? order.failureReason} />
    );
}

function Sheet({ order, trouble }: { order: OrderSheet; trouble: Error | null }) {
    const notices = useNotices();
    const tell = useTell();
    const navigate = useNavigate();
    const [chosen, setChosen] = useState<ReadonlySet<number>>(new Set());
    const [pictures, setPictures] = useState<string[]>([]);
    const [isSaying, setIsSaying] = useState(false);
    const { uploads, lists, takeFiles, listsRead } = useArriving(order.id);
    const drop = useDrop({ onFiles: takeFiles });
    const choosing = useChoosing(order.lines, chosen, setChosen);
    const lines = order.lines.filter((line) => chosen.has(line.id));
    const make = useMake(order.id);
    const goOn = useGoOn(order.id);
    const makeChosen = () => make.mutate(lines.map((line) => line.id));
    useKeys({
        m: makeChosen,
        g: () => goOn.mutate(),
        'ctrl+a': () => choosing.many(order.lines.map(({ id }) => id)),
        Escape: () => choosing.many([]),
        l: () => void navigate(`/orders/${order.id}/look`),
        v: () => void navigate(`/orders/${order.id}/wall`),
        u: () => lines.length > 0 || notices.say('Choose lines first; then U gives them a house finish.'),
        w: () => (lines.length > 0 ? setIsSaying(true) : notices.say('Choose lines first; then W says something of them.')),
    });
    const chosenPictures = pictures.filter((name) => order.pictures.some((picture) => picture.name === name));
    const answers = useAnswers(order.id);
    const refetch = useOrderRefresh(order.id);
    const scale = scaleFor(
        order.lines.map((line) => line.drawing),
        110,
        84,
    );
    return (
        <div className="flex h-screen flex-col">
            <title>{`${order.client}, ${order.number} · Planisher`}</title>
            <Bar order={order} />
            <Trouble error={trouble} />
            <div className="flex min-h-0 grow">
                <Pictures
                    orderId={order.id}
                    pictures={order.pictures}
                    uploads={uploads.uploads}
                    onFiles={takeFiles}
                    onTake={uploads.take}
                    onAgain={uploads.again}
                    onAway={uploads.away}
                    onRemoved={(promise) => tell(promise.then(refetch))}
                    chosen={chosenPictures}
                    onChoose={setPictures}
                />
                <Home className="relative min-w-0 grow overflow-auto px-[26px] py-4" {...drop.handlers}>
                    <OrderHead order={order} chosen={lines} />
                    <div className="mt-4 mb-3 flex items-center gap-3">
                        {(lines.length > 0 || pictures.length > 0) && (
                            <ChosenActs
                                orderId={order.id}
                                lines={lines}
                                pictures={pictures}
                                onSay={() => setIsSaying(true)}
                                onDone={() => {
                                    setChosen(new Set());
                                    setPictures([]);
                                    setIsSaying(false);
                                }}
                            />
                        )}
                        <div className="ml-auto flex items-center gap-3.5">
                            {lines.length + pictures.length === 0 && <OrderActs order={order} onChoose={choosing.many} />}
                            <Button look="main" onClick={makeChosen} disabled={make.isPending}>
                                {lines.length > 0 ? `Make ${lines.length} chosen` : 'Make files'}
                            </Button>
                        </div>
                    </div>
                    {lines.length + pictures.length === 0 && <NotPassed orderId={order.id} lines={order.lines} />}
                    {isSaying && lines.length > 0 && (
                        <SayOfMany orderId={order.id} lines={lines} onDone={() => setIsSaying(false)} />
                    )}
                    <ol>
                        {order.lines.map((line) => (
                            <LineRow
                                key={line.id}
                                orderId={order.id}
                                line={line}
                                said={answers?.[line.id]}
                                atLab={order.atLab[line.id]}
                                scale={scale}
                                isChosen={chosen.has(line.id)}
                                onChoose={(choose, isRange) => choosing.one(line.id, choose, isRange)}
                                onFiles={uploads.add}
                            />
                        ))}
                    </ol>
                    {order.lines.length > 0 && (
                        <p className="border-t border-rule py-2 pl-[46px] text-row text-soft">
                            In all: <InAll lines={order.lines.map(({ goes }) => goes)} />
                        </p>
                    )}
                    {order.lines.length === 0 && (
                        <p className="border-t border-rule py-6 text-soft">
                            No lines yet. Drop the pictures on the left, then write or paste what was ordered:
                        </p>
                    )}
                    <WhatWasOrdered
                        order={order}
                        chosen={chosenPictures}
                        onFiles={uploads.add}
                        lists={lists}
                        onListsRead={listsRead}
                        onMailed={uploads.follow}
                        onAdded={() => setPictures([])}
                        onGoOn={() => goOn.mutate()}
                        isNext={order.lines.length === 0 && order.pictures.length > 0 && uploads.uploads.length === 0}
                    />
                </Home>
            </div>
        </div>
    );
}

const Bar = ({ order }: { order: OrderSheet }) => (
    <TopBar
        where={
            <>
                <Above to="/">Orders</Above>
                <span className="font-semibold">
                    {order.number} {order.client}
                </span>
            </>
        }
        keys={KEYS}
        acts={<UndoRedo orderId={order.id} />}
    />
);
