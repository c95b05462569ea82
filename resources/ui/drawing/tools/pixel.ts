/** How many of the picture's pixels each way are taken together, so that grain doesn't choose the colour. */
const AROUND = 2;

/** The colour of a place in a picture, in fractions of it, as #rrggbb in sRGB. */
export async function colourAt(href: string, x: number, y: number): Promise<string> {
    const image = new Image();
    image.src = href;
    await image.decode();
    const side = 2 * AROUND + 1;
    const canvas = new OffscreenCanvas(side, side);
    const context = canvas.getContext('2d', { willReadFrequently: true })!;
    const [left, top] = [x * image.naturalWidth - AROUND, y * image.naturalHeight - AROUND];
    context.drawImage(image, -Math.round(left), -Math.round(top));
    const { data } = context.getImageData(0, 0, side, side);
    const sums = [0, 0, 0];
    let count = 0;
    for (let i = 0; i < data.length; i += 4) {
        if (data[i + 3] === 255) {
            sums.forEach((_, band) => (sums[band]! += data[i + band]!));
            count++;
        }
    }
    return `#${sums
        .map((sum) =>
            Math.round(sum / Math.max(1, count))
                .toString(16)
                .padStart(2, '0'),
        )
        .join('')}`;
}
