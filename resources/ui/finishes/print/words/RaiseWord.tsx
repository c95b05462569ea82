import { useState } from 'react';
import { useTell } from '@/common/useTell';
import { Choice } from '@/common/Choice';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

type How = 'middle' | 'optical' | 'by';

/** How high the image sits on its paper. */
export function RaiseWord({ line, change, close }: WordProps) {
    const tell = useTell();
    const raise = line.line.raise;
    const stored: How = raise === undefined ? 'middle' : raise === 'optical' ? 'optical' : 'by';
    const [typing, setTyping] = useState(false);
    const choose = (how: How) => {
        setTyping(how === 'by');
        if (how !== 'by') {
            tell(change({ raise: how === 'optical' ? 'optical' : null }));
        }
    };
    return (
        <div className="flex flex-col gap-3">
            <Choice
                label="How high the image sits"
                value={typing ? 'by' : stored}
                onChoose={choose}
                onDone={(how) => how !== 'by' && close()}
                options={[
                    { value: 'middle', label: 'In the middle' },
                    { value: 'optical', label: 'At the optical centre', note: 'a hair above' },
                    { value: 'by', label: 'Raised by a length' },
                ]}
            />
            {(typing || stored === 'by') && (
                <Typed
                    label="Raised by"
                    value={stored === 'by' ? raise! : ''}
                    onSet={(typed) => change({ raise: typed })}
                    onDone={close}
                />
            )}
        </div>
    );
}
