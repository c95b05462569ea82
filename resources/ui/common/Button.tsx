import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Link } from 'react-router';

const looks = {
    main: 'bg-copper text-white border-copper hover:bg-copper-deep',
    plain: 'bg-white text-ink border-edge-soft hover:border-ink',
    quiet: 'bg-transparent text-ink border-transparent hover:border-rule',
};

const SHAPE = 'rounded-sm border px-3 py-[5px] text-row font-semibold whitespace-nowrap';

export function Button({
    look = 'plain',
    className = '',
    ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof looks }) {
    return (
        <button
            type="button"
            {...rest}
            className={`${SHAPE} disabled:cursor-not-allowed disabled:opacity-55 ${looks[look]} ${className}`}
        />
    );
}

/** What looks like a button and leads elsewhere. */
export const ButtonLink = ({ to, children }: { to: string; children: ReactNode }) => (
    <Link to={to} className={`${SHAPE} ${looks.plain}`}>
        {children}
    </Link>
);

/** A key as it is named on a button. */
export const Key = ({ children }: { children: string }) => (
    <kbd className="ml-1 rounded-sm border border-current px-1 font-sans text-tiny font-medium">{children}</kbd>
);
