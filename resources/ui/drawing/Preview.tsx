import { useEffect, useState } from 'react';
import type { PixelRect } from '@/api/types';
import { Clipped } from './Clipped';
import { shifted, type Pieces } from './pieces';

interface Props extends Pieces {
    href: string;
    at: PixelRect;
}

/** The rendered plan laid over the sheet once it is there; until then the picture itself shows. */
export function Preview({ href, at: place, pieces, areApart }: Props) {
    const [loaded, setLoaded] = useState<string | null>(null);
    useEffect(() => {
        let wanted = true;
        const image = new Image();
        image.onload = () => wanted && setLoaded(href);
        image.src = href;
        return () => {
            wanted = false;
        };
    }, [href]);
    return loaded === href
        ? pieces.map(({ at, shift }, i) => (
              <Clipped key={i} at={areApart ? at : null} id={`shown-${i}`}>
                  <image href={href} {...shifted(place, shift)} preserveAspectRatio="none" data-testid="preview" />
              </Clipped>
          ))
        : null;
}
