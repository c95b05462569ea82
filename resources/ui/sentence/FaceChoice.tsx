import type { FaceOffered } from '@/api/types';
import { Choice } from '@/common/Choice';
import { faceStyle } from '@/drawing/lettering/face';

interface Props {
    faces: FaceOffered[];
    value: FaceOffered['name'];
    onChoose: (face: FaceOffered['name']) => void;
}

/** One of the faces, each named in itself. */
export const FaceChoice = ({ faces, value, onChoose }: Props) => (
    <Choice
        label="Face"
        value={value}
        onChoose={onChoose}
        options={faces.map(({ name, label }) => ({
            value: name,
            label: (
                <span className="text-read leading-5 whitespace-nowrap" style={faceStyle(name)}>
                    {name}
                </span>
            ),
            note: label,
        }))}
    />
);
