import type { Shown, ShownPrint } from '@/api/types';
import { Button } from '@/common/Button';
import { longDay } from '@/common/days';
import { useAnswering } from './answering';
import { PrintToAnswer } from './PrintToAnswer';

const isAnswered = ({ answer }: ShownPrint) => answer !== null && answer.isOfThis;

/** An order as its client sees it: every print as it will be, and a yes or a note to each. */
export function ShownPage({ first }: { first: Shown }) {
    const { shown, send, trouble, isSending } = useAnswering(first);
    const { order, prints, isAll } = shown;
    const open = prints.filter((print) => !isAnswered(print));
    return (
        <div className="min-h-screen bg-paper">
            <header className="mx-auto max-w-[1080px] px-5 pt-8 pb-5 sm:px-8">
                <h1 className="font-serif text-title leading-tight sm:text-title">
                    {order.client}
                    {order.title ? `, ${order.title[0]!.toLowerCase()}${order.title.slice(1)}` : ''}
                </h1>
                <p className="mt-2 max-w-[38rem] text-read text-soft">
                    {!isAll ? 'Your prints' : prints.length === 1 ? 'Your print' : `Your ${prints.length} prints`}, each as it
                    will be. Say yes to what is right, and write a note to what isn’t. This page is open until{' '}
                    {longDay(shown.expiresOn)}.
                </p>
            </header>
            <div className="sticky top-0 z-10 border-y border-rule bg-paper/95">
                <div className="mx-auto flex max-w-[1080px] items-center gap-4 px-5 py-2.5 sm:px-8">
                    <p className="grow text-base" role="status">
                        {!isAll
                            ? 'The other prints are coming…'
                            : open.length === 0
                              ? 'All are answered. Thank you.'
                              : `${prints.length - open.length} of ${prints.length} answered`}
                    </p>
                    {isAll && open.length > 0 && (
                        <Button
                            look="main"
                            disabled={isSending}
                            onClick={() => void send(open.map((print) => ({ print, isYes: true })))}
                        >
                            {open.length === prints.length ? 'All as shown' : 'The rest as shown'}
                        </Button>
                    )}
                </div>
                {trouble && (
                    <p role="alert" className="mx-auto max-w-[1080px] px-5 pb-2.5 text-stops sm:px-8">
                        {trouble}
                    </p>
                )}
            </div>
            <main className="mx-auto max-w-[1080px] px-5 pb-16 sm:px-8">
                {prints.length === 0 && <p className="py-10 text-soft">There is nothing to be seen yet. Look again later.</p>}
                <ol>
                    {prints.map((print) => (
                        <PrintToAnswer
                            key={print.line}
                            print={print}
                            isSending={isSending}
                            onAnswer={(answer) => send([answer])}
                        />
                    ))}
                </ol>
            </main>
        </div>
    );
}
