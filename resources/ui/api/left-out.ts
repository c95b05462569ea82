import { useRefreshing } from './act';
import { passLines } from './lines';
import { makesKey } from './makes';
import { orderKey } from './orders';
import { parcelsKey } from './parcels';
import type { LeftOut } from './types';

/** Passes lines that were left out, from a page that tells of them. */
export const usePassLines = (orderId: number) =>
    useRefreshing((lines: LeftOut[]) => passLines(orderId, lines), orderKey(orderId), makesKey(orderId), parcelsKey(orderId));
