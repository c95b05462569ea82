import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useOrder } from '@/api/orders';
import type { LineView } from '@/api/types';
import { Loading } from '@/common/Loading';
import { OfOrder } from '@/common/OfOrder';
import { useKeys } from '@/keys/useKeys';
import { ScaleBar } from '@/drawing/ScaleBar';
import { rulerUnit } from '@/drawing/units';
import { useUnit } from '@/api/people';
import { useSize } from '@/drawing/useSize';
import { Silhouette } from '@/silhouette/Silhouette';
import { hang } from './hang';
import { Home } from '@/common/Home';

const PERSON_MM = 1800;
/** Between prints on the wall, in mm of the wall. */
const GAP_MM = 40;
/** Prints hang with their middle at the height of the eyes (common practice, no source). */
const EYES_MM = 1500;
const PAD = 36;
const PERSON_WIDE = 60;
const LABEL = 22;

/** All prints of an order at one true scale, with a ruler and, if wanted, a line as tall as a person. */
export function WallPage() {
    const order = useOrder(Number(useParams().order));
    const [person, setPerson] = useState(false);
    useKeys({ p: () => setPerson((now) => !now) });
    if (!order.data) {
        return <Loading error={order.error ?? order.failureReason} />;
    }
    const { data } = order;
    return (
        <OfOrder
            title={`On the wall, ${data.client}`}
            order={data}
            here="on the wall"
            keys={[{ keys: 'P', does: 'a line of 180 cm, as tall as a person' }]}
            acts={
                <>
                    <label className="flex items-center gap-2 text-row text-soft">
                        <input
                            type="checkbox"
                            className="accent-copper"
                            checked={person}
                            onChange={(event) => setPerson(event.target.checked)}
                        />
                        180 cm line
                    </label>
                </>
            }
        >
            <h1 className="sr-only">{data.client}, on the wall</h1>
            <Wall orderId={data.id} lines={data.lines} person={person} />
        </OfOrder>
    );
}

function Wall({ orderId, lines, person }: { orderId: number; lines: LineView[]; person: boolean }) {
    const unit = useUnit();
    const { ref, size } = useSize<HTMLDivElement>();
    const drawn = lines.filter((line) => line.drawing !== null);
    const pieces = drawn.map((line) => line.drawing!.hung.size);
    const wall = {
        width: size.width - 2 * PAD - (person ? PERSON_WIDE : 0),
        height: size.height - 2 * PAD,
    };
    const hung = hang(pieces, wall, GAP_MM, LABEL, person ? PERSON_MM : 0);
    const middle = person ? (PERSON_MM - EYES_MM) * hung.scale : wall.height / 2;
    const left = PAD + (person ? PERSON_WIDE : 0) + Math.max(0, (wall.width - hung.width) / 2);
    const top = PAD + Math.max(0, middle - hung.height / 2);
    return (
        <Home ref={ref} className="relative min-h-0 grow overflow-auto bg-desk">
            {size.width > 0 && drawn.length === 0 && (
                <p className="p-10 text-ink">Nothing to hang yet. Write down on the order sheet what was ordered.</p>
            )}
            {size.width > 0 && (
                <>
                    {drawn.map((line, i) => (
                        <Link
                            key={line.id}
                            to={`/orders/${orderId}/lines/${line.id}`}
                            className="absolute"
                            style={{ left: left + hung.places[i]!.x, top: top + hung.places[i]!.y }}
                        >
                            <Silhouette
                                drawing={line.drawing}
                                picture={line.picture}
                                scale={hung.scale}
                                label={line.short}
                                isLarge
                            />
                            <span className="block pt-1 text-small leading-none whitespace-nowrap narrow">
                                {line.number} ·{' '}
                                {(line.uses.sheetSize ?? line.uses.size ?? line.line.size ?? '').replace(' x ', ' × ')}
                            </span>
                        </Link>
                    ))}
                    {person && (
                        <div
                            className="absolute h-px bg-ink/40"
                            style={{ left: 0, right: 0, top: PAD + PERSON_MM * hung.scale }}
                        />
                    )}
                    {person && (
                        <svg
                            className="absolute"
                            style={{ left: PAD - 10, top: PAD }}
                            width="60"
                            height={PERSON_MM * hung.scale + 2}
                            role="img"
                            aria-label="A line of 180 cm at the same scale"
                        >
                            <path
                                d={`M20 1 V${PERSON_MM * hung.scale} M12 1 H28 M12 ${PERSON_MM * hung.scale} H28`}
                                className="fill-none stroke-copper"
                                strokeWidth="2"
                            />
                            <text x="27" y={PERSON_MM * hung.scale * 0.5} className="fill-ink text-small narrow">
                                180 cm
                            </text>
                        </svg>
                    )}
                    <div className="fixed right-5 bottom-3">
                        <ScaleBar scale={hung.scale} unit={rulerUnit(lines[0]?.drawing, unit)} />
                    </div>
                </>
            )}
        </Home>
    );
}
