import { RadioGroup } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props<T extends string> {
    label: string;
    value: T | null;
    options: { value: T; label: ReactNode; note?: string }[];
    onChoose: (value: T) => void;
    /** it is chosen, by click or key, and not only passed by with the arrows */
    onDone?: (value: T) => void;
}

/** One of a few, by arrow keys or by click; Enter sends the form it stands in. */
export function Choice<T extends string>({ label, value, options, onChoose, onDone }: Props<T>) {
    return (
        <RadioGroup.Root
            aria-label={label}
            value={value ?? ''}
            onValueChange={(chosen) => onChoose(chosen as T)}
            onKeyDown={(event) => {
                const at = (event.target as Element).closest<HTMLButtonElement>('[role=radio]')?.value;
                if (event.key === 'Enter') {
                    (event.target as Element).closest('form')?.requestSubmit();
                }
                if (at && (event.key === 'Enter' || event.key === ' ')) {
                    onDone?.(at as T);
                }
            }}
            className="flex flex-col gap-px"
        >
            {options.map((option) => (
                <RadioGroup.Item
                    key={option.value}
                    value={option.value}
                    // a click that the arrow keys make by themselves has no detail
                    onClick={(event) => event.detail > 0 && onDone?.(option.value)}
                    className="group flex items-baseline gap-2 rounded-sm px-2 py-[5px] text-left hover:bg-chrome data-[state=checked]:bg-blush"
                >
                    <span className="size-[9px] shrink-0 translate-y-[-1px] rounded-full border border-soft group-data-[state=checked]:border-copper group-data-[state=checked]:bg-copper" />
                    <span>{option.label}</span>
                    {option.note && <span className="ml-auto pl-3 text-right text-small text-soft">{option.note}</span>}
                </RadioGroup.Item>
            ))}
        </RadioGroup.Root>
    );
}
