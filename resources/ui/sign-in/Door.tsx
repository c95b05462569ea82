import type { FormEventHandler, ReactNode } from 'react';
import { Wordmark } from '@/common/TopBar';
import { TicketDrawing } from './TicketDrawing';
import { Home } from '@/common/Home';

interface Props {
    title: string;
    onSubmit: FormEventHandler;
    children: ReactNode;
}

/** A page before one is in: a form, and what the product is about beside it. */
export const Door = ({ title, onSubmit, children }: Props) => (
    <Home className="grid min-h-screen grid-cols-[minmax(24rem,2fr)_3fr]">
        <form onSubmit={onSubmit} noValidate className="flex flex-col justify-center gap-4 border-r border-rule px-14 py-8">
            <Wordmark />
            <h1 className="mt-3 mb-2 max-w-96 font-serif text-title leading-tight">{title}</h1>
            {children}
        </form>
        <TicketDrawing />
    </Home>
);
