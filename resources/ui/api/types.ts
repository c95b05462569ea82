import type { Line, Name, Ppi, Space } from './order-file';

export type Level = 'stops' | 'look' | 'fine';
export type LineState = 'waiting' | 'open' | 'passed' | 'made';

/** A JSON merge patch (RFC 7386) of a line: null takes a key away. */
export type Change = { [Key in keyof Line]?: Line[Key] | null | object };

export interface Remedy {
    label: string;
    change: Change;
}

export interface Finding {
    code: string;
    level: Level;
    title: string;
    text: string;
    remedy: Remedy | null;
}

/** In pixels of the picture as displayed. */
export interface PixelRect {
    x: number;
    y: number;
    width: number;
    height: number;
}

export interface UsedPicture {
    id: number;
    name: string;
    sha256: string;
    width: number;
    height: number;
}

export interface OrderPicture extends UsedPicture {
    size: string;
    lines: number;
}

/** Lengths in mm; labels as they were typed. */
export interface DrawnPaper {
    width: number;
    height: number;
    widthLabel: string;
    heightLabel: string;
}

export interface DrawingFigures {
    paper: DrawnPaper;
    window: PixelRect | null;
    image: { width: number; height: number } | null;
}

export interface Segment {
    word: string | null;
    text: string;
}

export interface LineView {
    id: number;
    number: number;
    version: number;
    state: LineState;
    line: Line;
    uses: { ppi: Ppi; format: 'jpeg' | 'tiff'; quality: number; colour: Space; name: Required<Name> };
    picture: UsedPicture | null;
    sentence: Segment[];
    short: string;
    prints: string;
    fileName: string;
    drawing: DrawingFigures | null;
    facts: { figure: string; note: string }[];
    findings: Finding[];
    planHash: string | null;
}

export interface LabOffer {
    name: string;
    sizes: { size: string; label: string }[];
    ppi: Ppi;
    minimumPpi: number;
    colour: Space;
    formats: ('jpeg' | 'tiff')[];
    quality: number;
    bits: number[];
}

export interface OrderHead {
    id: number;
    number: string;
    title: string | null;
    client: string;
    lab: string;
    orderedOn: string;
    dueOn: string | null;
}

export interface OrderSheet extends OrderHead {
    labCard: LabOffer;
    pictures: OrderPicture[];
    lines: LineView[];
    making: number;
}

export interface OrderRow extends OrderHead {
    lines: {
        id: number;
        state: LineState;
        level: Level;
        short: string;
        drawing: DrawingFigures | null;
        picture: UsedPicture | null;
    }[];
}

export interface Measured {
    what: string;
    planned: string;
    found: string;
    agrees: boolean;
}

export interface MadeFile {
    id: number;
    lineId: number;
    lineNumber: number;
    name: string;
    state: 'waiting' | 'making' | 'made' | 'failed';
    percent: number;
    error: string | null;
    size: string | null;
    sha256: string | null;
    readBack: Measured[];
    picture: string;
}

export interface Make {
    id: number;
    folder: string;
    startedAt: string;
    files: MadeFile[];
}

export interface User {
    name: string;
    email: string;
}
