import { stepsOf } from './steps';

/** From so many steps on they are folded. */
const MANY = 3;

/** What is left to be done by hand: a sentence, or its steps as a numbered list that opens. */
export function LeftToHands({ said }: { said: string }) {
    const { what, steps } = stepsOf(said);
    return steps.length < MANY ? (
        <p className="text-soft">{said}</p>
    ) : (
        <details className="text-soft">
            <summary className="cursor-pointer">
                {what}: {steps.length} steps
            </summary>
            <ol className="list-decimal pl-6">
                {steps.map((step) => (
                    <li key={step}>{step}</li>
                ))}
            </ol>
        </details>
    );
}
