import { useEffect, useRef, useState } from 'react';
import type { PixelRect } from '@/api/types';
import type { ApiError } from '@/api/client';
import { whyUnseen } from '@/api/views';
import { useNotices } from '@/notices/notices';
import { Clipped } from './Clipped';
import { shifted, type Pieces } from './pieces';

interface Props extends Pieces {
    href: string;
    at: PixelRect;
}

/** The rendered plan laid over the sheet once it is there; until then the picture itself shows. */
export function Preview({ href, at: place, pieces, areApart }: Props) {
    const loaded = useLoaded(href);
    return loaded
        ? pieces.map(({ at, shift }, i) => (
              <Clipped key={i} at={areApart ? at : null} id={`shown-${i}`}>
                  <image href={href} {...shifted(place, shift)} preserveAspectRatio="none" data-testid="preview" />
              </Clipped>
          ))
        : null;
}

/** A rendering that failed because the machine was busy is tried again after so long, this often. */
const AGAIN_MS = 3000;
const TRIES = 10;

/** Whether a rendering is there. What takes too long is tried again and says so; what can't be shown says why, once. */
function useLoaded(href: string): boolean {
    const [loaded, setLoaded] = useState<string | null>(null);
    const notices = useNotices();
    const say = useRef(notices.say);
    useEffect(() => {
        say.current = notices.say;
    });
    useEffect(() => {
        let wanted = true;
        let timer: ReturnType<typeof setTimeout>;
        const load = (tries: number) => {
            const image = new Image();
            image.onload = () => wanted && setLoaded(href);
            image.onerror = () => void whyUnseen(href).then((trouble) => wanted && failed(trouble, tries));
            image.src = href;
        };
        const failed = (trouble: ApiError | null, tries: number) => {
            const isWorthIt = trouble === null || trouble.isPassing || trouble.status === 429;
            if (isWorthIt && tries < TRIES) {
                if (trouble && tries === 1) {
                    say.current('The drawing takes longer than it should; it is tried again.');
                }
                timer = setTimeout(() => load(tries + 1), AGAIN_MS);
            } else if (trouble && trouble.status !== 404) {
                say.current(trouble.message, { lasts: true }); // 404: the line is another by now, and asks for another
            }
        };
        load(1);
        return () => {
            wanted = false;
            clearTimeout(timer);
        };
    }, [href]);
    return loaded === href;
}
