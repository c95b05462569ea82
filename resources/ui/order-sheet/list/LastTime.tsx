import { useLastTime, useTakeList } from '@/api/lists';
import type { OrderSheet } from '@/api/types';
import { useNotices } from '@/notices/notices';

/** Pictures that are on no line yet. */
const unused = (order: OrderSheet) => order.pictures.filter((picture) => picture.lines === 0).map(({ name }) => name);

/** What the client had last time, said in words: one press makes a line of each picture that is chosen, or on no line yet. */
export function LastTime({ order, chosen }: { order: OrderSheet; chosen: string[] }) {
    const last = useLastTime(order.id);
    const take = useTakeList(order.id);
    const notices = useNotices();
    const pictures = chosen.length > 0 ? chosen : unused(order);
    if (!last.data || pictures.length === 0) {
        return null;
    }
    const { order: before, had } = last.data;
    const day = new Date(`${before.orderedOn}T00:00:00`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' });
    const of = pictures.length === 1 ? 'a line of the picture' : `a line of each of ${pictures.length} pictures`;
    return (
        <p className="mt-2 flex flex-wrap items-baseline gap-x-2 gap-y-1.5 text-small text-soft" aria-label="Last time">
            <span>
                Last time ({before.number}, {day}):
            </span>
            {had.map((kind) => (
                <button
                    key={kind.said}
                    type="button"
                    disabled={take.isPending}
                    title={`Add ${of}, made so`}
                    onClick={() =>
                        take.mutate(
                            pictures.map((picture) => ({ wanted: { ...kind.wanted, picture }, remark: null })),
                            { onError: (error) => notices.say(error.message, { lasts: true }) },
                        )
                    }
                    className="rounded-sm border border-edge-soft bg-white px-2 py-0.5 text-left text-ink hover:border-ink"
                >
                    {kind.said}
                    {kind.lines > 1 && <span className="text-soft"> · {kind.lines} pictures</span>}
                </button>
            ))}
        </p>
    );
}
