import type { ComponentProps } from 'react';

/** What a page is there for; the focus is here when nothing in it has it (see keys/home). */
export const Home = (props: ComponentProps<'main'>) => <main id="page" data-home tabIndex={-1} {...props} />;
