import type { HeardAnswer, LineView, Remedy } from '@/api/types';
import { ClientSaid } from '@/lines/ClientSaid';
import { Remark } from '@/lines/Remark';
import { Button, Key } from '@/common/Button';
import { Mark } from '@/common/Mark';
import { waysOut } from '@/common/waysOut';

interface Props {
    orderId: number;
    line: LineView;
    /** what the client said to it */
    said: HeardAnswer | undefined;
    onRemedy: (remedy: Remedy) => void;
    onPass: () => void;
    onHold: () => void;
}

/** The findings, worst first, each with its remedy; and the photographer's yes. */
export function BeforeItGoes({ orderId, line, said, onRemedy, onPass, onHold }: Props) {
    const stopped = line.findings[0]?.level === 'stops';
    const passed = line.state === 'passed' || line.state === 'made';
    return (
        <aside aria-label="Before it goes" className="flex w-[296px] shrink-0 flex-col border-l border-rule bg-paper">
            <h2 className="border-b border-rule px-[18px] pt-4 pb-2 text-row font-semibold">Before it goes</h2>
            {said && (
                <div className="border-b border-rule bg-white px-[18px] py-[11px]">
                    <ClientSaid answer={said} line={line} />
                </div>
            )}
            {line.labSaid !== null && line.state === 'open' && (
                <div className="flex gap-2.5 border-b border-rule bg-white px-[18px] py-[11px] text-row leading-[1.4]">
                    <span className="mt-[3px]">
                        <Mark level="look" />
                    </span>
                    <div>
                        <p className="font-semibold">The lab sent it back</p>
                        <p className="text-soft">{line.labSaid}</p>
                    </div>
                </div>
            )}
            <ul className="grow overflow-auto" aria-live="polite">
                {line.findings.map((finding) => (
                    <li
                        key={`${finding.code} ${finding.title}`}
                        className="flex gap-2.5 border-b border-rule px-[18px] py-[11px]"
                        data-code={finding.code}
                    >
                        <span className="mt-[3px]">
                            <Mark level={finding.level} />
                        </span>
                        <div className="text-row leading-[1.4]">
                            <p className="font-semibold">{finding.title}</p>
                            <p className="text-soft">{finding.text}</p>
                            {waysOut(finding).map((remedy) => (
                                <button
                                    key={remedy.label}
                                    className="mt-1 mr-3 border-b border-copper/50 text-left font-semibold text-copper hover:border-copper"
                                    onClick={() => onRemedy(remedy)}
                                >
                                    {remedy.label}
                                </button>
                            ))}
                        </div>
                    </li>
                ))}
            </ul>
            <div className="flex items-baseline gap-3 px-[18px] py-2">
                <p className="line-clamp-3 grow font-serif text-row italic">
                    {[line.remark, line.remarkForLab && `for the lab: ${line.remarkForLab}`].filter(Boolean).join(' · ')}
                </p>
                <Remark orderId={orderId} line={line} />
            </div>
            <div className="flex items-center gap-2.5 border-t border-rule px-[18px] py-3.5">
                {passed ? (
                    <>
                        <p className="flex grow items-center gap-2 text-row font-semibold">
                            <Mark level="fine" filled={line.state === 'made'} />
                            {line.state === 'made' ? 'Made, read back' : 'Passed'}
                        </p>
                        {line.state === 'passed' && <Button onClick={onHold}>Take it back</Button>}
                        <Button look="main" onClick={onPass}>
                            Go on<Key>↵</Key>
                        </Button>
                    </>
                ) : (
                    <Button
                        look="main"
                        className="grow"
                        onClick={onPass}
                        disabled={stopped}
                        title={stopped ? 'A line that is stopped can’t pass' : undefined}
                    >
                        Pass and go on<Key>↵</Key>
                    </Button>
                )}
            </div>
        </aside>
    );
}
