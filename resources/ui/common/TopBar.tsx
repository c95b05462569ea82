import { useMutation, useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { signOut, useMe } from '@/api/people';
import { KeysHelp, type PageKey } from './KeysHelp';

export const Wordmark = () => (
    <span className="flex items-center gap-2">
        <svg width="19" height="11" viewBox="0 0 19 11" aria-hidden="true">
            <circle cx="14.5" cy="5.5" r="3.6" className="fill-copper opacity-45" />
            <circle cx="5.5" cy="5.5" r="5" className="fill-copper" />
        </svg>
        <span className="font-serif text-[20px] leading-none font-semibold">Planisher</span>
    </span>
);

/** The bar every page has: where one is, what can be done here, who one is. */
export function TopBar({ where, acts, keys }: { where?: ReactNode; acts?: ReactNode; keys: PageKey[] }) {
    return (
        <header className="flex h-[46px] shrink-0 items-center gap-5 border-b border-rule bg-paper px-[18px]">
            <Link to="/" aria-label="Planisher, all orders">
                <Wordmark />
            </Link>
            <div className="flex min-w-0 grow items-center gap-4 text-[13px]">{where}</div>
            {acts}
            <KeysHelp keys={keys} />
            <Account />
        </header>
    );
}

function Account() {
    const me = useMe();
    const client = useQueryClient();
    const signingOut = useMutation({
        mutationFn: signOut,
        onSuccess: () => {
            client.clear();
            window.location.assign('/sign-in');
        },
    });
    return (
        <DropdownMenu.Root modal={false}>
            <DropdownMenu.Trigger className="text-[13px] whitespace-nowrap text-soft hover:text-ink">
                {me.data?.name ?? 'Account'}
            </DropdownMenu.Trigger>
            <DropdownMenu.Portal>
                <DropdownMenu.Content
                    align="end"
                    sideOffset={8}
                    className="z-40 rounded border border-rule bg-white p-1 shadow-lg"
                >
                    <DropdownMenu.Item
                        className="rounded-[3px] px-3 py-1.5 text-[13px] data-highlighted:bg-chrome"
                        onSelect={() => signingOut.mutate('here')}
                    >
                        Sign out
                    </DropdownMenu.Item>
                    <DropdownMenu.Item
                        className="rounded-[3px] px-3 py-1.5 text-[13px] data-highlighted:bg-chrome"
                        onSelect={() => signingOut.mutate('everywhere')}
                    >
                        Sign out everywhere
                    </DropdownMenu.Item>
                </DropdownMenu.Content>
            </DropdownMenu.Portal>
        </DropdownMenu.Root>
    );
}
