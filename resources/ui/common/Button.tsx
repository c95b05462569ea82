import type { ButtonHTMLAttributes, ReactNode } from 'react';
import { Link } from 'react-router';

const looks = {
    main: 'bg-copper text-white border-copper hover:bg-[#7a3718]',
    plain: 'bg-white text-ink border-[#a9a9a8] hover:border-ink',
    quiet: 'bg-transparent text-ink border-transparent hover:border-rule',
};

const SHAPE = 'rounded-[3px] border px-3 py-[5px] text-[13px] font-semibold whitespace-nowrap';

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
    <kbd className="ml-1 rounded-[3px] border border-current px-1 font-sans text-[11px] font-medium">{children}</kbd>
);
