import { useState } from 'react';
import { useAct } from '@/api/act';
import { useKeepService } from '@/api/labs';
import type { LabPage } from '@/api/types';
import { Button } from '@/common/Button';

/** Where a lab's parcels are sent: said, or that they are handed over by hand. */
export const ServiceSaid = ({ lab }: { lab: LabPage }) => (
    <p className={lab.service.url ? '' : 'text-soft'}>
        {lab.service.url ? `Parcels are sent to ${lab.service.url}` : 'None: parcels are handed over by hand'}
    </p>
);

/** The address of a lab's service, and the key it gave; the key is kept and not shown again. */
export function ServiceTyped({ lab }: { lab: LabPage }) {
    const keepService = useKeepService(lab);
    const [url, setUrl] = useState(lab.service.url ?? '');
    const [key, setKey] = useState('');
    const keep = useAct(() => keepService(url.trim() || null, key.trim() || null), { onSuccess: () => setKey('') });
    const field = 'w-full rounded-sm border border-edge-soft bg-white px-2 py-1 text-row';
    return (
        <form
            className="flex max-w-[34rem] flex-col gap-2.5"
            onSubmit={(event) => {
                event.preventDefault();
                keep.mutate();
            }}
        >
            <label className="text-row">
                Address
                <input value={url} onChange={(event) => setUrl(event.target.value)} placeholder="https://…" className={field} />
            </label>
            <label className="text-row">
                Key
                <input
                    type="password"
                    autoComplete="off"
                    value={key}
                    onChange={(event) => setKey(event.target.value)}
                    placeholder={lab.service.hasKey ? 'kept; type another to change it' : 'as the lab gave it'}
                    className={field}
                />
            </label>
            {keep.error && (
                <p role="alert" className="text-row text-stops">
                    {keep.error.message}
                </p>
            )}
            <span>
                <Button onClick={() => keep.mutate()} disabled={keep.isPending}>
                    Keep the service
                </Button>
                {keep.isSuccess && <span className="ml-3 text-row text-soft">Kept.</span>}
            </span>
        </form>
    );
}
