import { Field } from './Field';

interface Props {
    label: string;
    value: string;
    onSet: (typed: string) => void;
    className?: string;
}

/** A whole number typed beside its label. */
export const NumberField = ({ label, value, onSet, className = 'w-20' }: Props) => (
    <Field
        label={label}
        beside
        inputMode="numeric"
        value={value}
        onChange={(event) => onSet(event.target.value)}
        className={`${className} text-right`}
    />
);
