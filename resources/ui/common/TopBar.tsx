import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useAct } from '@/api/act';
import { useMe, useSignOut } from '@/api/people';
import { KeysHelp, type PageKey } from '@/common/KeysHelp';
import { goHome } from '@/keys/home';
import { forgetKept } from './kept';
import { Menu, MenuAct } from './Menu';

export const Wordmark = () => (
    <span className="flex items-center gap-2">
        <svg width="19" height="11" viewBox="0 0 19 11" aria-hidden="true">
            <circle cx="14.5" cy="5.5" r="3.6" className="fill-copper opacity-45" />
            <circle cx="5.5" cy="5.5" r="5" className="fill-copper" />
        </svg>
        <span className="font-serif text-lead leading-none font-semibold">Planisher</span>
    </span>
);

/** The page a step above, in the bar. */
export const Above = ({ to, children }: { to: string; children: string }) => (
    <Link to={to} className="text-soft hover:text-ink">
        {children} ›
    </Link>
);

/** The bar every page has: where one is, what can be done here, who one is. */
export function TopBar({ where, acts, keys }: { where?: ReactNode; acts?: ReactNode; keys: PageKey[] }) {
    return (
        <header className="flex h-[46px] shrink-0 items-center gap-5 border-b border-rule bg-paper px-[18px]">
            <a
                href="#page"
                className="sr-only focus:not-sr-only focus:rounded-sm focus:bg-white focus:px-2 focus:py-1 focus:text-row"
                onClick={(event) => {
                    event.preventDefault();
                    goHome();
                }}
            >
                To what this page is for
            </a>
            <Link to="/" aria-label="Planisher, all orders">
                <Wordmark />
            </Link>
            <div className="flex min-w-0 grow items-center gap-4 text-row">{where}</div>
            {acts}
            <KeysHelp keys={keys} />
            <Account />
        </header>
    );
}

function Account() {
    const me = useMe();
    const signingOut = useAct(useSignOut(), {
        onSuccess: () => {
            forgetKept();
            window.location.assign('/sign-in');
        },
    });
    return (
        <Menu
            trigger={
                <button type="button" className="text-row whitespace-nowrap text-soft hover:text-ink">
                    {me.data?.name ?? 'Account'}
                </button>
            }
        >
            <MenuAct onSelect={() => signingOut.mutate('here')}>Sign out</MenuAct>
            <MenuAct onSelect={() => signingOut.mutate('everywhere')}>Sign out everywhere</MenuAct>
        </Menu>
    );
}
