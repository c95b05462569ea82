/** What is left to be done by hand, with its steps apart: “Cut: 1 straight down at 3 in; 2 …” is *Cut* and two of them. */
export function stepsOf(said: string): { what: string; steps: string[] } {
    const colon = said.indexOf(': ');
    return {
        what: said.slice(0, Math.max(0, colon)),
        steps: said
            .slice(colon + 2)
            .replace(/\.$/, '')
            .split('; ')
            .map((step) => step.replace(/^\d+ /, '')),
    };
}
