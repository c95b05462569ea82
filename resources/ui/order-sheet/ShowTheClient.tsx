import { useState } from 'react';
import { useClientPageActs, useClientPages } from '@/api/client-pages';
import { useMarks } from '@/api/marks';
import type { ClientPage } from '@/api/types';
import { Button } from '@/common/Button';
import { longDay } from '@/common/days';
import { NumberField } from '@/common/NumberField';
import { useNotices } from '@/notices/notices';
import { Popup } from '@/common/Popup';
import { Tick } from '@/common/Tick';
import { WhichMark } from '@/marks/WhichMark';

const USUAL_DAYS = '14';

/** Links that show the order to its client: made, copied, revoked, and how often each was seen. */
export function ShowTheClient({ orderId }: { orderId: number }) {
    const pages = useClientPages(orderId);
    const { show, revoke } = useClientPageActs(orderId);
    const marks = useMarks(); // what comes late would move the button from under a press
    const [days, setDays] = useState(USUAL_DAYS);
    const [mark, setMark] = useState<string | null>(null);
    const [reopens, setReopens] = useState(true);
    return (
        <Popup
            title="Show the client"
            align="end"
            className="w-[24rem]"
            trigger={
                <button
                    type="button"
                    className="text-row whitespace-nowrap text-soft underline underline-offset-4 hover:text-ink"
                >
                    Show the client
                </button>
            }
        >
            <h2 className="text-row font-semibold">Show the client</h2>
            <p className="mt-1 mb-3 text-small text-soft">
                A page behind a link, without a sign-in: every print as it will be, a yes or a note to each.
            </p>
            {pages.data && pages.data.pages.length > 0 && (
                <ul className="mb-3 flex flex-col gap-3 border-b border-rule pb-3">
                    {pages.data.pages.map((page) => (
                        <Shown key={page.id} page={page} onRevoke={() => revoke.mutate(page.id)} />
                    ))}
                </ul>
            )}
            <form
                noValidate
                className="flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    show.mutate({ days: Number(days), mark, reopens });
                }}
            >
                <NumberField label="Open for days" value={days} onSet={setDays} className="w-16" />
                <Tick label="A note opens its line again" isTicked={reopens} onTick={setReopens} />
                <WhichMark none="No mark over the pictures" value={mark} onChoose={setMark} />
                {(show.error ?? revoke.error) && (
                    <p role="alert" className="text-small text-stops">
                        {(show.error ?? revoke.error)!.message}
                    </p>
                )}
                <Button type="submit" look="main" disabled={show.isPending || marks.isPending}>
                    Make a link
                </Button>
            </form>
        </Popup>
    );
}

const when = (at: string) =>
    new Date(at).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

function Shown({ page, onRevoke }: { page: ClientPage; onRevoke: () => void }) {
    const notices = useNotices();
    const state = page.isRevoked ? 'revoked' : page.isOpen ? `open until ${longDay(page.expiresOn)}` : 'has run out';
    const seen = page.seen === 0 ? 'not seen yet' : `seen ${page.seen === 1 ? 'once' : `${page.seen} times`}`;
    return (
        <li className="flex flex-col gap-1.5">
            <p className={page.isOpen ? '' : 'text-soft'}>
                {state} · {seen}
                {page.lastSeenAt ? `, last ${when(page.lastSeenAt)}` : ''}
            </p>
            {page.isOpen && (
                <div className="flex items-center gap-2">
                    <input
                        readOnly
                        aria-label="The link"
                        value={page.url}
                        onFocus={(event) => event.target.select()}
                        className="min-w-0 grow rounded-sm border border-edge bg-chrome px-2 py-1"
                    />
                    <Button
                        onClick={() =>
                            void navigator.clipboard
                                .writeText(page.url)
                                .then(() => notices.say('The link is copied. Send it to the client.'))
                        }
                    >
                        Copy
                    </Button>
                    <button type="button" className="text-soft underline underline-offset-4 hover:text-stops" onClick={onRevoke}>
                        Revoke
                    </button>
                </div>
            )}
        </li>
    );
}
