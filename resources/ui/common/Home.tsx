import type { ComponentProps } from 'react';

type Props = ComponentProps<'main'> & {
    /** it doesn't scroll, and what is in it fills it: that it has the focus is shown over that */
    isFilled?: boolean;
};

const SHOWN_OVER =
    'relative focus-visible:outline-none focus-visible:after:pointer-events-none focus-visible:after:absolute focus-visible:after:inset-0 focus-visible:after:z-20 focus-visible:after:border-2 focus-visible:after:border-copper';

/** What a page is there for; the focus is here when nothing in it has it (see keys/home). */
export const Home = ({ isFilled = false, className = '', ...rest }: Props) => (
    <main id="page" data-home tabIndex={-1} {...rest} className={`${isFilled ? SHOWN_OVER : ''} ${className}`} />
);
