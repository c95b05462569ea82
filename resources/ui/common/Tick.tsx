interface Props {
    label: string;
    isTicked: boolean;
    onTick: (isTicked: boolean) => void;
}

/** A yes or no. */
export const Tick = ({ label, isTicked, onTick }: Props) => (
    <label className="flex items-center gap-2">
        <input type="checkbox" checked={isTicked} onChange={(event) => onTick(event.target.checked)} className="accent-copper" />
        {label}
    </label>
);
