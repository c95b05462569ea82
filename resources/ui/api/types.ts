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

/** In mm from the paper's top left corner. */
export interface Box {
    left: number;
    top: number;
    width: number;
    height: number;
}

/** One dimension: what it measures, from where to where in mm from the paper's corner. */
export interface Dimension {
    name: string;
    label: string;
    across: boolean;
    isMargin: boolean;
    from: number;
    to: number;
    canBeTyped: boolean;
}

/** A part of the drawing, and where it is seen: panels hang apart, everything else where it is. */
export interface Piece {
    at: Box;
    shows: Box;
}

/**
 * A joint between panels, in mm: where its middle hangs, where that is on the undivided print, how far it goes there, and
 * the places it catches on.
 */
export interface Joint {
    name: string;
    across: boolean;
    hangs: number;
    at: number;
    least: number;
    most: number;
    catches: number[];
}

/** Lengths in mm; the paper is the ordered size (a canvas's face, the undivided panels), the sheet what is sent. */
export interface DrawingFigures {
    paper: { width: number; height: number };
    sheet: Box;
    image: Box;
    bleed: number;
    isWhole: boolean;
    paperColour: string;
    keyline: { width: number; colour: string } | null;
    frameCover: number;
    ticks: boolean;
    /** round a canvas's face, on every side */
    wrap: { depth: number; spare: number } | null;
    /** what there will be to see on the wall */
    hung: { size: Box; pieces: Piece[] };
    joints: Joint[];
    window: PixelRect | null;
    dimensions: Dimension[];
}

/** An area of a picture, in fractions of it. */
export interface MustStayIn {
    label: string;
    x: number;
    y: number;
    width: number;
    height: number;
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
    uses: {
        subject: string;
        ppi: Ppi;
        format: 'jpeg' | 'tiff';
        quality: number;
        colour: Space;
        name: Required<Name>;
        window: { x: number; y: number; tight: number };
        frameCover: string;
        carrier: string | null;
        paper: PaperOffer | null;
        depth: string;
        spare: string;
        apart: 'files' | 'pages' | null;
    };
    mustStayIn: MustStayIn[];
    addable: Record<string, string>;
    picture: UsedPicture | null;
    sentence: Segment[];
    short: string;
    prints: string;
    fileName: string;
    drawing: DrawingFigures | null;
    facts: { figure: string; note: string }[];
    findings: Finding[];
    /** of the whole piece, in pixels */
    file: { width: number; height: number } | null;
    planHash: string | null;
}

/** A paper of a lab: its surface, and the description of its profile where there is one. */
export interface PaperOffer {
    name: string;
    surface: string;
    profile: string | null;
}

/** What changes on paper, in words. */
export interface SeenOnPaper {
    paper: string | null;
    profile: string | null;
    note: string;
    share: number;
    remedy: Remedy | null;
}

/** How often which lightness and which code stands in a picture, as shares of the largest bin; and shares of the picture. */
export interface Histogram {
    lightness: number[];
    red: number[];
    green: number[];
    blue: number[];
    dark: number;
    light: number;
    threeQuarter: number;
}

/** A lab card as its page shows it; gamuts as u′v′ outlines. */
export interface Lab {
    id: number;
    name: string;
    colour: Space;
    ppi: number;
    minimumPpi: number;
    formats: ('jpeg' | 'tiff')[];
    quality: number;
    bits: number[];
    sizes: string[];
    canvas: string | null;
    largestPiece: string | null;
    takesPaperProfiles: boolean;
    papers: { name: string; surface: 'glossy' | 'lustre' | 'matte' | 'screen'; profile?: string }[];
    /** How many lines that aren't made yet are to be printed on each paper. */
    linesOn: Record<string, number>;
    /** Where the card contradicts itself. */
    disagreements: string[];
    profiles: { file: string; description: string; gamut: [number, number][]; beside: string }[];
    spaces: { name: string; gamut: [number, number][] }[];
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
    products: { name: string; largest: string | null }[];
    papers: PaperOffer[];
    takesPaperProfiles: boolean;
    depth: string;
    spare: string;
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
    /** a large set is packed by a worker first */
    zip: 'ready' | 'packing';
    folder: string;
    startedAt: string;
    files: MadeFile[];
}

export interface User {
    name: string;
    email: string;
}

export interface HouseFinish {
    id: number;
    name: string;
    /** each choice in words */
    choices: Record<string, string>;
}

/** What is seen in a picture: its strong colours, and a first suggestion of what must stay in. */
export interface Looked {
    colours: string[];
    suggestion: MustStayIn;
}
