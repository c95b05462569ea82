import { useDrop } from '@/pictures/dragging';
import { isList } from '../isList';
import type { useWritten } from './useWritten';

/** What is dropped on the field: names of pictures are written, lists are read, and a new picture is taken up and written. */
export const useListDrop = (
    { add, read }: ReturnType<typeof useWritten>,
    onFiles: (files: File[], then: (name: string) => void) => void,
) =>
    useDrop({
        onPictures: (names) => add(names.join(', ')),
        onFiles: (files) => {
            files.filter(isList).forEach((one) => void read(one));
            const pictures = files.filter((one) => !isList(one));
            if (pictures.length > 0) {
                onFiles(pictures.slice(0, 1), add);
            }
        },
    });
