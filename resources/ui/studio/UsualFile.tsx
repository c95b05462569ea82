import { useId } from 'react';
import type { Studio } from '@/api/types';

type Usual = Studio['usual'];

interface Props {
    usual: Usual;
    onChange: (usual: Usual) => void;
}

const LABS = 'as the lab has it';

/** How new lines are written unless it is said otherwise. */
export function UsualFile({ usual, onChange }: Props) {
    const output = usual.output ?? {};
    const set = (change: NonNullable<Usual['output']>) => {
        const next = Object.fromEntries(Object.entries({ ...output, ...change }).filter(([, value]) => value !== undefined));
        onChange({ ...usual, output: next });
    };
    return (
        <div className="grid w-[30rem] grid-cols-[11rem_1fr] items-center gap-x-4 gap-y-2 text-row">
            <Select
                label="Kind of file"
                value={output.format ?? ''}
                options={{ '': LABS, jpeg: 'JPEG', tiff: 'TIFF' }}
                onChoose={(format) => set({ format: (format || undefined) as 'jpeg' | 'tiff' | undefined })}
            />
            <Select
                label="Sharpened"
                value={output.sharpen?.strength ?? ''}
                options={{ '': 'not', gentle: 'gently, for its paper', normal: 'normally, for its paper' }}
                onChoose={(strength) => set({ sharpen: strength ? { strength: strength as 'gentle' | 'normal' } : undefined })}
            />
            <Select
                label="Of the picture’s own data"
                value={output.keep ?? 'credits'}
                options={{ credits: 'caption and copyright', camera: 'camera and exposure, too', everything: 'everything' }}
                onChoose={(keep) => set({ keep: keep === 'credits' ? undefined : (keep as 'camera' | 'everything') })}
            />
        </div>
    );
}

interface SelectProps {
    label: string;
    value: string;
    options: Record<string, string>;
    onChoose: (value: string) => void;
}

function Select({ label, value, options, onChoose }: SelectProps) {
    const id = useId();
    return (
        <>
            <label htmlFor={id} className="text-soft">
                {label}
            </label>
            <select
                id={id}
                value={value}
                onChange={(event) => onChoose(event.target.value)}
                className="h-[31px] rounded-sm border border-edge bg-white px-1.5"
            >
                {Object.entries(options).map(([key, said]) => (
                    <option key={key} value={key}>
                        {said}
                    </option>
                ))}
            </select>
        </>
    );
}
