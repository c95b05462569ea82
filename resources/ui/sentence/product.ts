import type { LineView, OrderSheet } from '@/api/types';

/** What a line is printed on, as the lab card has it. */
export function productOf(order: Pick<OrderSheet, 'labCard'>, line: LineView) {
    const { product, make } = line.line;
    const found = order.labCard.products.find(({ name }) => name === (product ?? make));
    return found ?? { name: product ?? '', largest: null, mounts: [], options: [] };
}
