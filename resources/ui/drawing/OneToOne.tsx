import { useState } from 'react';
import { why } from '@/api/client';
import { pixelsUrl } from '@/api/views';
import type { LineView } from '@/api/types';
import { useDrag, type Way } from '@/common/useDrag';
import { useKeys } from '@/keys/useKeys';

interface Props {
    line: LineView;
    size: { width: number; height: number };
    /** what is shown first, in fractions of the file */
    at: { x: number; y: number };
}

/** A part of the file, one pixel of it on one of the screen: dragged, or moved by the arrow keys, to another part. */
export function OneToOne({ line, size, at }: Props) {
    const [middle, setMiddle] = useState(at);
    const [loaded, setLoaded] = useState<string | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const [width, height] = [Math.round(size.width * devicePixelRatio), Math.round(size.height * devicePixelRatio)];
    const href = pixelsUrl(line, middle, { width, height });
    const file = line.file ?? { width, height };
    /** To another part, so many screen pixels on. */
    const go = (x: number, y: number) => {
        const clamp = (share: number) => Math.max(0, Math.min(1, share));
        setMiddle((now) => ({
            x: clamp(now.x + (x * devicePixelRatio) / file.width),
            y: clamp(now.y + (y * devicePixelRatio) / file.height),
        }));
    };
    const step = (x: number, y: number) => (event: KeyboardEvent) => {
        const share = event.shiftKey ? 0.9 : 0.3;
        go(x * size.width * share, y * size.height * share);
    };
    useKeys({
        ArrowLeft: step(-1, 0),
        ArrowRight: step(1, 0),
        ArrowUp: step(0, -1),
        ArrowDown: step(0, 1),
    });
    const { held: by, handlers } = useDrag<Way>({
        begin: () => ({ x: 0, y: 0 }),
        move: (_held, now) => now,
        end: ({ x, y }) => go(-x, -y),
    });
    return (
        <div
            className="absolute inset-0 z-20 cursor-grab overflow-hidden bg-desk active:cursor-grabbing"
            data-testid="one-to-one"
            {...handlers}
        >
            <img
                key={line.planHash}
                src={href}
                alt="A part of the file, a pixel for a pixel"
                draggable={false}
                onLoad={() => {
                    setLoaded(href);
                    setTrouble(null);
                }}
                onError={() => void why(href).then(setTrouble)}
                className="absolute top-1/2 left-1/2 max-w-none -translate-1/2"
                style={{ marginLeft: by?.x, marginTop: by?.y, zoom: 1 / devicePixelRatio, opacity: loaded === href ? 1 : 0.6 }}
            />
            <p
                role="status"
                className="absolute bottom-2.5 left-4 rounded-xs bg-white/85 px-2 py-1 text-small leading-none narrow"
            >
                {trouble ??
                    (loaded === href
                        ? 'one pixel of the file on one of the screen; drag it, or use the arrow keys; 1 goes back'
                        : 'rendering that part of the file…')}
            </p>
        </div>
    );
}
