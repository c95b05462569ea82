interface Piece {
    width: number;
    height: number;
}

/** Pieces in rows, in their order, at the largest scale at which all rows fit. Lengths in mm; `label` in screen pixels. */
export function hang(pieces: Piece[], wall: { width: number; height: number }, gap: number, label: number, tall: number) {
    const rowsAt = (scale: number) => {
        const places: { x: number; y: number }[] = [];
        let [x, y, rowHeight, row] = [0, 0, 0, [] as number[]];
        let widest = 0;
        const close = () => {
            // Pieces of a row stand on one line.
            row.forEach((i) => (places[i]!.y = y + rowHeight - pieces[i]!.height * scale));
            y += rowHeight + label + gap * scale;
        };
        pieces.forEach((piece, i) => {
            const width = Math.max(piece.width * scale, 70);
            if (row.length > 0 && x + width > wall.width) {
                close();
                [x, rowHeight, row] = [0, 0, []];
            }
            places[i] = { x, y };
            x += width + gap * scale;
            widest = Math.max(widest, x - gap * scale);
            rowHeight = Math.max(rowHeight, piece.height * scale);
            row.push(i);
        });
        close();
        return {
            places,
            width: widest,
            height: y - label - gap * scale,
            fits: y - gap * scale <= wall.height && widest <= wall.width && tall * scale <= wall.height,
        };
    };
    let [low, high] = [0.001, 2];
    for (let i = 0; i < 30; i++) {
        const middle = (low + high) / 2;
        if (rowsAt(middle).fits) {
            low = middle;
        } else {
            high = middle;
        }
    }
    return { scale: low, ...rowsAt(low) };
}
