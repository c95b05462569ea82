import { Button, Key } from '@/common/Button';
import { useChosen } from '@/drawing/tools/chosen';
import type { WordProps } from '@/words/word';

/** The cutting order in words, and drawn on request. */
export function CutsWord({ line }: WordProps) {
    const { showsCuts, showCuts } = useChosen();
    const said = line.drawing?.cutsSaid ?? [];
    return (
        <div className="flex flex-col gap-3">
            {said.map((words, sheet) => (
                <div key={sheet}>
                    {said.length > 1 && <h3 className="text-small text-soft">Sheet {sheet + 1}</h3>}
                    <ol className="flex flex-col gap-1">
                        {words
                            .replace(/\.$/, '')
                            .split('; ')
                            .map((cut) => (
                                <li key={cut}>{cut}</li>
                            ))}
                    </ol>
                </div>
            ))}
            <Button onClick={() => showCuts(!showsCuts)}>
                {showsCuts ? 'Draw them no more' : 'Draw them on the sheet'}
                <Key>X</Key>
            </Button>
        </div>
    );
}
