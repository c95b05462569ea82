import { DropdownMenu } from 'radix-ui';
import { useRef, type ReactNode } from 'react';
import { hasMovedOn } from './hasMovedOn';

const ITEM = 'block cursor-default rounded-sm px-3 py-1.5 text-row data-highlighted:bg-chrome';

interface Props {
    /** what opens it */
    trigger: ReactNode;
    children: ReactNode;
    onOpen?: () => void;
}

/** What can be done with something as a whole, behind a button. */
export function Menu({ trigger, children, onOpen }: Props) {
    const button = useRef<HTMLButtonElement>(null);
    return (
        <DropdownMenu.Root modal={false} onOpenChange={onOpen}>
            <DropdownMenu.Trigger ref={button} asChild>
                {trigger}
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
                <DropdownMenu.Content
                    align="end"
                    sideOffset={6}
                    onCloseAutoFocus={(event) => hasMovedOn(button.current) && event.preventDefault()}
                    className="z-40 rounded border border-rule bg-white p-1 shadow-lg"
                >
                    {children}
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
    );
}

interface ActProps {
    onSelect: (event: Event) => void;
    /** it takes something away */
    isGrave?: boolean;
    children: ReactNode;
}

export const MenuAct = ({ onSelect, isGrave = false, children }: ActProps) => (
    <DropdownMenu.Item className={`${ITEM} ${isGrave ? 'text-stops' : ''}`} onSelect={onSelect}>
        {children}
    </DropdownMenu.Item>
);

/** A file that is had by it. */
export const MenuDownload = ({ href, children }: { href: string; children: ReactNode }) => (
    <DropdownMenu.Item className={ITEM} asChild>
        <a href={href} download>
            {children}
        </a>
    </DropdownMenu.Item>
);
