import { useState } from 'react';
import { thumbUrl } from '@/api/client';
import { Field } from '@/common/Field';
import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { useRoving } from '@/keys/useRoving';
import { Typed } from '@/words/Typed';

export function PictureWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    const roving = useRoving();
    const [sought, setSought] = useState('');
    const found = order.pictures.filter(({ name }) => name.toLowerCase().includes(sought.trim().toLowerCase()));
    const counted =
        found.length === 0 ? 'No picture is called so.' : `${found.length} of ${order.pictures.length}; Enter takes the first`;
    const note = sought.trim() === '' ? 'By a part of its name.' : counted;
    const take = (name: string) => tell(change({ picture: name, subject: null }).then(close));
    return (
        <div className="flex flex-col gap-3">
            {order.pictures.length > 1 && (
                <form
                    onSubmit={(event) => {
                        event.preventDefault();
                        if (found.length > 0 && sought.trim() !== '') {
                            take(found[0]!.name);
                        }
                    }}
                >
                    <Field
                        label="Find"
                        beside
                        value={sought}
                        onChange={(event) => setSought(event.target.value)}
                        note={note}
                        className="w-44"
                    />
                </form>
            )}
            {line.picture && (
                <Typed
                    label="Called"
                    value={line.uses.subject}
                    width="w-44"
                    onSet={(subject) => change({ subject: subject || null })}
                    note="Its name in the sentence and in the file’s name."
                />
            )}
            {order.pictures.length === 0 && (
                <p className="text-soft">This order has no pictures yet. Drop them on the order sheet.</p>
            )}
            <ul className="grid grid-cols-3 gap-2" {...roving.list}>
                {found.map((picture, i) => (
                    <li key={picture.id}>
                        <button
                            type="button"
                            {...roving.thing(i, found.length)}
                            aria-pressed={picture.id === line.picture?.id}
                            onClick={() => take(picture.name)}
                            className="w-full rounded-sm border-2 border-transparent text-left hover:border-rule aria-pressed:border-copper"
                        >
                            <img src={thumbUrl(picture.sha256)} alt="" className="h-14 w-full object-cover" />
                            <span className="block truncate text-tiny narrow">{picture.name}</span>
                        </button>
                    </li>
                ))}
            </ul>
        </div>
    );
}
