import { useState, type DragEvent } from 'react';

const PICTURE = 'application/x-planisher-picture';

export const carryPictures = (event: DragEvent, names: string[]) => {
    event.dataTransfer.setData(PICTURE, JSON.stringify(names));
    event.dataTransfer.effectAllowed = 'copy';
};

interface Drop {
    onPictures?: (names: string[]) => void;
    onFiles: (files: File[]) => void;
}

/** A place that takes dropped files, and maybe pictures of the order. */
export function useDrop({ onPictures, onFiles }: Drop) {
    const [isOver, setIsOver] = useState(false);
    const takes = (event: DragEvent) =>
        event.dataTransfer.types.includes('Files') || (onPictures !== undefined && event.dataTransfer.types.includes(PICTURE));
    return {
        isOver,
        handlers: {
            onDragOver: (event: DragEvent) => {
                if (takes(event)) {
                    event.preventDefault();
                    event.stopPropagation();
                    setIsOver(true);
                }
            },
            onDragLeave: () => setIsOver(false),
            onDrop: (event: DragEvent) => {
                setIsOver(false);
                if (!takes(event)) {
                    return;
                }
                event.preventDefault();
                event.stopPropagation();
                const files = [...event.dataTransfer.files];
                if (files.length > 0) {
                    onFiles(files);
                } else {
                    onPictures?.(JSON.parse(event.dataTransfer.getData(PICTURE)) as string[]);
                }
            },
        },
    };
}
