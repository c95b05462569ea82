import { useRef, useState, type CSSProperties } from 'react';
import type { FaceOffered, Lettering, SetBlock } from '@/api/types';
import { faceOf, faceStyle } from './face';

interface Props {
    wanted: Lettering;
    /** as it is set now; a new block isn't yet */
    set: SetBlock | undefined;
    faces: FaceOffered[];
    /** in mm */
    paper: { width: number; height: number };
    scale: number;
    /** the text as it was left; null where none of it is left */
    onDone: (next: Partial<Lettering> | null) => void;
}

const SHARE = { left: 0, middle: 0.5, right: 1 };
const ALIGNED = { left: 'left', middle: 'center', right: 'right' } as const;
const UNITS: Record<string, number> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72 };
const USUAL_HEIGHT = '9 mm';

/** A length as it is typed in the order file, in mm. */
export function inMm(typed: string): number {
    const [, number, unit] = /^([\d.]+)\s*([a-z]+)$/.exec(typed) ?? [];
    return Number(number ?? 0) * (UNITS[unit ?? 'mm'] ?? 1);
}

/** A block while it is typed: in its own face, size and colour, at its own place, broken as it will be. */
export function TypedBlock({ wanted, set, faces, paper, scale, onDone }: Props) {
    const [text, setText] = useState(wanted.text);
    const isDone = useRef(false);
    const face = faceOf(faces, set?.face ?? wanted.face ?? 'Newsreader');
    const align = wanted.align ?? 'middle';
    const share = SHARE[align];
    const height = set?.height ?? inMm(wanted.height ?? USUAL_HEIGHT);
    const widest = wanted.widest === undefined ? undefined : inMm(wanted.widest) * scale;
    const style: CSSProperties = {
        ...faceStyle(face.name, set?.isBold ?? wanted.weight === 'bold', set?.isItalic ?? wanted.slant === 'italic'),
        fontSize: height * scale,
        lineHeight: face.ascent + face.descent,
        color: wanted.colour ?? '#000000',
        textAlign: ALIGNED[align],
        whiteSpace: widest === undefined ? 'pre' : 'pre-wrap',
        overflowWrap: 'normal',
    };
    const done = () => {
        if (!isDone.current) {
            isDone.current = true;
            onDone(text.trim() === '' ? null : wanted.text === '' ? { ...wanted, text } : { text });
        }
    };
    return (
        <div
            className="pointer-events-auto absolute z-20"
            style={{
                left: (wanted.x ?? 0.5) * paper.width * scale,
                top: (wanted.y ?? 0.5) * paper.height * scale,
                transform: `translate(${-100 * share}%, -50%)`,
                width: widest,
            }}
        >
            {/* What is typed sizes its own field. */}
            <div aria-hidden="true" className="invisible" style={style}>
                {text === '' ? 'words' : text.endsWith('\n') ? `${text} ` : text}
            </div>
            <textarea
                autoFocus
                aria-label="Lettering. Enter is a new line, Esc is done."
                data-testid="typed-block"
                spellCheck={false}
                value={text}
                placeholder="words"
                dir="auto"
                className="absolute inset-0 resize-none overflow-hidden border-0 bg-transparent p-0 outline-1 outline-copper outline-dashed"
                style={style}
                onChange={(event) => setText(event.target.value)}
                onFocus={(event) => event.target.select()}
                onBlur={done}
                onPointerDown={(event) => event.stopPropagation()}
                onKeyDown={(event) => {
                    event.stopPropagation();
                    if (event.key === 'Escape' || (event.key === 'Enter' && (event.ctrlKey || event.metaKey))) {
                        event.preventDefault();
                        done();
                    }
                }}
            />
        </div>
    );
}
