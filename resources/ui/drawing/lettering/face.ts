import type { CSSProperties } from 'react';
import type { FaceOffered, SetBlock } from '@/api/types';

type Face = SetBlock['face'];

const folder = (face: Face) => face.toLowerCase().replaceAll(' ', '-');

/** A face as the page knows it: the file that it is printed from, never a made-up bold or italic. */
export const faceStyle = (face: Face, isBold = false, isItalic = false): CSSProperties => ({
    fontFamily: `print-${folder(face)}`,
    fontWeight: isBold ? 700 : 400,
    fontStyle: isItalic ? 'italic' : 'normal',
    fontSynthesis: 'none',
    fontKerning: 'normal',
    textRendering: 'geometricPrecision',
    fontVariantNumeric: 'normal',
});

/** The face of a name, among those that ship. */
export const faceOf = (faces: FaceOffered[], name: string | undefined) => faces.find((face) => face.name === name) ?? faces[0]!;
