import { useState } from 'react';
import { useKeys } from '@/keys/useKeys';
import { useScreen } from './screen';

/** The drawing as large as the print will be; a screen that hasn't been measured is measured first. */
export function useTrueSize(can: boolean) {
    const perMm = useScreen();
    const [isWanted, setIsWanted] = useState(false);
    const [isMeasuring, setIsMeasuring] = useState(false);
    const isOn = can && isWanted && perMm !== null;
    const toggle = () => {
        if (can && perMm === null) {
            setIsMeasuring(true);
        }
        setIsWanted(can && !isOn);
    };
    useKeys({ '0': toggle });
    return { isOn, toggle, perMm, isMeasuring, measure: setIsMeasuring, leave: () => setIsWanted(false) };
}

export type TrueSize = ReturnType<typeof useTrueSize>;
