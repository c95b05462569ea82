import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
    title: string;
    /** the button that opens it, where it isn't opened from elsewhere */
    trigger?: ReactNode;
    isOpen: boolean;
    onOpen: (isOpen: boolean) => void;
    /** how wide it is, and how what is in it lies */
    className: string;
    children: ReactNode;
}

/** What lies over the page until it is done with. */
export const OverPage = ({ title, trigger, isOpen, onOpen, className, children }: Props) => (
    <Dialog.Root open={isOpen} onOpenChange={onOpen}>
        {trigger && <Dialog.Trigger asChild>{trigger}</Dialog.Trigger>}
        <Dialog.Portal>
            <Dialog.Overlay className="fixed inset-0 z-40 bg-black/25" />
            <Dialog.Content
                aria-describedby={undefined}
                className={`fixed top-1/2 left-1/2 z-50 max-h-[88vh] max-w-[96vw] -translate-1/2 overflow-auto rounded bg-white p-6 shadow-xl ${className}`}
            >
                <Dialog.Title className="mb-4 font-serif text-lead font-medium">{title}</Dialog.Title>
                {children}
            </Dialog.Content>
        </Dialog.Portal>
    </Dialog.Root>
);
