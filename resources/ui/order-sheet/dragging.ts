import { useState, type DragEvent } from 'react';

const PICTURE = 'application/x-planisher-picture';

export const carryPicture = (event: DragEvent, name: string) => {
    event.dataTransfer.setData(PICTURE, name);
    event.dataTransfer.effectAllowed = 'copy';
};

interface Drop {
    onPicture?: (name: string) => void;
    onFiles: (files: File[]) => void;
}

/** A place that takes dropped files, and maybe a picture of the order. */
export function useDrop({ onPicture, onFiles }: Drop) {
    const [isOver, setIsOver] = useState(false);
    const takes = (event: DragEvent) =>
        event.dataTransfer.types.includes('Files') || (onPicture !== undefined && event.dataTransfer.types.includes(PICTURE));
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
                    onPicture?.(event.dataTransfer.getData(PICTURE));
                }
            },
        },
    };
}
