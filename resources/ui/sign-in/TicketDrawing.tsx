/** What the product is about, as a dimensioned drawing. */
export function TicketDrawing() {
    const figure = 'narrow fill-ink text-row font-medium';
    return (
        <div className="grid place-items-center bg-desk" aria-hidden="true">
            <svg viewBox="0 0 520 460" className="w-[min(80%,34rem)]">
                <g className="fill-none stroke-ink" strokeWidth="1">
                    <path d="M100 92 V40 M440 92 V40 M92 100 H40 M92 372 H40" />
                    <path d="M104 50 H244 M296 50 H436 M50 104 V210 M50 262 V368" />
                </g>
                <path
                    d="M100 50 l9 -3.5 v7 z M440 50 l-9 -3.5 v7 z M50 100 l-3.5 9 h7 z M50 372 l-3.5 -9 h7 z"
                    className="fill-ink"
                />
                <text x="270" y="54" textAnchor="middle" className={figure}>
                    10 in
                </text>
                <text x="50" y="240" textAnchor="middle" transform="rotate(-90 50 236)" className={figure}>
                    8 in
                </text>
                <rect x="100" y="100" width="340" height="272" className="fill-white" />
                <rect x="100" y="100" width="340" height="182" className="fill-groove" />
                <path
                    d="M100 282 V236 C160 214 190 228 232 220 C290 206 320 176 366 190 C400 200 420 222 440 226 V282 Z"
                    className="fill-edge-soft"
                />
                <rect x="100" y="282" width="340" height="90" className="fill-rule" />
                <path
                    d="M226 300 C262 322 330 324 372 292 C372 330 346 344 300 344 C262 344 234 332 226 300 Z"
                    className="fill-soft"
                />
                <rect x="205" y="272" width="190" height="88" className="fill-none stroke-copper" strokeWidth="1.6" />
                <rect x="205" y="254" width="76" height="18" className="fill-copper" />
                <text x="243" y="267" textAnchor="middle" className="fill-white text-small narrow">
                    must stay in
                </text>
            </svg>
        </div>
    );
}
