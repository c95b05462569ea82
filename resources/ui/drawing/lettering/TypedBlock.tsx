import { useLayoutEffect, useRef, useState, type CSSProperties } from 'react';
import type { FaceOffered, Lettering, SetBlock } from '@/api/types';
import { brokenLines, type BrokenLine } from './brokenLines';
import { faceOf, faceStyle } from './face';
import { newHeight, SHARE } from './place';

interface Props {
    wanted: Lettering;
    /** as it is set now; a new block isn't yet */
    set: SetBlock | undefined;
    faces: FaceOffered[];
    /** in mm */
    paper: { width: number; height: number };
    scale: number;
    /** saves the text as it was left, null where none of it is left; while it can't be, it is typed on */
    onDone: (next: Partial<Lettering> | null) => Promise<unknown>;
}

const ALIGNED = { left: 'left', middle: 'center', right: 'right' } as const;

/** Of a text, in letters */
const LONGEST = 500;

/** A block while it is typed: in its own face, size and colour, at its own place, broken as it will be. */
export function TypedBlock({ wanted, set, faces, paper, scale, onDone }: Props) {
    const [text, setText] = useState(wanted.text);
    const [lines, setLines] = useState<BrokenLine[]>([]);
    const isDone = useRef(false);
    const laid = useRef<HTMLDivElement>(null);
    const face = faceOf(faces, set?.face ?? wanted.face ?? 'Newsreader');
    const align = wanted.align ?? 'middle';
    const share = SHARE[align];
    const size = (set?.height ?? newHeight(paper)) * scale;
    const colour = wanted.colour ?? '#000000';
    const widest = set?.widest == null ? undefined : set.widest * scale;
    const lineHeight = face.ascent + face.descent;
    const type = faceStyle(face.name, set?.isBold ?? wanted.weight === 'bold', set?.isItalic ?? wanted.slant === 'italic');
    const style: CSSProperties = {
        ...type,
        fontSize: size,
        lineHeight,
        textAlign: ALIGNED[align],
        whiteSpace: widest === undefined ? 'pre' : 'pre-wrap',
        overflowWrap: 'normal',
    };
    useLayoutEffect(() => {
        const node = laid.current?.firstChild;
        const measure = () => setLines(text !== '' && node instanceof Text ? brokenLines(node) : []);
        measure();
        void document.fonts.ready.then(measure);
    }, [text, size, widest, face, type.fontWeight, type.fontStyle]);
    const done = () => {
        if (!isDone.current) {
            isDone.current = true;
            onDone(text.trim() === '' ? null : wanted.text === '' ? { ...wanted, text } : { text }).catch(() => {
                isDone.current = false;
            });
        }
    };
    const high = lineHeight * size * Math.max(1, lines.length);
    return (
        <div
            className="pointer-events-auto absolute z-20"
            style={{ left: (wanted.x ?? 0.5) * paper.width * scale, top: (wanted.y ?? 0.5) * paper.height * scale }}
        >
            <div className="absolute" style={{ transform: `translate(${-100 * share}%, -50%)`, width: widest ?? 'max-content' }}>
                {/* What is typed sizes its own field. */}
                <div ref={laid} aria-hidden="true" className="invisible" style={style}>
                    {text === '' ? 'words' : text.endsWith('\n') ? `${text}\u200b` : text}
                </div>
                <textarea
                    autoFocus
                    aria-label="Lettering. Enter is a new line, Esc is done."
                    data-testid="typed-block"
                    spellCheck={false}
                    value={text}
                    maxLength={LONGEST}
                    placeholder="words"
                    dir="auto"
                    className="absolute inset-0 resize-none overflow-hidden border-0 bg-transparent p-0 text-transparent outline-1 outline-copper outline-dashed placeholder:text-soft"
                    style={{ ...style, caretColor: colour }}
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
            {/* What is seen are the lines as they will be set; what is typed into only has the caret. */}
            <svg className="pointer-events-none absolute top-0 left-0 size-px overflow-visible" aria-hidden="true">
                <g style={{ ...type, fontSize: size }} fill={colour}>
                    {lines.map((line, i) => (
                        <text
                            key={i}
                            x={(0.5 - share) * line.width}
                            y={-high / 2 + (i * lineHeight + face.ascent) * size}
                            textAnchor="middle"
                            xmlSpace="preserve"
                        >
                            {line.text}
                        </text>
                    ))}
                </g>
            </svg>
        </div>
    );
}
