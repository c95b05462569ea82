import { Link, useNavigate } from 'react-router';
import { useImportLab, useLabs } from '@/api/labs';
import type { LabRow } from '@/api/types';
import { Button, Key } from '@/common/Button';
import { Loading } from '@/common/Loading';
import { TakeIn } from '@/common/TakeIn';
import { BelowOrders } from '@/common/BelowOrders';
import { useKeys } from '@/keys/useKeys';
import { SizesDrawn } from './SizesDrawn';
import { Home } from '@/common/Home';

/** The labs that orders can go to. */
export function LabsPage() {
    const labs = useLabs();
    const navigate = useNavigate();
    const importLab = useImportLab();
    useKeys({ n: () => void navigate('/labs/new') });
    return (
        <BelowOrders
            title="Labs"
            keys={[
                { keys: 'N', does: 'add a lab' },
                { keys: 'Tab', does: 'walk the labs' },
            ]}
        >
            {labs.data ? (
                <Home className="relative grow overflow-auto px-10 py-8">
                    <div className="mb-5 flex items-baseline gap-4">
                        <h1 className="grow font-serif text-title leading-tight">Labs</h1>
                        <TakeIn
                            label="Take in a card…"
                            file="A lab card"
                            accept=".json,application/json"
                            take={importLab}
                            below="labs"
                        />
                        <Button look="main" onClick={() => void navigate('/labs/new')}>
                            Add a lab<Key>N</Key>
                        </Button>
                    </div>
                    {labs.data.labs.length === 0 && (
                        <p className="border-t border-rule py-8 text-soft">
                            No lab yet. Add the one you print with: its name and its sizes are enough, and what it says on its
                            page of requirements can be pasted.
                        </p>
                    )}
                    <ul>
                        {labs.data.labs.map((lab) => (
                            <Row key={lab.id} lab={lab} />
                        ))}
                    </ul>
                </Home>
            ) : (
                <Loading error={labs.error} />
            )}
        </BelowOrders>
    );
}

function Row({ lab }: { lab: LabRow }) {
    const orders = lab.orders === 0 ? 'No open orders' : lab.orders === 1 ? 'One open order' : `${lab.orders} open orders`;
    return (
        <li className="relative grid grid-cols-[17rem_1fr] items-center gap-8 border-t border-rule py-5 last:border-b hover:bg-chrome/60">
            <div>
                <h2 className="font-serif text-lead leading-snug font-medium">
                    <Link to={`/labs/${lab.id}`} className="after:absolute after:inset-0">
                        {lab.name}
                    </Link>
                </h2>
                <p className="text-small text-soft">
                    {lab.colour}
                    {lab.papers.length > 0 && ` · ${lab.papers.join(', ')}`}
                </p>
                <p className="text-small text-soft">{orders}</p>
            </div>
            <div className="overflow-hidden">
                <SizesDrawn sizes={lab.sizes} height={58} />
            </div>
        </li>
    );
}
