/** From so many steps on they are folded. */
const MANY = 3;

/** What is left to be done by hand: a sentence, or its steps as a numbered list that opens (“Cut: 1 straight down at 3 in; 2 …”). */
export function LeftToHands({ said }: { said: string }) {
    const [what, rest] = [said.slice(0, said.indexOf(':')), said.slice(said.indexOf(':') + 1)];
    const steps = rest.replace(/\.$/, '').split('; ');
    return steps.length < MANY ? (
        <p className="text-soft">{said}</p>
    ) : (
        <details className="text-soft">
            <summary className="cursor-pointer">
                {what}: {steps.length} steps
            </summary>
            <ol className="list-decimal pl-6">
                {steps.map((step) => (
                    <li key={step}>{step.replace(/^\s*\d+ /, '')}</li>
                ))}
            </ol>
        </details>
    );
}
