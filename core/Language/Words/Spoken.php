<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Colour\ColourName;
use Planisher\Language\Known;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Unit;
use Planisher\Words\Face;
use Planisher\Written\Number;
use Planisher\Written\Word;
use Planisher\Written\WrittenWords;

/** The words of one line, and all that each of them may be. Every number is typed here, by its neighbours. */
final class Spoken
{
    private const MOST_OF_A_TEXT = 200;

    private const PER_CENT = ['%', 'percent', 'pct'];

    private const PIXELS = ['px', 'pixel', 'pixels', 'pix'];

    /** Kinds that begin with a number, or with the word for one of a unit: “an inch” */
    private const NUMERIC = [
        'length' => true,
        'measure' => true,
        'distance' => true,
        'depth' => true,
        'percent' => true,
        'share' => true,
        'count' => true,
        'number' => true,
        'pixels' => true,
        'ratio' => true,
    ];

    private const ONE = ['a' => true, 'an' => true, 'inch' => true, 'centimetre' => true, 'centimeter' => true, 'millimetre' => true];

    /** @var array<string, list<Typed>> what was found, by kind and place */
    private array $found = [];

    /** @var array<int, Unit> the unit said last before a place */
    private array $units = [];

    /** @var ?array<int, true> places of numbers that only count what is listed */
    private ?array $listed = null;

    /** @var array<string, true> all words that stand in it */
    private readonly array $texts;

    /** Numbers and units among them */
    public readonly WrittenWords $figures;

    /**
     * @param  list<Word>  $words
     * @param  Unit  $unit  of what has none
     * @param  bool  $isUnitSaid  somebody has said that it is the unit of all
     * @param  array<string, true>  $adjectives  what may stand behind an “in” that is no inch, beside the usual: papers, finishes
     */
    public function __construct(
        public readonly string $text,
        public readonly array $words,
        public readonly Known $known,
        public readonly Unit $unit,
        public readonly bool $isUnitSaid,
        private readonly ?Sizes $sizes,
        public readonly ?PictureNames $pictures,
        array $adjectives = [],
    ) {
        $this->figures = new WrittenWords($words, $adjectives);
        $texts = [];
        foreach ($words as $word) {
            $texts[$word->text] = true;
        }
        $this->texts = $texts;
    }

    /**
     * Whether it has one word of each of these.
     *
     * @param  list<array<string, true>>  $needs
     */
    public function hasOneOfEach(array $needs): bool
    {
        foreach ($needs as $words) {
            if (array_intersect_key($words, $this->texts) === []) {
                return false;
            }
        }

        return true;
    }

    /** “1) garden 8x10 2) storm 5x7”: a number that only counts what is listed in the line. */
    public function isListNumber(int $i): bool
    {
        $this->listed ??= $this->listNumbers();

        return isset($this->listed[$i]);
    }

    /**
     * Places of 1), 2), 3) … in their order, where no bracket is open; a line's own first number was taken off with its bullet.
     *
     * @return array<int, true>
     */
    private function listNumbers(): array
    {
        $found = [];
        $open = 0;
        $next = isset($this->texts[')']) ? [1, 2] : [];
        foreach ($next === [] ? [] : $this->words as $i => $word) {
            $open += $word->is('(') ? 1 : ($word->is(')') && $open > 0 ? -1 : 0);
            $isClosed = $open === 0 && $this->at($i + 1)?->is(')') && $this->words[$i + 1]->isGlued && isset($this->words[$i + 2]);
            if ($isClosed && ! $word->isGlued && $word->isDigits() && in_array((int) $word->text, $next, true)) {
                $found[$i] = true;
                $next = [(int) $word->text + 1];
            }
        }

        return $found;
    }

    public function at(int $i): ?Word
    {
        return $this->words[$i] ?? null;
    }

    public function text(int $i): string
    {
        return $this->words[$i]->text ?? '';
    }

    /** What was written from one place to before another. */
    public function written(int $from, int $to): string
    {
        $first = $this->words[$from] ?? null;
        $last = $this->words[$to - 1] ?? null;

        return $first === null || $last === null ? '' : substr($this->text, $first->at, $last->end() - $first->at);
    }

    /** The same with slips of the pen put right: “across the bottmo” is said of the bottom. */
    public function meant(int $from, int $to): string
    {
        $text = $this->written($from, $to);
        for ($i = $to - 1; $i >= $from; $i--) {
            $word = $this->words[$i] ?? null;
            if ($word?->instead !== null) {
                $text = substr_replace($text, $word->text, $word->at - $this->words[$from]->at, $word->length);
            }
        }

        return $text;
    }

    /**
     * What the words from that place on may be.
     *
     * @return list<Typed>
     */
    public function typed(string $kind, int $i): array
    {
        if (isset(self::NUMERIC[$kind]) && $this->numbersAt($i) === [] && ! isset(self::ONE[$this->text($i)])) {
            return [];
        }

        return $this->found["{$kind} {$i}"] ??= match ($kind) {
            'length' => $this->lengths($i),
            'measure' => $this->measures($i),
            'distance' => $this->distances($i),
            'depth' => $this->depths($i),
            'percent' => $this->percents($i),
            'share' => $this->shares($i),
            'count' => $this->counts($i),
            'number' => $this->numbers($i),
            'pixels' => $this->pixels($i),
            'size' => $this->sizes?->at($this, $i) ?? [],
            'colour' => $this->colours($i),
            'text' => $this->texts($i),
            'words' => $this->free($i),
            'ratio' => $this->ratios($i),
            'sides' => SideWords::at($this, $i),
            'parts' => CaptionParts::at($this, $i),
            'mark' => $this->marks($i),
            'face' => $this->faces($i),
            'phrase' => $this->phrases($i),
            'pictures' => $this->pictures?->at($this, $i) ?? [],
            'word' => $this->at($i) === null || $this->at($i)->isSign() ? [] : [new Typed($i + 1, $this->text($i))],
            default => throw new \LogicException("“{$kind}” is no kind of words."),
        };
    }

    /** @return list<Number> */
    public function numbersAt(int $i): array
    {
        return $this->figures->numbersAt($i);
    }

    /** @return ?array{string, int, float} see WrittenWords::unitAt() */
    public function unitAt(int $i): ?array
    {
        return $this->figures->unitAt($i);
    }

    /** @return list<Typed> lengths on paper, as an order file has them */
    private function lengths(int $i): array
    {
        $found = [];
        foreach ($this->numbersAt($i) as $number) {
            if ($number->isPadded || $number->isSet) {
                continue;
            }
            $unit = $this->unitAt($number->end);
            if ($unit !== null && in_array($unit[0], ['in', 'cm', 'mm', 'pt'], true)) {
                $length = self::length($number->typed, $unit[0]);
                $length === null || ($found[] = new Typed($unit[1], $length, $unit[2]));
                // “one inch and a half”
                $more = $this->text($unit[1]) === 'and' ? $this->numbersAt($unit[1] + 2) : [];
                if (
                    $length !== null &&
                    in_array($this->text($unit[1] + 1), ['a', 'an'], true) &&
                    $more !== [] &&
                    str_contains($more[0]->typed, '/')
                ) {
                    $long = self::length(((int) $number->value).' '.$more[0]->typed, $unit[0]);
                    $long === null || ($found[] = new Typed($more[0]->end, $long));
                }
            }
        }
        // “an inch”, “inch and a half”, “inch of white”
        $from = in_array($this->text($i), ['an', 'a'], true) ? $i + 1 : $i;
        if (in_array($this->text($from), ['inch', 'centimetre', 'centimeter', 'millimetre'], true)) {
            $unit = WrittenWords::UNITS[$this->text($from)];
            $bare = $from === $i ? 0.4 : 0.0;
            if (
                $this->text($from + 1) === 'and' &&
                ($this->numbersAt($from + 2)[0] ?? null) !== null &&
                str_contains($this->numbersAt($from + 2)[0]->typed, '/')
            ) {
                $part = $this->numbersAt($from + 2)[0];
                $length = self::length("1 {$part->typed}", $unit);
                $length === null || ($found[] = new Typed($part->end, $length));
            }
            $found[] = new Typed($from + 1, "1 {$unit}", $bare);
        }

        return $found;
    }

    /** @return list<Typed> lengths, of which the unit may be missing */
    private function measures(int $i): array
    {
        $found = $this->typed('length', $i);
        foreach ($this->numbersAt($i) as $number) {
            $isFollowed =
                $this->unitAt($number->end) !== null ||
                in_array($this->text($number->end), [...self::PER_CENT, ...self::PIXELS, 'x', 'ppi', 'dpi'], true);
            // “The left half” is no border of half an inch.
            $isSpoken = $number->isWords && ($number->isWhole() || in_array($this->text($i), ['half', 'third', 'quarter'], true));
            if (! $number->isPadded && ! $isFollowed && ! $number->isSet && ! $isSpoken && $number->value > 0) {
                // Nobody says quarters of a millimetre.
                $unit = str_contains($number->typed, '/') ? Unit::Inch : $this->usualUnit($i);
                $length = self::length($number->typed, $unit->value);
                $length === null ||
                    ($found[] = new Typed(
                        $number->end,
                        $length,
                        match (true) {
                            str_contains($number->typed, '/'), str_contains($number->typed, '.') => 0.3,
                            default => 0.6,
                        },
                    ));
            }
        }

        return $found;
    }

    /** The unit of the length said before, or that of all. */
    private function usualUnit(int $before): Unit
    {
        $this->units === [] && ($this->units[0] = $this->units[1] = $this->unit);
        for ($i = count($this->units); $i <= $before; $i++) {
            $isFigure = $this->at($i - 2)?->isDigits() || isset(Length::VULGAR[$this->text($i - 2)]);
            $unit = $isFigure ? $this->unitAt($i - 1) : null;
            $this->units[$i] = ($unit === null ? null : Unit::tryFrom($unit[0])) ?? $this->units[$i - 1];
        }

        return $this->units[$before];
    }

    /** @return list<Typed> how far away, in what paper is measured in */
    private function distances(int $i): array
    {
        $found = $this->typed('length', $i);
        foreach ($this->numbersAt($i) as $number) {
            $unit = $number->isPadded ? null : $this->unitAt($number->end);
            if ($unit !== null && in_array($unit[0], ['m', 'ft'], true)) {
                $isMetric = $unit[0] === 'm';
                $in = $isMetric ? Unit::Centimetre : Unit::Inch;
                $length = Length::exact((int) round($number->value * ($isMetric ? 100 : 12) * $in->nanometres()), $in);
                $found[] = new Typed($unit[1], (string) $length);
            }
        }

        return $found;
    }

    /** @return list<Typed> of a canvas's edge: a length, a share of the shorter side, pixels */
    private function depths(int $i): array
    {
        $found = $this->typed('length', $i);
        foreach ($this->typed('percent', $i) as $percent) {
            $found[] = new Typed($percent->end, round($percent->value * 100, 3).' %');
        }
        foreach ($this->typed('pixels', $i) as $pixels) {
            $found[] = new Typed($pixels->end, "{$pixels->value} px");
        }

        return $found;
    }

    /** @return list<Typed> of a whole, 0 to 1 */
    private function percents(int $i): array
    {
        $found = [];
        foreach ($this->numbersAt($i) as $number) {
            $end = match (true) {
                in_array($this->text($number->end), self::PER_CENT, true) => $number->end + 1,
                $this->text($number->end) === 'per' && $this->text($number->end + 1) === 'cent' => $number->end + 2,
                default => null,
            };
            if ($end !== null && ! $number->isPadded) {
                $found[] = new Typed($end, round($number->value / 100, 6));
            }
        }

        return $found;
    }

    /** @return list<Typed> shares of a whole: per cent, a half, 0.3 */
    private function shares(int $i): array
    {
        $found = $this->typed('percent', $i);
        foreach ($this->numbersAt($i) as $number) {
            $isPart = $number->value > 0 && $number->value < 1;
            if ($isPart && $this->unitAt($number->end) === null) {
                $found[] = new Typed($number->end, round($number->value, 4), 0.2);
            }
        }

        return $found;
    }

    /** @return list<Typed> whole numbers */
    private function counts(int $i): array
    {
        $found = [];
        foreach ($this->numbersAt($i) as $number) {
            $isPicture = $number->value >= 1000 && $this->pictures?->isNumber((int) $number->value);
            if ($number->isWhole() && ! $number->isPadded && $number->value <= 1_000_000 && ! $isPicture) {
                $found[] = new Typed($number->end, (int) $number->value, $this->unitCost($number->end));
            }
        }
        if ($found === [] && in_array($this->text($i), ['no', 'none'], true)) {
            return [];
        }

        return $found;
    }

    /** A number with a unit behind it is hardly a count. */
    private function unitCost(int $end): float
    {
        $unit = $this->unitAt($end);
        $isUnit = $unit !== null && $unit[2] < 1 && ! ($this->at($end)?->is('in') && $this->typed('size', $end + 1) !== []);

        return $isUnit ||
            in_array(
                $this->text($end),
                [...self::PER_CENT, ...self::PIXELS, 'ppi', 'dpi', 'bit', 'bits', 'mb', 'kb', 'gsm', 'st', 'nd', 'rd', 'th'],
                true,
            )
            ? 8.0
            : 0.0;
    }

    /** @return list<Typed> any number, as it is written */
    private function numbers(int $i): array
    {
        return array_map(
            fn (Number $number): Typed => new Typed($number->end, $number->value, $this->unitAt($number->end) === null ? 0.0 : 2.0),
            array_values(array_filter($this->numbersAt($i), fn (Number $number): bool => ! $number->isPadded)),
        );
    }

    /** @return list<Typed> */
    private function pixels(int $i): array
    {
        $found = [];
        foreach ($this->numbersAt($i) as $number) {
            if (
                in_array($this->text($number->end), self::PIXELS, true) &&
                ! in_array($this->text($number->end + 1), ['per', 'an', '/'], true)
            ) {
                $found[] = new Typed($number->end + 1, (int) $number->value);
            }
        }

        return $found;
    }

    /** @return list<Typed> */
    private function colours(int $i): array
    {
        $found = [];
        if ($this->text($i) === '#' && preg_match('/\G#([0-9a-f]{6})(?![0-9a-z])/iA', $this->text, $m, 0, $this->words[$i]->at) === 1) {
            $end = $i;
            $to = $this->words[$i]->at + 7;
            while ($this->at($end) !== null && $this->words[$end]->at < $to) {
                $end++;
            }

            return [new Typed($end, mb_strtolower($m[0]))];
        }
        foreach ([3, 2, 1] as $many) {
            $said = [];
            for ($j = $i; count($said) < $many && $this->at($j) !== null; $j++) {
                $this->at($j)->isSign() && $this->at($j)->is('-') ? null : ($said[] = $this->text($j));
            }
            if (count($said) !== $many) {
                continue;
            }
            $words = implode(' ', $said);
            // “dark navy, #14213d”: the figures say which
            $next = $this->text($j) === ',' ? $j + 1 : $j;
            $next = in_array($this->text($next), ['instead', ','], true) ? $next + 1 : $next;
            $next = $this->text($next) === ',' ? $next + 1 : $next;
            $exact = $this->text($next) === '#' ? $this->colours($next) : [];
            $hex = ColourWords::named($words);
            if ($hex === null && ($exact === [] || ! ColourName::isTold($words))) {
                continue;
            }
            $found[] = $exact === [] ? new Typed($j, $hex) : new Typed($exact[0]->end, $exact[0]->value);
            break;
        }

        return $found;
    }

    /** @return list<Typed> what stands in quotation marks, as it was written */
    private function texts(int $i): array
    {
        $mark = $this->at($i);
        if ($mark === null || ! $mark->is('"', "'") || ($mark->isGlued && $this->at($i - 1)?->isDigits())) {
            return [];
        }
        $next = $this->at($i + 1);
        if ($next?->is($mark->text) || ($mark->is("'") && $next?->is('em', 'til', 'cause', 'cos', 'bout', 'tis', 'twas'))) {
            return []; // “ten of 'em”
        }
        for ($j = $i + 1; $this->at($j) !== null && $j < $i + self::MOST_OF_A_TEXT; $j++) {
            $isEnd =
                $this->at($j)->is($mark->text) &&
                ($mark->text === '"' || $this->at($j + 1) === null || ! $this->at($j + 1)->isGlued || $this->at($j + 1)->isSign());
            if ($isEnd && $j > $i + 1) {
                return [new Typed($j + 1, trim(substr($this->text, $mark->end(), $this->words[$j]->at - $mark->end())))];
            }
        }

        return [];
    }

    /** @return list<Typed> words of any kind up to a comma or full stop, shorter ones dearer */
    private function free(int $i): array
    {
        $found = [];
        for ($j = $i; $this->at($j) !== null && $j < $i + 14; $j++) {
            if (
                $this->at($j)->is(',', ';', '(', ')', '"') ||
                ($this->at($j)->is('.', '!', '?') && ! ($this->at($j + 1)->isGlued ?? false))
            ) {
                break;
            }
            $found[] = new Typed($j + 1, $this->written($i, $j + 1), 0.25 * ($j + 1 - $i));
        }

        return $found;
    }

    /** @return list<Typed> the studio's marks, by the words of their file names */
    private function marks(int $i): array
    {
        $found = [];
        foreach ($this->known->marks as $mark) {
            preg_match_all('/[a-z]+|\d+/', mb_strtolower(pathinfo($mark, PATHINFO_FILENAME)), $parts);
            $named = $parts[0];
            $isQuoted = $this->at($i)?->is('"', "'") && ! $this->at($i)->isGlued;
            $j = $isQuoted ? $i + 1 : $i;
            while ($named !== [] && ($this->text($j) === $named[0] || ($this->text($j) === '-' && $j > $i))) {
                $this->text($j) === '-' || array_shift($named);
                $j++;
            }
            if ($named !== [] && count($parts[0]) > 1 && $this->text($i) === end($parts[0])) {
                [$named, $j] = [[], $i + 1];
            }
            if ($named === []) {
                $isEnded = $this->text($j) === '.' && in_array($this->text($j + 1), ['png', 'webp'], true);
                $j += $isEnded ? 2 : 0;
                $found[] = new Typed($isQuoted && $this->at($j)?->is('"', "'") ? $j + 1 : $j, $mark);
            }
        }

        return $found;
    }

    /** @return list<Typed> names of type faces */
    private function faces(int $i): array
    {
        foreach (Face::cases() as $face) {
            $words = explode(' ', mb_strtolower($face->value));
            $isSaid = array_filter(array_keys($words), fn (int $n): bool => $this->text($i + $n) !== ($words[$n] ?? '')) === [];
            if ($isSaid) {
                return [new Typed($i + count($words), $face->value)];
            }
        }

        return [];
    }

    /** @return list<Typed> words of somebody's own, up to where or in what they are said to stand */
    private function phrases(int $i): array
    {
        $found = [];
        for ($j = $i; $this->at($j) !== null && $j < $i + 10; $j++) {
            if (
                $this->at($j)->is(',', '.', ';', '(', ')', '"', ':') ||
                ($j > $i && in_array($this->text($j), ['in', 'across', 'at', 'along', 'under', 'on', 'below'], true))
            ) {
                break;
            }
            $found[] = new Typed($j + 1, $this->written($i, $j + 1), 1.2 - 0.12 * ($j - $i));
        }

        return $found === [] ? [] : [end($found)];
    }

    /** @return list<Typed> shares that stand in a ratio: “1:2:1”, “one to two to one”, “60/120/60” */
    private function ratios(int $i): array
    {
        $first = null;
        foreach ($this->numbersAt($i) as $number) {
            $first = str_contains($number->typed, '/') ? $first : $first ?? $number;
        }
        $by = $first === null ? '' : $this->text($first->end);
        if ($first === null || ! in_array($by, [':', 'to', '/'], true)) {
            return [];
        }
        $shares = [$first->value];
        $end = $first->end;
        while ($this->text($end) === $by) {
            $next = null;
            foreach ($this->numbersAt($end + 1) as $number) {
                $next = str_contains($number->typed, '/') ? $next : $next ?? $number;
            }
            if ($next === null) {
                break;
            }
            $shares[] = $next->value;
            $end = $next->end;
        }
        $plain = array_map(fn (float $share): int|float => $share === floor($share) ? (int) $share : $share, $shares);
        $unit = $this->unitAt($end);
        if ($unit !== null && in_array($unit[0], ['in', 'cm', 'mm'], true)) {
            $plain = array_map(fn (int|float $share): string => "{$share} {$unit[0]}", $plain);
            $end = $unit[1];
        }

        return count($plain) < 2 || ($by !== ':' && count($plain) < 3) ? [] : [new Typed($end, $plain)];
    }

    private static function length(string $number, string $unit): ?string
    {
        try {
            return $unit === 'pt'
                ? (string) Length::exact((int) round((self::plain($number) * 25_400_000) / 72), Unit::Millimetre)
                : (string) Length::parse("{$number} {$unit}");
        } catch (MeasureError) {
            return null;
        }
    }

    private static function plain(string $number): float
    {
        return Length::parse("{$number} in")->inches();
    }
}
