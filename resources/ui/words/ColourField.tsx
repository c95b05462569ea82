import { screenUrl } from '@/api/client';
import { ITS_OWN } from '@/api/cells';
import { useHints } from '@/api/pictures';
import { useChosen } from '@/drawing/tools/chosen';
import { useMode } from '@/drawing/tools/mode';
import type { WordProps } from './word';
import { Typed } from './Typed';

interface Props extends Pick<WordProps, 'line' | 'close'> {
    label: string;
    value: string;
    onSet: (colour: string) => Promise<unknown>;
}

const ALWAYS = [
    { code: '#ffffff', name: 'white' },
    { code: '#000000', name: 'black' },
];

/** A colour: typed, one of the picture's five strongest, or taken by pressing on the picture. */
export function ColourField({ line, close, label, value, onSet }: Props) {
    const hints = useHints(line.picture?.sha256);
    const { set } = useMode();
    const { also } = useChosen();
    return (
        <div className="flex flex-col gap-2">
            <Typed label={label} value={value} width="w-24" onSet={onSet} />
            <div className="flex items-center gap-1.5" role="group" aria-label={`${label}: suggestions`}>
                {[...ALWAYS, ...(hints.data?.colours ?? [])].map(({ code, name }) => (
                    <button
                        key={code}
                        type="button"
                        aria-label={`${name} ${code}`}
                        aria-pressed={code === value}
                        title={`${name} ${code}`}
                        onClick={() => void onSet(code)}
                        className="size-7 overflow-hidden rounded-sm border border-edge aria-pressed:outline-2 aria-pressed:outline-offset-1 aria-pressed:outline-copper"
                    >
                        <svg className="size-full" aria-hidden="true">
                            <rect width="100%" height="100%" fill={code} />
                        </svg>
                    </button>
                ))}
            </div>
            {also.length > 0 && (
                <button
                    type="button"
                    className="self-start font-semibold text-copper underline underline-offset-4"
                    onClick={() => void onSet(ITS_OWN)}
                >
                    Each the colour of its own picture
                </button>
            )}
            {line.picture && (
                <button
                    type="button"
                    className="self-start font-semibold text-copper underline underline-offset-4"
                    onClick={() => {
                        set({ does: 'take-colour', take: (colour) => void onSet(colour) });
                        new Image().src = screenUrl(line.picture!.sha256);
                        close();
                    }}
                >
                    Take it from the picture
                </button>
            )}
        </div>
    );
}
