const DAY_MS = 86_400_000;
const day = (iso: string) => new Date(`${iso}T00:00:00`);

/** Friday 4 December */
export const longDay = (iso: string) => day(iso).toLocaleDateString('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/** in 10 days, tomorrow, 2 days ago */
export function daysAway(iso: string): string {
    const today = new Date();
    today.setHours(0, 0, 0, 0);
    const days = Math.round((day(iso).getTime() - today.getTime()) / DAY_MS);
    return new Intl.RelativeTimeFormat('en', { numeric: 'auto' }).format(days, 'day');
}
