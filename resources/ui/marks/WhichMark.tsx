import { useMarks } from '@/api/marks';
import { Choice } from '@/common/Choice';

const NO_MARK = '';

interface Props {
    /** what there is without one */
    none: string;
    value: string | null;
    onChoose: (name: string | null) => void;
}

/** One of the studio's marks, or none; nothing where the studio keeps none. */
export function WhichMark({ none, value, onChoose }: Props) {
    const marks = useMarks();
    return (marks.data?.length ?? 0) === 0 ? null : (
        <Choice
            label="Mark"
            value={value ?? NO_MARK}
            onChoose={(name) => onChoose(name === NO_MARK ? null : name)}
            options={[{ value: NO_MARK, label: none }, ...(marks.data ?? []).map(({ name }) => ({ value: name, label: name }))]}
        />
    );
}
