import type { LineView } from '@/api/types';
import { Menu, MenuAct } from '@/common/Menu';

interface Props {
    lines: LineView[];
    onChoose: (ids: number[]) => void;
}

/** Lines chosen by what they are. */
export function ChooseLines({ lines, onChoose }: Props) {
    const sizes = [...new Set(lines.map(({ uses }) => uses.size).filter((size) => size !== null))];
    const act = (label: string, which: (line: LineView) => boolean) => {
        const ids = lines.filter(which).map(({ id }) => id);
        return (
            ids.length > 0 && (
                <MenuAct key={label} onSelect={() => onChoose(ids)}>
                    {label} · {ids.length}
                </MenuAct>
            )
        );
    };
    return lines.length < 2 ? null : (
        <Menu
            trigger={
                <button
                    type="button"
                    className="text-row whitespace-nowrap text-soft underline underline-offset-4 hover:text-ink"
                >
                    Choose…
                </button>
            }
        >
            {act('All lines', () => true)}
            {act('With something to look at', (line) => line.state === 'open' && line.findings[0]!.level === 'look')}
            {act('That are stopped', (line) => line.findings[0]!.level === 'stops')}
            {act('Not passed', (line) => line.state === 'open' || line.state === 'waiting')}
            {sizes.map((size) => act(`Of ${size.replace(' x ', ' × ')}`, ({ uses }) => uses.size === size))}
        </Menu>
    );
}
