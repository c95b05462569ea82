import { thumbUrl } from '@/api/client';
import { useTell } from '@/common/useTell';
import type { WordProps } from '@/words/word';
import { Typed } from '@/words/Typed';

export function PictureWord({ line, order, change, close }: WordProps) {
    const tell = useTell();
    return (
        <div className="flex flex-col gap-3">
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
            <ul className="grid grid-cols-3 gap-2">
                {order.pictures.map((picture) => (
                    <li key={picture.id}>
                        <button
                            type="button"
                            aria-pressed={picture.id === line.picture?.id}
                            onClick={() => tell(change({ picture: picture.name, subject: null }).then(close))}
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
