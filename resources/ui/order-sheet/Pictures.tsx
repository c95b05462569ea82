import { useRef } from 'react';
import { thumbUrl } from '@/api/client';
import { removePicture } from '@/api/pictures';
import type { OrderPicture } from '@/api/types';
import { useRoving } from '@/keys/useRoving';
import { PicturesFolder } from '@/pictures/PicturesFolder';
import { carryPictures, useDrop } from '@/pictures/dragging';
import { UploadList } from '@/pictures/UploadList';
import type { Upload } from '@/pictures/uploads';

interface Props {
    orderId: number;
    pictures: OrderPicture[];
    uploads: Upload[];
    onFiles: (files: File[]) => void;
    /** paths in the pictures folder */
    onTake: (paths: string[]) => void;
    onAgain: (upload: Upload) => void;
    onAway: (id: number) => void;
    onRemoved: (promise: Promise<unknown>) => void;
    /** names of those that are chosen, in the order they were */
    chosen: string[];
    onChoose: (names: string[]) => void;
}

/** The order's pictures, those on their way, and where to drop more. */
export function Pictures({ orderId, pictures, uploads, onFiles, onTake, onAgain, onAway, onRemoved, chosen, onChoose }: Props) {
    const input = useRef<HTMLInputElement>(null);
    const drop = useDrop({ onFiles });
    const roving = useRoving();
    return (
        <aside
            aria-label="Pictures"
            className="w-[252px] shrink-0 overflow-auto border-r border-rule bg-chrome px-4 py-3"
            {...drop.handlers}
        >
            <h2 className="mb-2 text-row font-semibold">Pictures · {pictures.length}</h2>
            <ul className="grid grid-cols-3 gap-x-2 gap-y-2.5" {...roving.list}>
                {pictures.map((picture, i) => (
                    <li
                        key={picture.id}
                        className="group relative"
                        draggable
                        onDragStart={(event) => carryPictures(event, chosen.includes(picture.name) ? chosen : [picture.name])}
                    >
                        <img
                            src={thumbUrl(picture.sha256)}
                            alt=""
                            className={`h-[52px] w-full object-cover ${chosen.includes(picture.name) ? 'outline-2 outline-copper' : ''}`}
                            draggable={false}
                        />
                        <input
                            type="checkbox"
                            {...roving.thing(i, pictures.length)}
                            aria-keyshortcuts={picture.lines === 0 ? 'Delete' : undefined}
                            onKeyDown={(event) => {
                                if (event.key === 'Delete' && picture.lines === 0) {
                                    onRemoved(removePicture(orderId, picture.id));
                                }
                            }}
                            aria-label={`Choose ${picture.name}`}
                            checked={chosen.includes(picture.name)}
                            onChange={(event) =>
                                onChoose(
                                    event.target.checked
                                        ? [...chosen, picture.name]
                                        : chosen.filter((name) => name !== picture.name),
                                )
                            }
                            className="absolute top-[36px] left-0.5 size-[15px] accent-copper opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 checked:opacity-100"
                        />
                        {picture.lines > 0 && (
                            <span
                                className="absolute top-0.5 right-0.5 rounded-sm bg-ink/85 px-1 text-tiny font-semibold text-white"
                                title={`on ${picture.lines} of the lines`}
                            >
                                {picture.lines}
                            </span>
                        )}
                        <p className="mt-0.5 truncate text-tiny narrow" title={`${picture.name}, ${picture.size}`}>
                            {picture.name}
                        </p>
                        {picture.lines === 0 && (
                            <button
                                tabIndex={-1}
                                aria-label={`Take ${picture.name} off this order`}
                                title="Take it off this order (Delete)"
                                onClick={() => onRemoved(removePicture(orderId, picture.id))}
                                className="absolute top-0.5 left-0.5 size-[18px] rounded-sm bg-white/90 text-row leading-none opacity-0 group-hover:opacity-100 focus-visible:opacity-100"
                            >
                                ×
                            </button>
                        )}
                    </li>
                ))}
            </ul>
            <UploadList uploads={uploads} onAgain={onAgain} onAway={onAway} />
            <div
                className={`mt-3 rounded-sm border border-dashed px-3 py-3 text-row text-soft ${drop.isOver ? 'border-copper bg-blush' : 'border-edge-soft'}`}
            >
                <p>Drop pictures here. Originals are never changed.</p>
                <button
                    className="mt-1 font-semibold text-copper underline underline-offset-2"
                    onClick={() => input.current?.click()}
                >
                    Choose files…
                </button>
                <PicturesFolder held={pictures.map(({ name }) => name)} onTake={onTake} />
                <input
                    ref={input}
                    type="file"
                    multiple
                    hidden
                    aria-label="Add pictures"
                    accept=".jpg,.jpeg,.tif,.tiff,.png,.webp,.heic,.heif,image/*"
                    onChange={(event) => {
                        onFiles([...(event.target.files ?? [])]);
                        event.target.value = '';
                    }}
                />
            </div>
        </aside>
    );
}
