<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

use Planisher\Language\Offer;
use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Rule\Vocabulary;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Language\Words\Common;
use Planisher\Language\Words\Foreign;
use Planisher\Language\Words\Named;
use Planisher\Language\Words\PictureNames;
use Planisher\Language\Words\Sizes;
use Planisher\Language\Words\Spelling;
use Planisher\Language\Words\Spoken;
use Planisher\Language\Words\Typed;
use Planisher\Reading\English;
use Planisher\Reading\Rule\RuleBook;
use Planisher\Written\Numbers;
use Planisher\Written\Word;

/** The cheapest way to read all words of a line, from its first to its last: a shortest path over their places. */
final class Cover
{
    /** What a rule's special key makes of it. */
    private const KINDS = [
        Says::ALL => ItemKind::All,
        Says::REST => ItemKind::Rest,
        Says::SAME => ItemKind::Same,
        Says::NOT => ItemKind::Not,
        Says::INSTEAD => ItemKind::Instead,
        Says::ALSO => ItemKind::Also,
        Says::OR => ItemKind::Or,
        Says::PLACE => ItemKind::Place,
        Says::SUM => ItemKind::Sum,
    ];

    /** Words that are cut short by a full stop, which ends no sentence */
    private const SHORT = [
        'ea',
        'no',
        'nos',
        'nr',
        'fig',
        'pcs',
        'approx',
        'mr',
        'mrs',
        'ms',
        'dr',
        'st',
        'in',
        'incl',
        'pc',
        'stk',
        'qty',
        'inv',
    ];

    /** @var array<string, array<int, ReadingRule>> rules of which all needed words stand in the line, by a first word */
    private array $byFirst = [];

    /** @var ?array<string, array<int, ReadingRule>> the same, by a first thing that is typed */
    private ?array $byKind = null;

    /** A bare number behind one of these is of something else. */
    private const BEFORE_OTHERS = [
        ...['in', 'on', 'at', 'from', 'by', 'under', 'over', 'above', 'below'],
        ...['than', 'not', 'since', 'until', 'within'],
    ];

    /** What is written in one piece, read in two */
    private const TORN = 1.5;

    private const STOPS = [',', ';', '-', ':', '/', '(', ')', '|', '=', '>', '*', '·', '•', '→', '~', '+', '–', '_', '[', ']'];

    /** @param  array<string, mixed>  $on  the line it is said of, in its order-file form */
    private function __construct(
        private readonly Spoken $said,
        private readonly RuleBook $book,
        private readonly PictureNames $pictures,
        private readonly array $on,
        private readonly ?string $make,
        private readonly ?Shapes $shapes,
    ) {}

    /**
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?string  $make  what is being made, where that is known
     * @param  ?Shapes  $shapes  of lines that were read before
     * @return list<ChartItem>
     */
    public static function of(
        Spoken $said,
        RuleBook $book,
        PictureNames $pictures,
        array $on = [],
        ?string $make = null,
        ?Shapes $shapes = null,
    ): array {
        $cover = new self($said, $book, $pictures, $on, $make, $shapes);

        return self::joined($cover->remembered() ?? $cover->items(), $said->text);
    }

    /** @return list<ChartItem> */
    private function items(): array
    {
        $many = count($this->said->words);
        $best = [[0.0, -1, null, '']];
        for ($i = 0; $i < $many; $i++) {
            if (! isset($best[$i])) {
                continue;
            }
            foreach ($this->edges($i) as [$end, $cost, $item, $by]) {
                $all = $best[$i][0] + $cost;
                if (! isset($best[$end]) || $all < $best[$end][0] - 1e-9) {
                    $best[$end] = [$all, $i, $item, $by];
                }
            }
        }
        $items = $path = [];
        for ($i = $many; $i > 0; $i = $from) {
            [, $from, $item, $by] = $best[$i];
            $from = max(0, $from);
            $items[] = $item instanceof \Closure ? $item() : $item;
            $path[] = [$from, $i, $by];
        }
        $this->shapes?->keep($this->said, $this->make, array_reverse($path));

        return array_reverse($items);
    }

    /** @return ?list<ChartItem> what a line of the same shape was read as, of this one's pictures and sizes */
    private function remembered(): ?array
    {
        $path = $this->shapes?->path($this->said, $this->make);
        $items = [];
        foreach ($path->steps ?? [] as $step => [$from, $to, $by]) {
            $words = $by instanceof ReadingRule ? $this->said->written($from, $to) : '';
            $read = $by instanceof ReadingRule ? $path?->read($step, $words) : null;
            $item = $read?->placed($this->said->words[$from]->at, $read->length) ?? $this->cheapest($from, $to, $by);
            if ($item === null) {
                return null;
            }
            $by instanceof ReadingRule && $read === null && $path?->keep($step, $words, $item);
            $items[] = $item;
        }

        return $items === [] ? null : $items;
    }

    /** What the words from one place to another are, by what is known to have read them. */
    private function cheapest(int $from, int $to, ReadingRule|string $by): ?ChartItem
    {
        $cheapest = null;
        foreach ($this->edges($from, $by) as [$end, $cost, $item]) {
            if ($end === $to && ($cheapest === null || $cost < $cheapest[0])) {
                $cheapest = [$cost, $item];
            }
        }
        $item = $cheapest[1] ?? null;

        return $item instanceof \Closure ? $item() : $item;
    }

    /**
     * Ways to read on from a place: where they end, what they cost, what they make, and by what.
     *
     * @param  ReadingRule|string|null  $only  by that alone
     * @return iterable<array{int, float, \Closure|ChartItem, ReadingRule|string}>
     */
    private function edges(int $i, ReadingRule|string|null $only = null): iterable
    {
        $said = $this->said;
        if ($said->isListNumber($i)) {
            yield [$i + 2, Cost::SIGN, fn (): ChartItem => $this->made(ItemKind::Stop, $i, $i + 2), 'passed'];

            return;
        }
        foreach (
            match (true) {
                $only instanceof ReadingRule => [$only],
                $only === null => $this->rules($i),
                default => [],
            } as $rule
        ) {
            foreach ($rule->node()->match($said, [[$i, [], 0.0]], $i) as [$end, $heard, $cost]) {
                if ($end <= $i) {
                    continue;
                }
                $item = $this->item($rule, $i, $end, $heard);
                if ($item !== null) {
                    yield [
                        $end,
                        max(0.05, Cost::READ + $rule->cost + $cost - Cost::MORE * ($end - $i - 1) + $this->torn($end) + $this->begun($i)),
                        $item,
                        $rule,
                    ];
                }
            }
        }
        if ($only instanceof ReadingRule) {
            return;
        }
        foreach ($only === null || $only === 'pictures' ? $said->typed('pictures', $i) : [] as $typed) {
            yield [
                $typed->end,
                max(0.05, Cost::READ + $typed->cost - Cost::MORE * ($typed->end - $i - 1)),
                fn (): ChartItem => $this->made(
                    ItemKind::Pictures,
                    $i,
                    $typed->end,
                    named: $typed->value,
                    why: $typed->why,
                    offers: $typed->offers,
                ),
                'pictures',
            ];
        }
        foreach ($only === null || $only === 'size' ? $said->typed('size', $i) : [] as $typed) {
            yield [
                $typed->end,
                max(0.05, Cost::READ - 0.1 + $typed->cost - Cost::MORE * ($typed->end - $i - 1) + $this->apart($typed->end)),
                fn (): ChartItem => $this->made(
                    ItemKind::Size,
                    $i,
                    $typed->end,
                    size: $typed->value,
                    why: $typed->why,
                    offers: $typed->offers,
                ),
                'size',
            ];
        }
        foreach ($only === null || $only === 'count' ? $said->typed('count', $i) : [] as $typed) {
            $written = $said->written($i, $typed->end);
            $isSet = preg_match('/dozen|pair|couple|single|brace/i', $written) === 1;
            if ($isSet && $this->pictures->isWord(strtolower($written)) && $said->text($i - 1) !== 'a') {
                continue; // “couple 4”, where pictures are called so
            }
            yield [
                $typed->end,
                Cost::READ + ($isSet ? 0.2 : Cost::BARE_COUNT) + $typed->cost + $this->mistrust($i, $typed),
                fn (): ChartItem => $this->bare($i, $typed, $isSet),
                'count',
            ];
        }
        foreach ($only === null || $only === 'passed' ? $this->passed($i) : [] as $way) {
            yield [...$way, 'passed'];
        }
    }

    /** @return array<int, ReadingRule> that may begin at a place */
    private function rules(int $i): array
    {
        $first = $this->said->text($i);
        $rules = $this->byFirst[$first] ??= $this->possible($this->book->beginningWith($first));
        $this->byKind ??= array_filter(array_map($this->possible(...), $this->book->beginningTyped()));
        foreach ($this->byKind as $kind => $of) {
            if ($this->said->typed($kind, $i) !== []) {
                $rules += $of;
            }
        }

        return $rules;
    }

    /**
     * Those that are said of what is made, and of which the line has all words that they need.
     *
     * @param  list<ReadingRule>  $rules
     * @return array<int, ReadingRule>
     */
    private function possible(array $rules): array
    {
        $possible = [];
        foreach ($rules as $rule) {
            $isOfCells = $rule->for === 'print' && $this->make === 'shared-sheet' && $this->on === [];
            $isMade = $rule->for === null || $rule->for === ($this->make ?? 'print') || $isOfCells;
            if ($isMade && $this->said->hasOneOfEach($rule->needs())) {
                $possible[spl_object_id($rule)] = $rule;
            }
        }

        return $possible;
    }

    /** “4x6” is not four of something: what is written in one piece is read in one. */
    private function torn(int $end): float
    {
        $isTorn =
            $this->said->at($end - 1)?->is('x') &&
            $this->said->at($end)?->isGlued &&
            $this->said->at($end)->isDigits() &&
            ! str_starts_with($this->said->at($end)->text, '0');

        $isCut =
            $this->said->at($end - 1)?->isDigits() &&
            (int) $this->said->at($end - 1)->text <= Sizes::LARGEST && // “2207 x 2”
            $this->said->at($end)?->is('x') &&
            $this->said->at($end + 1)?->isDigits() &&
            $this->said->at($end)->isGlued === $this->said->at($end + 1)->isGlued;

        return $isTorn || $isCut ? self::TORN : $this->apart($end - 1);
    }

    /** “A4 of each” isn't four of each: digits that end a word of letters begin nothing. */
    private function begun(int $i): float
    {
        $before = $this->said->at($i - 1);
        $isEnd = $this->said->words[$i]->isGlued && $this->said->words[$i]->isDigits() && $before?->isLetters() && ! $before->is('x');

        return $isEnd ? 2 * self::TORN : 0.0;
    }

    /** “8 x 10 x 2”: two of the one, or eight of the other? What is written in one way is taken apart at a cost, wherever it is. */
    private function apart(int $by): float
    {
        foreach ($this->said->text($by) === 'x' ? [$by - 1, $by - 3] : [] as $first) {
            $of = array_map($this->said->at(...), range($first, $first + 4));
            $isEven = count(array_unique(array_map(fn (?Word $word): bool => $word->isGlued ?? false, array_slice($of, 1)))) === 1;
            $isThree = $isEven && $of[0]?->isDigits() && $of[2]?->isDigits() && $of[4]?->isDigits();
            if ($isThree && $of[1]?->is('x') && $of[3]?->is('x')) {
                return self::TORN;
            }
        }

        return 0.0;
    }

    /** A number beside words that nobody knows may be anything. */
    private function mistrust(int $i, Typed $typed): float
    {
        $isGlued =
            $this->said->at($typed->end)?->isGlued && $this->said->at($typed->end)->isLetters() && ! $this->said->at($typed->end)->is('x');
        $before = $i > 0 ? $this->said->text($i - 1) : '';
        $isEnd =
            $i > 0 &&
            $this->said->words[$i]->isGlued &&
            $this->said->words[$i]->isDigits() &&
            $this->said->words[$i - 1]->isLetters() &&
            $before !== 'x';
        $isGluedTo = fn (int $at): bool => ($this->said->at($at)->isGlued ?? false) && $this->said->at($at - 1)?->isDigits();
        // “12:30”, and not “8x10:2”
        $isColon = $before === ':' && $this->said->words[$i]->isGlued && $isGluedTo($i - 1);
        $isPartOfTime = $isColon && ! $this->said->at($i - 3)?->is('x');
        $isAfterMoney =
            $isEnd ||
            $isPartOfTime ||
            in_array($before, ['£', '$', '€', '#', 'no', '/'], true) ||
            ($before === '.' && $this->said->words[$i]->isGlued);

        return $isGlued || $isAfterMoney || in_array($before, self::BEFORE_OTHERS, true) ? 6.0 : 0.0;
    }

    private function bare(int $i, Typed $typed, bool $isSet): ChartItem
    {
        $isLoose = preg_match('/couple/i', $this->said->written($i, $typed->end)) === 1;
        $item = $this->made(ItemKind::Count, $i, $typed->end, count: (int) $typed->value, isBare: ! $isSet);
        $isLoose &&
            $item->doubt('“A couple” was read as 2.', [
                new \Planisher\Language\Offer('2', '2 of'),
                new \Planisher\Language\Offer('3', '3 of'),
            ]);

        return $item;
    }

    /** @return iterable<array{int, float, \Closure|ChartItem}> */
    private function passed(int $i): iterable
    {
        $word = $this->said->words[$i];
        $text = $word->text;
        $foreign = ($this->said->at($i - 1)?->isDigits() ?? false) && $word->isGlued ? null : Foreign::end($this->said->text, $word->at);
        if ($foreign !== null) {
            $end = $i;
            while ($this->said->at($end) !== null && $this->said->words[$end]->end() <= $foreign) {
                $end++;
            }
            if ($end > $i) {
                yield [$end, Cost::FOREIGN, fn (): ChartItem => $this->made(ItemKind::Passed, $i, $end, value: 'foreign')];
            }
        }
        if ($text === '~' && $this->said->text($i + 1) === '~' && $this->said->words[$i + 1]->isGlued) {
            $isBegin = substr_count(substr($this->said->text, 0, $word->at), '~~') % 2 === 0;
            yield [$i + 2, 0.0, fn (): ChartItem => $this->made($isBegin ? ItemKind::Not : ItemKind::Stop, $i, $i + 2)];

            return;
        }
        if ($word->isSign()) {
            $isShort =
                $text === '.' &&
                $word->isGlued &&
                in_array($this->said->text($i - 1), self::SHORT, true) &&
                $this->said->at($i + 1) !== null;
            $isEnd = in_array($text, ['.', '!', '?'], true) && ! $isShort && ! ($this->said->at($i + 1)->isGlued ?? false);
            $isLone = in_array($text, ['"', '%', '$', '£', '€', '½', '¼', '¾'], true);
            $kind = match (true) {
                $isEnd => ItemKind::End,
                in_array($text, ['&'], true) => ItemKind::And,
                in_array($text, ['☐', '✘', '✗', '❌', '☒'], true) => ItemKind::Not,
                in_array($text, self::STOPS, true) => ItemKind::Stop,
                default => ItemKind::Passed,
            };
            if ($text === '"' && ! $word->isGlued && ($this->said->at($i + 1) === null || $this->said->at($i + 1)->is('.', ','))) {
                yield [$i + 1, 0.3, fn (): ChartItem => $this->made(ItemKind::Same, $i, $i + 1, value: 'line')];
            }
            yield [$i + 1, $isLone ? 0.5 : Cost::SIGN, fn (): ChartItem => $this->made($kind, $i, $i + 1)];

            return;
        }
        if (in_array($text, ['and', 'und', 'et', 'y', 'plus', 'then'], true)) {
            yield [$i + 1, Cost::COMMON, fn (): ChartItem => $this->made(ItemKind::And, $i, $i + 1)];

            return;
        }
        if ($this->hasNoSide($i)) {
            $why = 'A size has no side of 0.';
            yield [$i + 3, Cost::SIGN, fn (): ChartItem => $this->made(ItemKind::Unknown, $i, $i + 3, why: $why, value: 'number')];
        }
        if ($word->isDigits()) {
            yield [
                $i + 1,
                Cost::NUMBER,
                fn (): ChartItem => $this->made(ItemKind::Unknown, $i, $i + 1, why: 'What is this number?', value: 'number'),
            ];

            return;
        }
        $isCommon = Common::is($text) && ! $this->pictures->isWord($text);
        $cost = $isCommon ? Cost::COMMON : ($this->book->isWord($text) ? Cost::TRADE_WORD : Cost::WORD);
        yield [
            $i + 1,
            $cost,
            fn (): ChartItem => $isCommon
                ? $this->made(ItemKind::Passed, $i, $i + 1)
                : $this->made(
                    ItemKind::Unknown,
                    $i,
                    $i + 1,
                    why: 'Not understood.',
                    offers: [...$this->pictures->like($text), ...($spelled = $this->spelled($text))],
                    value: match (true) {
                        isset(Vocabulary::trade()[$text]) => 'trade',
                        isset(Numbers::names()[$text]) => ChartItem::ASKED, // “8x10 twelve: 0405”
                        self::areSlips($text, $spelled) => ChartItem::ASKED,
                        default => null,
                    },
                ),
        ];
    }

    /**
     * Whether a word can hardly be another: letters of a word of the trade that were left out, put in or turned round.
     *
     * @param  list<Offer>  $of
     */
    private static function areSlips(string $text, array $of): bool
    {
        $letters = fn (string $word): array => count_chars($word, 1);
        $isSlip = fn (Offer $one): bool => strlen($one->with) > strlen($text) || $letters($one->with) === $letters($text);

        return array_filter($of, $isSlip) !== [];
    }

    /** @return list<Offer> words of the trade that a word may be a slip of */
    private function spelled(string $text): array
    {
        return array_map(
            fn (string $of): Offer => new Offer("“{$of}”", $of),
            English::is($text) ? [] : array_slice(Spelling::near($text, $this->book->words(), shortest: 4), 0, 3),
        );
    }

    /** “0 x 10”, “10 x 0”: nothing can be printed on it. */
    private function hasNoSide(int $i): bool
    {
        [$one, $by, $other] = [$this->said->at($i), $this->said->at($i + 1), $this->said->at($i + 2)];

        return $one?->isDigits() &&
            $other?->isDigits() &&
            $by?->is('x', 'by') &&
            ($one->text === '0' || $other->text === '0') &&
            ! $this->said->at($i - 1)?->is('.', ',');
    }

    /** @param  array<string, mixed>  $heard */
    private function item(ReadingRule $rule, int $i, int $end, array $heard): ?ChartItem
    {
        $said = new Heard($heard, $this->said->known, $this->on, $this->make, $this->said->meant($i, $end));
        $change = ($rule->means)($said);
        if ($change === null) {
            return null;
        }
        [$why, $offers] = [null, []];
        if ($change instanceof Unsure) {
            [$why, $offers, $change] = [$change->why, $change->offers, $change->change];
        }
        foreach ($heard as [$typed]) {
            $typed->why === null || ([$why, $offers] = [$why ?? $typed->why, $offers ?: $typed->offers]);
        }
        if (array_key_exists(Says::COUNT, $change)) {
            return $this->made(
                ItemKind::Count,
                $i,
                $end,
                count: (int) $change[Says::COUNT],
                why: $why,
                offers: $offers,
                value: isset($change[Says::GATHER]) ? 'sheet' : null,
                isEach: isset($change[Says::EACH]) || preg_match('/\b(?:each|ea|apiece)\b/iu', $this->said->written($i, $end)) === 1,
                rule: $rule,
            );
        }
        if ($change === [Says::EACH => true]) {
            return $this->made(ItemKind::Each, $i, $end, rule: $rule);
        }
        foreach (self::KINDS as $key => $kind) {
            if (array_key_exists($key, $change)) {
                return $this->made($kind, $i, $end, value: $change[$key], why: $why, offers: $offers, rule: $rule);
            }
        }
        if (isset($change[Says::REMARK])) {
            return $this->made(
                ItemKind::Remark,
                $i,
                $end,
                change: array_diff_key($change, [Says::REMARK => true]),
                why: $this->on === []
                    ? 'That isn’t done here. It stays as a remark on the line.'
                    : 'That isn’t done here. Write it into the line’s remark.',
                rule: $rule,
            );
        }

        return $this->made(ItemKind::Wish, $i, $end, change: $change, why: $why, offers: $offers, rule: $rule);
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  list<\Planisher\Language\Offer>  $offers
     */
    private function made(
        ItemKind $kind,
        int $from,
        int $end,
        ?int $count = null,
        mixed $size = null,
        array $change = [],
        ?Named $named = null,
        ?string $why = null,
        array $offers = [],
        mixed $value = null,
        bool $isEach = false,
        bool $isBare = false,
        ?ReadingRule $rule = null,
    ): ChartItem {
        $at = $this->said->words[$from]->at;
        $last = $this->said->words[$end - 1];

        return new ChartItem(
            $kind,
            $at,
            $last->end() - $at,
            $count,
            $size,
            $change,
            $named,
            $why,
            $offers,
            $value,
            $isEach,
            $isBare,
            $rule,
            $this->said->written($from, $end),
        );
    }

    /**
     * Words not understood that follow each other are one thing not understood.
     *
     * @param  list<ChartItem>  $items
     * @return list<ChartItem>
     */
    private static function joined(array $items, string $text): array
    {
        $joined = [];
        $between = [];
        foreach ($items as $item) {
            $last = $joined[count($joined) - 1] ?? null;
            if ($item->kind === ItemKind::Passed && $last?->kind === ItemKind::Unknown) {
                $between[] = $item;

                continue;
            }
            if (
                $item->kind === ItemKind::Unknown &&
                $last?->kind === ItemKind::Unknown &&
                $last->value !== 'number' &&
                $item->value !== 'number'
            ) {
                array_pop($joined);
                $length = $item->end() - $last->at;
                $item = new ChartItem(
                    ItemKind::Unknown,
                    $last->at,
                    $length,
                    why: $item->why,
                    value: $last->value ?? $item->value,
                    words: substr($text, $last->at, $length),
                );
                $between = [];
            }
            $joined = [...$joined, ...$between, $item];
            $between = [];
        }

        return [...$joined, ...$between];
    }
}
