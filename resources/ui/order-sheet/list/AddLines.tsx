import { Button, Key } from '@/common/Button';

interface Props {
    /** how many lines would be added, and whether all of the list */
    count: number;
    isAll: boolean;
    isBusy: boolean;
    /** where Enter begins another line */
    isMany: boolean;
    onSubmit: (then: 'add' | 'go on') => void;
}

/** Takes what is clear onto the order, and where all is, goes on from there. */
export const AddLines = ({ count, isAll, isBusy, isMany, onSubmit }: Props) => (
    <>
        <Button onClick={() => onSubmit('add')} disabled={isBusy} className="h-[37px]">
            {count > 0 ? `Add ${count === 1 ? 'this line' : `${count} lines`}` : 'Add'}
            <Key>{isMany ? 'Ctrl ⏎' : '⏎'}</Key>
        </Button>
        {count > 0 && isAll && (
            <Button
                onClick={() => onSubmit('go on')}
                disabled={isBusy}
                className="h-[37px]"
                title="Passes what is fine; looks at what isn’t; where all is fine, makes the files"
            >
                and go on
                <Key>Ctrl ⇧ ⏎</Key>
            </Button>
        )}
    </>
);
