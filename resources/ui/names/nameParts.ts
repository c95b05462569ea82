import type { NamePart } from '@/api/types';

/** What a file name can be built of. */
export const NAME_PARTS = {
    client: 'client',
    order: 'order',
    size: 'size',
    sheet: 'sheet',
    subject: 'subject',
    finish: 'finish',
    panel: 'panel',
    number: 'number',
    copies: 'copies',
    date: 'date',
} satisfies Record<Extract<NamePart, string>, string>;

/** What stands between the parts. */
export const JOINERS: { value: '_' | '-'; label: string }[] = [
    { value: '_', label: 'joined by _' },
    { value: '-', label: 'joined by -' },
];
