<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

use Planisher\Language\Offer;
use Planisher\Written\Numbers;
use Planisher\Written\Word;
use Planisher\Written\WordKind;

/**
 * The pictures of an order as they are spoken of: by name, by words of it in any order, by number, in lists and ranges:
 * “Stillwater I, II and III”, “0401-0404”, “the puppies”, “no. 12”.
 */
final class PictureNames
{
    private const MOST_OF_A_RANGE = 500;

    private const DIGITS = [
        'oh' => '0',
        'zero' => '0',
        'nought' => '0',
        'one' => '1',
        'two' => '2',
        'three' => '3',
        'four' => '4',
        'five' => '5',
        'six' => '6',
        'seven' => '7',
        'eight' => '8',
        'nine' => '9',
    ];

    /** Behind a number they say that it counts prints */
    private const COPIES = ['copies', 'copy', 'prints', 'print', 'off', 'pcs', 'pc', 'pieces', 'times', 'nos'];

    /** Of a number that may be the second side of a size */
    private const IS_SIDE = 3.0;

    /** Words back, in which a name still holds for further numbers */
    private const NEAR = 16;

    /** May stand between two words of a name. */
    private const BETWEEN = [
        '-',
        '_',
        '.',
        '#',
        "'",
        'the',
        'of',
        'in',
        'with',
        'on',
        'at',
        'her',
        'his',
        'a',
        'from',
        'by',
        'no',
        'number',
        's',
        'der',
        'du',
        'de',
        'la',
        '&',
        'and',
        'one',
        'picture',
        'photo',
        'pictures',
        'photos',
        'shots',
        'ones',
        'numbers',
        'nos',
        'my',
    ];

    /** Before a number, so that it is a picture's. */
    private const CALLED = [
        '#',
        'no',
        'nos',
        'nr',
        'number',
        'numbers',
        'num',
        'picture',
        'pictures',
        'photo',
        'photos',
        'image',
        'images',
        'pic',
        'pics',
        'frame',
        'neg',
        'shot',
        'shots',
        'file',
        'fotos',
        'foto',
        'bild',
        'bilder',
        'bildern',
        'nummer',
        'imagen',
        'numero',
        'img',
        'dsc',
    ];

    private const ENDINGS = ['jpg', 'jpeg', 'tif', 'tiff', 'png', 'webp', 'heic', 'avif', 'raw', 'cr', 'nef'];

    /** A text behind a place, in bytes, of which is kept what was found there; and of how many */
    private const LONGEST_KEPT = 100;

    private const MOST_KEPT = 2000;

    /** @var array<string, array{int, list<Typed>}> a place and what was found there, by what stands behind it */
    private array $kept = [];

    private readonly NameIndex $index;

    /** @param  list<string>  $names  of the order's pictures, in its order */
    public function __construct(array $names)
    {
        $this->index = new NameIndex($names);
    }

    /** Whether no picture has a name beside its number: “IMG_0412”. */
    public function areAllNumbered(): bool
    {
        return $this->index->areAllNumbered();
    }

    /** @return list<string> */
    public function all(): array
    {
        return $this->index->all();
    }

    public function isNumber(int $number): bool
    {
        return $this->index->isNumber($number);
    }

    /** @return list<string> */
    public function numbered(int $number): array
    {
        return $this->index->numbered($number);
    }

    public function isWord(string $word): bool
    {
        return $this->index->isWord($word);
    }

    /** @return list<Offer> names that a word may have been meant for, where it isn't one */
    public function like(string $word): array
    {
        return $this->index->like($word);
    }

    /** What decides how a number is read that can only be a picture's; null where it may be another one. */
    public function kindOfNumber(string $digits): ?string
    {
        $of = strlen($digits) < 3 || strlen($digits) > 9 ? [] : $this->index->numbered((int) $digits);

        return $of === [] ? null : '#'.strlen($digits).($digits[0] === '0' ? '0' : '').'.'.count($of);
    }

    /** How a further number may go on from a picture's: as its end, upwards, or not. */
    public function goesOn(string $digits, string $further): string
    {
        $isFar = (int) $further - (int) $digits > self::MOST_OF_A_RANGE;

        return ($this->ended($digits, $further) === null ? '' : 'e').((int) $further <=> (int) $digits).($isFar ? 'f' : '');
    }

    /** @return list<Typed> each a Named */
    public function at(Spoken $said, int $i): array
    {
        $word = $said->at($i);
        if ($this->index->all() === [] || $word === null) {
            return [];
        }
        $rest = substr($said->text, $word->at);
        if (strlen($rest) > self::LONGEST_KEPT) {
            return $this->found($said, $i);
        }
        // The lines of a list end alike: what stands behind a place says the same in each of them.
        $before = $said->at($i - 1);
        $key = ($word->isGlued ? '' : ' ').($before?->isGlued ? '' : ' ').$before?->text."\n";
        $key .= ($this->isInSeries($said, $i) ? '+' : '').$rest;
        if (! isset($this->kept[$key])) {
            count($this->kept) < self::MOST_KEPT || ($this->kept = []);
            $this->kept[$key] = [$i, $this->found($said, $i)];
        }
        [$then, $found] = $this->kept[$key];

        return $then === $i ? $found : array_map(fn (Typed $one): Typed => $one->moved($i - $then), $found);
    }

    /** @return list<Typed> */
    private function found(Spoken $said, int $i): array
    {
        if ($said->at($i)?->is('"', "'") && ! ($said->at($i)->isGlued && $said->at($i - 1)?->isDigits())) {
            $quoted = array_filter($this->worded($said, $i + 1), fn (Typed $one): bool => $said->text($one->end) === $said->text($i));

            return array_values(
                array_map(
                    fn (Typed $one): Typed => new Typed($one->end + 1, $one->value, $one->cost - 0.6, $one->why, $one->offers),
                    $quoted,
                ),
            );
        }

        return [...$this->called($said, $i), ...$this->worded($said, $i)];
    }

    /**
     * Numbers, in lists and ranges.
     *
     * @return list<Typed>
     */
    private function called(Spoken $said, int $i): array
    {
        $j = $i;
        $isCalled = false;
        while (self::isCalling($said->text($j)) || ($isCalled && in_array($said->text($j), ['_', '.', '-', ':'], true))) {
            $isCalled = true;
            $j++;
        }
        if ($i > 0 && ! $isCalled && $said->at($i)?->isGlued && $said->at($i - 1)?->is('.', ',', '/', '$', '£', '€', '#', '+', ':')) {
            $isPart = ! $said->at($i - 1)->is(',') || ($said->at($i - 1)->isGlued && ! $this->index->isNumber((int) $said->text($i)));
            if ($isPart && ! $said->at($i - 1)->is(':', '#', '+')) {
                return [];
            }
        }
        if ($i > 0 && $said->at($i)?->isGlued && array_filter($said->typed('size', $i - 1), fn (Typed $of): bool => $of->end > $i) !== []) {
            return []; // “A2”
        }
        $found = [];
        $names = $missing = [];
        $many = $numbered = 0;
        $isClear = $isCalled;
        if (! $isCalled && $i > 0 && ! $this->isLongNumber($said->at($i)) && $this->isTimes($said, $i)) {
            return []; // “8x10 * 12”, “qty 12”
        }
        $isSide = ! $isCalled && $this->isSide($said, $i); // “0403 8 x 10, 0407”
        $series = $this->series($said, $j);
        $isBySuffix = $isOfSame = false;
        $family = $isCalled ? [] : $this->familyBefore($said, $i);
        $few = count($series) < 9 ? null : array_column(self::few($series), 1, 1);
        foreach ($series as [$numbers, $end, $isLong, $isByEnd]) {
            $many++;
            $isBySuffix = $isBySuffix || $isByEnd;
            $isClear = $isClear || $isLong;
            $numbered += count($numbers);
            foreach ($numbers as $number) {
                $of = $this->index->numbered($number);
                $same = count($of) > 1 && ! $isLong ? array_values(array_intersect($of, $family)) : [];
                [$of, $isOfSame] = $same === [] ? [$of, $isOfSame] : [$same, true];
                if ($of === [] && $isCalled && $number < 100 && $number > 9) {
                    $of = $this->index->endingIn($number);
                    $isBySuffix = $isBySuffix || $of !== [];
                }
                $of === [] ? ($missing[] = $number) : array_push($names, ...$of);
            }
            if ($few !== null && ! isset($few[$end])) {
                continue;
            }
            if ($names === []) {
                if ($isClear && $missing !== []) {
                    $found[] = new Typed(
                        $end,
                        new Named([]),
                        0.6 + ($isSide ? self::IS_SIDE : 0.0),
                        'There is no picture '.implode(', ', array_slice($missing, 0, 6)).'.',
                    );
                }

                continue;
            }
            if (! $isClear && $many === 1 && $this->isOfNext($said, $end)) {
                continue;
            }
            $isSeveral = count(array_unique($names)) > $numbered;
            $found[] = new Typed(
                $end,
                new Named(array_values(array_unique($names)), isNumber: ! $isCalled && ! $isLong && $many === 1, isSeveral: $isSeveral),
                match (true) {
                    $isClear => 0.1,
                    $many > 1 => 0.8,
                    default => ($this->index->areMostNumbered() ? 1.6 : 3.0) +
                        ($this->isWord($said->text($end)) && $said->at($end)?->isLetters() ? 2.0 : 0.0),
                } +
                    ($isSeveral ? 0.6 : 0.0) +
                    ($isSide ? self::IS_SIDE : 0.0),
                match (true) {
                    $missing !== [] => 'There is no picture '.implode(', ', array_slice($missing, 0, 6)).'.',
                    $isSeveral => 'Which of them is meant?',
                    $isOfSame => 'Of the same as the number before?',
                    $isBySuffix => 'The end of a number was read as these pictures. Are they meant?',
                    default => null,
                },
                $isSeveral ? $this->index->offers($names) : [],
            );
        }

        return $found;
    }

    /**
     * Numbers one after the other: of each further one, those that it brings.
     *
     * @return list<array{list<int>, int, bool, bool}> numbers, the place behind them, whether they can hardly be anything else, and
     *                                                 whether only their end was said
     */
    private function series(Spoken $said, int $i): array
    {
        $first = $this->number($said, $i);
        if ($first === null) {
            return [];
        }
        $found = [];
        $last = $first;
        $found[] = [[(int) $first[0]], $first[1], $first[2], false];
        $end = $first[1];
        $most = $this->isInSeries($said, $i) ? 8 : 400;
        while (count($found) < $most) {
            $word = $said->text($end);
            $isRange = in_array($word, ['-', 'to', 'through', 'thru', 'until', 'till', 'bis', 'hasta'], true);
            $next = match (true) {
                $isRange => $end + 1,
                in_array($word, [',', '&', 'and', '+', '/', 'und', 'et', 'y'], true) => in_array(
                    $said->text($end + 1),
                    ['and', '&', 'number', 'no', '#'],
                    true,
                )
                    ? $end + 2
                    : $end + 1,
                $first[2] || count($found) > 1 => $end,
                default => null,
            };
            while ($next !== null && ($this->index->isUsual($said->text($next)) || ($said->text($next) === '_' && $next > $end))) {
                $next++;
            }
            $number = $next === null ? null : $this->number($said, $next);
            if ($number === null) {
                break;
            }
            if ($next === $end && ! $number[2] && strlen($number[0]) !== strlen($first[0])) {
                break; // “0403 12”: a picture and how many
            }
            if ($number[0] === $last[0] && ! $isRange) {
                break; // “10 and 10”: nobody names a picture twice
            }
            $isCount = in_array($said->text($number[1]), [...self::COPIES, 'of', 'x'], true) || $said->typed('size', $number[1]) !== [];
            if (! $isRange && ! $first[2] && ($number[2] || $this->isCount($said, (int) $next))) {
                break; // “8x10 12 + DSC_0403”, “reception 9 and 10 16x20 of the mill”
            }
            if (strlen($number[0]) < strlen($first[0]) && ! $isRange && $isCount) {
                break; // “2201, 1 8x10 of …”, “2210, 2 of 2211”: how many of the next
            }
            $isKnown = $this->index->isNumber((int) $number[0]) || $number[2];
            $whole = $isKnown || $isRange || ! $first[2] || $next === $end ? null : $this->ended($first[0], $number[0]);
            if ($whole !== null) {
                $found[] = [[$whole], $number[1], false, true];
            } elseif (
                $word === '-' &&
                ! $said->at($end)?->isGlued &&
                (strlen($number[0]) !== strlen($last[0]) || $this->isDashed($said, $number[1]))
            ) {
                break; // “0401 - 2”: a picture and how many; “3 - 8 - 11”: three of them
            } elseif ($isRange) {
                $from = (int) $last[0];
                $digits =
                    strlen($number[0]) < strlen($last[0]) && $last[2]
                        ? substr($last[0], 0, strlen($last[0]) - strlen($number[0])).$number[0]
                        : $number[0];
                $to = (int) $digits;
                if (
                    $to <= $from ||
                    $to - $from > self::MOST_OF_A_RANGE ||
                    (! $this->index->isNumber($from) && ! $this->index->isNumber($to))
                ) {
                    break;
                }
                $found[] = [range($from + 1, $to), $number[1], true, false];
            } elseif (! $isKnown) {
                break;
            } else {
                $found[] = [[(int) $number[0]], $number[1], $number[2], false];
            }
            $last = $number;
            $end = $number[1];
        }

        return $found;
    }

    /** “- 11”, of which there is a picture: dashes stand between all of them. */
    private function isDashed(Spoken $said, int $i): bool
    {
        return $said->text($i) === '-' &&
            $said->at($i + 1)?->isDigits() &&
            $this->index->isNumber((int) $said->text($i + 1)) &&
            ! in_array($said->text($i + 2), [...self::COPIES, 'each', 'ea', 'of', 'x'], true);
    }

    /** “0412, 13”: a number that is said by its end, after one that is said whole; null where there is no such picture. */
    private function ended(string $whole, string $end): ?int
    {
        $number = (int) (substr($whole, 0, -strlen($end)).$end);

        return strlen($end) < strlen($whole) && strlen($end) > 1 && $this->index->isNumber($number) ? $number : null;
    }

    /** Whether a size stands before a sign that it is taken so many times by. */
    private function isTimes(Spoken $said, int $i): bool
    {
        if (in_array($said->text($i - 1), ['qty', 'quantity'], true)) {
            return true;
        }
        if (! in_array($said->text($i - 1), ['x', '*'], true)) {
            return false;
        }
        for ($at = $i - 2; $at >= 0 && $at > $i - 7; $at--) {
            if (array_filter($said->typed('size', $at), fn (Typed $of): bool => $of->end === $i - 1) !== []) {
                return true;
            }
        }

        return false;
    }

    /** Whether a size stands there of which it would be the second side. */
    private function isSide(Spoken $said, int $i): bool
    {
        return $i > 1 &&
            in_array($said->text($i - 1), ['x', 'by', '*'], true) &&
            ! $this->isLongNumber($said->at($i)) &&
            array_filter($said->typed('size', $i - 2), fn (Typed $of): bool => $of->end > $i) !== [];
    }

    /** Whether three numbers stand before it: a series hardly begins within another. */
    private function isInSeries(Spoken $said, int $i): bool
    {
        for ($numbers = 0, $j = $i - 1; $j >= 0 && $numbers < 3; $j--) {
            if ($said->at($j)?->isDigits()) {
                $numbers++;
            } elseif (! in_array($said->text($j), [',', '&', 'and', '+'], true)) {
                return false;
            }
        }

        return $numbers === 3;
    }

    /**
     * “Ceremony 1-3 (6x4), 4-6 (7x5)”: further numbers are of what was named before them.
     *
     * @return list<string>
     */
    private function familyBefore(Spoken $said, int $i): array
    {
        for ($at = $i - 1; $at >= 0 && $at > $i - self::NEAR; $at--) {
            $word = $said->at($at);
            if ($word?->isLetters() && $this->isWord($word->text)) {
                return $this->index->of($word->text);
            }
        }

        return [];
    }

    /** “4 5x7 of 2203”: a number before a size, behind which the picture stands, is how many. */
    private function isOfNext(Spoken $said, int $end): bool
    {
        foreach ($said->typed('size', $end) as $size) {
            $next = in_array($said->text($size->end), ['of', 'from'], true) ? $size->end + 1 : $size->end;
            if ($this->isLongNumber($said->at($next))) {
                return true;
            }
        }

        return false;
    }

    /**
     * A number that may be a picture's.
     *
     * @return ?array{string, int, bool} its digits, the place behind it, and whether it is one of three digits or more
     */
    private function number(Spoken $said, int $i): ?array
    {
        $word = $said->at($i);
        if ($word === null) {
            return null;
        }
        if ($word->isLetters()) {
            return $this->spelled($said, $i);
        }
        if (! $word->isDigits() || strlen($word->text) > 9) {
            return $said->at($i)?->isDigits() ? null : $this->spelled($said, $i);
        }
        $next = $said->at($i + 1);
        $spelled = strlen($word->text) < 4 ? $this->spelled($said, $i) : null;
        if ($spelled !== null) {
            return $spelled;
        }
        $isPadded = strlen($word->text) > 1 && $word->text[0] === '0';
        $isLong = $isPadded || (strlen($word->text) >= 3 && $this->index->isNumber((int) $word->text));
        $end = $i + 1;
        if ($next?->is('.') && $next->isGlued && in_array($said->text($i + 2), self::ENDINGS, true)) {
            return [$word->text, $i + 3, true];
        }
        $isSide =
            ! $isPadded &&
            (($next?->is('x', 'by', '*') && $said->numbersAt($i + 2) !== [] && (int) $word->text <= Sizes::LARGEST) ||
                ($said->unitAt($i + 1) !== null && ! $next?->is('in', 'a', 'm')));
        $isUnit =
            $next?->isGlued &&
            (($next->isLetters() && ! $next->is('x')) ||
                $next->is('%', '"') ||
                ($next->is('/') && ! ($isLong && ((int) $word->text > Sizes::LARGEST || $this->isLongNumber($said->at($i + 2))))) ||
                ($next->is('.', ',') &&
                    $said->at($i + 2)?->isDigits() &&
                    $said->at($i + 2)->isGlued &&
                    ! $this->index->isNumber((int) $said->text($i + 2))));
        if ($isSide || $isUnit || $next?->is('%', 'percent', 'px', 'pixels', 'ppi', 'dpi', 'bit')) {
            return null;
        }

        return [$word->text, $end, $isLong];
    }

    /** “0412/0413”: a picture's number of three digits or more. */
    private function isLongNumber(?Word $word): bool
    {
        return $word !== null && $word->isDigits() && strlen($word->text) > 2 && $this->index->isNumber((int) substr($word->text, 0, 9));
    }

    /**
     * “four one two”, “55 oh four”: digit by digit.
     *
     * @return ?array{string, int, bool}
     */
    private function spelled(Spoken $said, int $i): ?array
    {
        $digits = '';
        for ($j = $i; $j < $i + 6; $j++) {
            $word = $said->text($j);
            $tens = Numbers::names()[$word] ?? null;
            $more = match (true) {
                isset(self::DIGITS[$word]) => self::DIGITS[$word],
                $said->at($j)?->isDigits() && strlen($word) <= 2 && ! $said->at($j + 1)?->is('x', 'by') => $word,
                $tens !== null && $tens >= 10 && $tens < 100 && $digits !== '' => (string) $tens,
                default => null,
            };
            if ($more === null) {
                break;
            }
            $digits .= $more;
            if (
                $j > $i &&
                strlen($digits) >= 3 &&
                $this->index->isNumber((int) $digits) &&
                (! isset(self::DIGITS[$said->text($j + 1)]) || in_array($said->text($j + 2), ['by', 'x'], true))
            ) {
                return [$digits, $j + 1, true];
            }
        }

        return null;
    }

    /**
     * By words of their names, and numbers behind them.
     *
     * @return list<Typed>
     */
    private function worded(Spoken $said, int $i): array
    {
        $word = $said->at($i);
        if ($word === null || $word->isSign() || ($said->text($i) === 'a' && $said->at($i + 1)?->isDigits())) {
            return [];
        }
        if ($said->text($i) === 'i') {
            return []; // “I need …” is no award I
        }
        $isNumberAlone = $this->index->areAllNumbered() && $word->isDigits(); // which is looked for by itself
        $candidates = $isNumberAlone ? [] : $this->index->of($word->text);
        if ($candidates === []) {
            return [];
        }
        $used = [NameIndex::plain($this->index->wordOf($word->text))];
        $end = $i + 1;
        $letters = $word->isLetters() ? 1 : 0;
        $isWeak = $word->isDigits() || NameIndex::isCommon($word->text) || $this->index->isUsual(NameIndex::plain($word->text));
        $isPlural = $word->isLetters() && ! $this->index->has(NameIndex::plain($word->text));
        $found = [];
        $j = $i + 1;
        $isTurned = false;
        $before = $word->text;
        while ($j < $i + 14 && $said->at($j) !== null) {
            $next = $said->at($j);
            $spelled = Numbers::names()[$next->text] ?? null;
            if (
                $spelled !== null &&
                $spelled > 0 &&
                ! in_array($said->text($j + 1), ['by', 'x'], true) &&
                $this->index->narrowed($candidates, (string) $spelled, $used) !== [] &&
                $this->index->narrowed($candidates, $next->text, $used) === []
            ) {
                $next = new Word((string) $spelled, $next->at, $next->length, false, WordKind::Digits);
            }
            if ($next->isSign() || in_array($next->text, self::BETWEEN, true)) {
                $narrowed = $next->isSign() ? [] : $this->index->narrowed($candidates, $next->text, $used);
                if ($narrowed === []) {
                    if ($next->isSign() && ! in_array($next->text, self::BETWEEN, true)) {
                        break;
                    }
                    $j++;

                    continue;
                }
            } else {
                $isNumber = $next->isDigits() || isset(NameIndex::ROMAN[$next->text]);
                $isSide =
                    $next->isDigits() &&
                    ! (strlen($next->text) > 1 && $next->text[0] === '0') &&
                    (($said->at($j + 1)?->is('x', 'by') && $said->numbersAt($j + 2) !== []) ||
                        ($said->unitAt($j + 1) !== null && ! $said->at($j + 1)?->is('in', 'm')));
                $narrowed = $isSide ? [] : $this->index->narrowed($candidates, $next->text, $used);
                if ($narrowed !== [] && $isNumber) {
                    $found = [
                        ...$found,
                        ...$this->numberedOf($said, $candidates, $narrowed, $j, [...$used, NameIndex::plain($next->text)]),
                    ];
                }
            }
            if ($narrowed === []) {
                break;
            }
            $candidates = $narrowed;
            $isNear = $j === $end || ctype_digit($before); // “twelve of ceremony” is hardly ceremony 12
            $isTurned = $isTurned || ($isNear && count($candidates) === 1 && $this->index->isTurned($candidates[0], $before, $next->text));
            $before = $next->text;
            $used[] = NameIndex::plain($next->text);
            $next->isLetters() && ! isset(NameIndex::ROMAN[$next->text]) && $letters++;
            $isWeak =
                $isWeak &&
                ($next->isDigits()
                    ? $this->index->isUsual($used[0]) === false && $letters === 0
                    : NameIndex::isCommon($next->text) && $letters < 3);
            $isPlural = $isPlural || ($next->isLetters() && ! $this->index->has(NameIndex::plain($next->text)));
            $end = ++$j;
        }
        $one = $this->settled($said, $candidates, $used, $i, $end, $isWeak, $isPlural);
        if ($one !== null) {
            $found[] =
                $isTurned && $one->why === null
                    ? new Typed($one->end, $one->value, $one->cost + 0.6, 'Is that the picture?', $this->index->offers($one->value->names))
                    : $one;
        }

        return $found;
    }

    /**
     * @param  list<string>  $candidates
     * @param  list<string>  $used
     */
    private function settled(Spoken $said, array $candidates, array $used, int $begin, int $end, bool $isWeak, bool $isPlural): ?Typed
    {
        $missing = function (string $name) use ($used): int {
            $left = array_map(NameIndex::plain(...), $this->index->in($name));
            foreach ($used as $one) {
                $at = array_search($one, $left, true);
                if ($at !== false) {
                    unset($left[$at]);
                }
            }

            return count($left);
        };
        $whole = array_values(array_filter($candidates, fn (string $name): bool => $missing($name) === 0));
        if ($said->at($end)?->is('.') && $said->at($end)->isGlued && in_array($said->text($end + 1), self::ENDINGS, true)) {
            $ended = array_values(
                array_filter(
                    $candidates,
                    fn (string $name): bool => strtolower(pathinfo($name, PATHINFO_EXTENSION)) === $said->text($end + 1),
                ),
            );
            $whole = count($whole) > 1 && $ended !== [] ? $ended : $whole;
            $end += 2;
        }
        if ($said->at($end)?->is("'s", "'")) {
            $end++;
        }
        if (count($whole) === 1 && (! $isPlural || count($candidates) === 1)) {
            return new Typed(
                $end,
                new Named($whole),
                match (true) {
                    count($used) > 1 => -0.6,
                    $isWeak => 0.5,
                    default => -0.1,
                },
            );
        }
        $isNamed = in_array($said->text($end), ['ones', 'pictures', 'photos', 'shots', 'images', 'series'], true);
        $isOfUsual = $isNamed && count($used) === 1 && $this->index->isUsual($used[0]); // “the DSC ones”
        if ($isWeak && ! $isOfUsual) {
            return null;
        }
        $least = min(array_map($missing, $candidates));
        if (count($candidates) === 1) {
            // “One for grandma”: somebody, rather than the porch that she sits in?
            $isFor = in_array('for', [$said->text($begin - 1), $said->text($begin - 2)], true) && count($used) === 1;

            return new Typed(
                $end,
                new Named($candidates),
                0.2 + 0.1 * $least,
                $isFor ? 'Is that the picture, or for whom it is?' : null,
                $isFor ? $this->index->offers($candidates) : [],
            );
        }
        $isSeveral = $isPlural || $isNamed;

        return new Typed(
            $isNamed ? $end + 1 : $end,
            new Named($candidates, isSeveral: true, isPlural: $isSeveral),
            0.5,
            $isSeveral ? null : 'Which of them is meant?',
            $isSeveral ? [] : $this->index->offers($candidates),
        );
    }

    /**
     * “couple 6”, “Stillwater I, II and III”, “act 1 - 1, 2 and 4”: numbers behind a name.
     *
     * @param  list<string>  $all  that the words mean
     * @param  list<string>  $first  of those, with the first number
     * @param  list<string>  $used
     * @return list<Typed>
     */
    private function numberedOf(Spoken $said, array $all, array $first, int $i, array $used): array
    {
        $number = fn (string $text): ?int => NameIndex::ROMAN[$text] ?? (ctype_digit($text) && strlen($text) < 10 ? (int) $text : null);
        $pick = fn (int $value): array => array_values(
            array_filter($all, fn (string $name): bool => in_array($value, $this->index->numbersOf($name, $used), true)),
        );
        $now = $number((string) (Numbers::names()[$said->text($i)] ?? $said->text($i)));
        if ($now === null) {
            return [];
        }
        $names = $first;
        $end = $i + 1;
        $found = $ends = [];
        $many = 1;
        while ($many < 200) {
            $word = $said->text($end);
            // “Act 1 - 2, 4” counts pictures of act 1, and no acts.
            $isRange =
                in_array($word, ['-', 'to', 'through', 'thru', 'bis'], true) &&
                ($word !== '-' || count($first) === 1 || $said->at($end)?->isGlued) &&
                ! ($word === '-' && ! $said->at($end)?->isGlued && $said->at($end + 1)?->isDigits() && $this->isDashed($said, $end + 2));
            $isList = in_array($word, [',', '&', 'and', '+', 'und', 'et', 'y', '/'], true);
            if (! $isRange && ! $isList) {
                break;
            }
            $next = $isList && in_array($said->text($end + 1), ['and', '&', 'number', 'no'], true) ? $end + 2 : $end + 1;
            while (
                (in_array(NameIndex::plain($said->text($next)), $used, true) && $said->at($next)?->isLetters()) ||
                in_array($said->text($next), ['_', '-', '#'], true)
            ) {
                $next++; // “IMG_5501 thru IMG_5506”
            }
            $text = $said->text($next);
            $isOtherwise = $said->at($i)?->isDigits() && $said->at($next)?->isLetters() && ! isset(NameIndex::ROMAN[$text]);
            if ($isOtherwise || $this->isCount($said, $next)) {
                break; // “ceremony 3, five”, “ceremony 3, 5 copies”, “ceremony 3 and 5 4x6 of ceremony 4”: how many
            }
            $text = (string) (in_array($said->text($next + 1), ['by', 'x'], true) ? $text : Numbers::names()[$text] ?? $text);
            $value = $number($text);
            $isPadded = strlen($text) > 1 && $text[0] === '0';
            $isSide =
                ! $isPadded &&
                ((in_array($said->text($next + 1), ['x', 'by', '%'], true) &&
                    ! ($said->at($next + 1)?->is('x') && $said->numbersAt($next + 2) === [])) ||
                    ($said->unitAt($next + 1) !== null && $said->text($next + 1) !== 'in'));
            $isOther =
                $said->at($next + 1)?->is('-') &&
                $said->at($next + 1)->isGlued &&
                $said->at($next + 2)?->isDigits() &&
                $said->at($next + 2)->isGlued &&
                $next > $end + 1;
            if ($value === null || $isOther || $isSide || ($said->at($next + 1)?->isGlued && $said->at($next + 1)->isLetters())) {
                break;
            }
            if ($isRange) {
                if ($value <= $now || $value - $now > self::MOST_OF_A_RANGE) {
                    break;
                }
                $more = array_merge(...array_map($pick, range($now + 1, $value)), ...[[]]);
            } else {
                $more = $pick($value);
            }
            if ($more === [] || array_diff($more, $names) === []) {
                break; // “cake 8, 8”: named once, the second is how many
            }
            array_push($names, ...$more);
            $now = $value;
            $end = $next + 1;
            $many++;
            $ends[] = [$end, count($names)];
        }
        foreach (self::few($ends) as [$end, $until]) {
            $found[] = new Typed($end, new Named(array_values(array_unique(array_slice($names, 0, $until)))), 0.0);
        }

        return $found;
    }

    /** Whether a number says how many: copies stand behind it, or a size and another picture. */
    private function isCount(Spoken $said, int $i): bool
    {
        if (in_array($said->text($i + 1), [...self::COPIES, 'of'], true)) {
            return $said->text($i + 1) !== 'of' || $this->isWord($said->text($i + 2)) || $this->isLongNumber($said->at($i + 2));
        }
        foreach ($said->typed('size', $i + 1) as $size) {
            $next = in_array($said->text($size->end), ['of', 'from', 'the', ':', '-'], true) ? $size->end + 1 : $size->end;
            $next = $said->text($next) === 'the' ? $next + 1 : $next;
            $isOf = $said->text($size->end) === 'of' || $this->isWord($said->text($next));
            if (($isOf && $said->at($next)?->isLetters()) || $this->isLongNumber($said->at($next))) {
                return true;
            }
        }

        return false;
    }

    /**
     * Of a long row, its first and its last steps: it ends at neither of those between.
     *
     * @template T
     *
     * @param  list<T>  $steps
     * @return list<T>
     */
    private static function few(array $steps): array
    {
        return count($steps) < 9 ? $steps : [...array_slice($steps, 0, 4), ...array_slice($steps, -4)];
    }

    /** “No. 12”, “picture 12” */
    private static function isCalling(string $word): bool
    {
        static $all = null;
        $all ??= array_fill_keys(self::CALLED, true);

        return isset($all[$word]);
    }
}
