import { Popover } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { hasMovedOn } from './hasMovedOn';

interface Props {
    title: string;
    /** the button that opens it */
    trigger: ReactNode;
    isOpen?: boolean;
    onOpen?: (isOpen: boolean) => void;
    side?: 'top' | 'bottom';
    align?: 'start' | 'end';
    /** how wide it is */
    className: string;
    children: ReactNode;
}

/** What opens beside a button and closes by Escape or a press elsewhere. */
export function Popup({ title, trigger, isOpen, onOpen, side = 'bottom', align = 'start', className, children }: Props) {
    const button = useRef<HTMLButtonElement>(null);
    return (
        <Popover.Root open={isOpen} onOpenChange={onOpen}>
            <Popover.Trigger ref={button} asChild>
                {trigger}
            </Popover.Trigger>
            <Popover.Portal>
                <Popover.Content
                    side={side}
                    align={align}
                    sideOffset={8}
                    collisionPadding={12}
                    aria-label={title}
                    onCloseAutoFocus={(event) => hasMovedOn(button.current) && event.preventDefault()}
                    className={`z-30 max-h-(--radix-popover-content-available-height) overflow-auto rounded border border-rule bg-white p-4 text-row shadow-lg ${className}`}
                >
                    {children}
                </Popover.Content>
            </Popover.Portal>
        </Popover.Root>
    );
}
