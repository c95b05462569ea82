import type { FinishUi } from '../finish';
import { BorderWord } from './words/BorderWord';
import { CarrierWord } from './words/CarrierWord';
import { FrameWord } from './words/FrameWord';
import { ImageWord } from './words/ImageWord';
import { KeylineWord } from './words/KeylineWord';
import { OpeningWord } from './words/OpeningWord';
import { RaiseWord } from './words/RaiseWord';

/** One picture on one piece of paper. */
export const print: FinishUi = {
    label: 'A print',
    note: 'on paper',
    words: {
        border: { title: 'Border', Panel: BorderWord },
        image: { title: 'Size of the image', Panel: ImageWord },
        opening: { title: 'Opening before it', Panel: OpeningWord },
        raise: { title: 'How high it sits', Panel: RaiseWord },
        keyline: { title: 'Line round it', Panel: KeylineWord },
        carrier: { title: 'Larger sheet', Panel: CarrierWord },
        frame: { title: 'Under the frame', Panel: FrameWord },
    },
    hasPaperEdge: true,
    keys: [{ keys: 'F', does: 'show what a frame will cover' }],
};
