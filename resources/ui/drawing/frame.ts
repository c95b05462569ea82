/** Where the drawing lies in its place: screen pixels per mm, and the paper's corner. */
export interface Frame {
    scale: number;
    x: (mm: number) => number;
    y: (mm: number) => number;
}
