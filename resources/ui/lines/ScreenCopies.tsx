import { useState } from 'react';
import { useAct } from '@/api/act';
import { useScreenCopies } from '@/api/makes';
import { Button } from '@/common/Button';
import { NumberField } from '@/common/NumberField';
import { useNotices } from '@/notices/notices';
import { Popup } from '@/common/Popup';
import { Tick } from '@/common/Tick';
import { WhichMark } from '@/marks/WhichMark';

interface Props {
    orderId: number;
    /** left out for the whole order */
    lines?: number[];
    onMade?: () => void;
}

/** Copies of an order, or of some of its lines, for a screen: as they will be printed, so large, so good, with the studio’s mark. */
export function ScreenCopies({ orderId, lines, onMade }: Props) {
    const notices = useNotices();
    const screenCopies = useScreenCopies(orderId);
    const [isOpen, setIsOpen] = useState(false);
    const [longSide, setLongSide] = useState('1600');
    const [quality, setQuality] = useState('75');
    const [isSharpened, setIsSharpened] = useState(true);
    const [mark, setMark] = useState<string | null>(null);
    const wanted = () => ({
        longSide: Number(longSide),
        quality: Number(quality),
        sharpen: isSharpened,
        overlays: mark === null ? [] : [{ picture: mark, strength: 0.7 }],
    });
    const make = useAct(() => screenCopies(lines, wanted()), {
        onSuccess: ({ stopped }) => {
            stopped.forEach((words) => notices.say(words, { lasts: true }));
            setIsOpen(false);
            onMade?.();
        },
    });
    return (
        <Popup
            title="Screen copies"
            isOpen={isOpen}
            onOpen={setIsOpen}
            align="end"
            className="w-[19.5rem]"
            trigger={<Button className="data-[state=open]:border-copper">Screen copies</Button>}
        >
            <form
                noValidate
                className="flex flex-col gap-3"
                onSubmit={(event) => {
                    event.preventDefault();
                    make.mutate();
                }}
            >
                <h2 className="text-row font-semibold">Copies for a screen</h2>
                <p className="text-small text-soft">
                    Every line as it will be printed, small, in a folder of its own. Nothing of it goes to the lab.
                </p>
                <NumberField label="Long side in pixels" value={longSide} onSet={setLongSide} />
                <NumberField label="Quality, 1 to 100" value={quality} onSet={setQuality} />
                <Tick label="Sharpened for a screen" isTicked={isSharpened} onTick={setIsSharpened} />
                <WhichMark none="No mark" value={mark} onChoose={setMark} />
                {make.error && (
                    <p role="alert" className="text-small text-stops">
                        {make.error.message}
                    </p>
                )}
                <Button type="submit" disabled={make.isPending}>
                    Make screen copies
                </Button>
            </form>
        </Popup>
    );
}
