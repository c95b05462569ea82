<?php

declare(strict_types=1);

namespace Planisher\Naming;

use Planisher\Lab\FileFormat;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Line\NamePart;
use Planisher\Line\OfSeveralPrints;
use Planisher\Line\OnASheet;
use Planisher\Measure\Size;
use Planisher\OrderFile\OrderHead;

/** What the names of a line's files are joined of: all that the line itself brings to them, before they are told apart from others. */
final readonly class NameParts
{
    /** @var list<string> what its files are called where nothing else of the order is */
    public array $stems;

    /** Whether parts were cut to the lab's length */
    public bool $isShortened;

    /**
     * @param  int  $room  characters that the lab takes, without the ending
     * @param  bool  $hasCopies  for a screen, which are named beside
     * @param  non-empty-list<list<array{text: string, tellsApart: bool, isWhole: bool, isOf: bool}>>  $files  each one's parts
     */
    private function __construct(
        public string $extension,
        public int $room,
        public string $join,
        public bool $hasCopies,
        private array $files,
    ) {
        $this->stems = $this->joined($room);
        $this->isShortened = $this->stems !== $this->joined(PHP_INT_MAX);
    }

    /** @param  string  $number  the line's, in as many digits as the order's other lines have */
    public static function of(OrderHead $order, LabCard $lab, LineSpec $line, string $number): self
    {
        $line = $line->listedBy($lab->of($line->printedOn(), $line->paper));
        $extension = ($line->isPrinted() ? $line->output->formatFor($lab) : FileFormat::Jpeg)->extension();

        return new self(
            $extension,
            $lab->nameLength - strlen($extension) - 1,
            $line->name->join,
            $line->screenCopy !== null,
            array_map(fn (string $of): array => self::parts($order, $lab, $line, $number, $of), $line->apart($lab)),
        );
    }

    /** Of one side of which the other follows from the picture: that one, which says what is ordered whatever the picture is. */
    private static function sizeOf(LineSpec $line, LabCard $lab): string
    {
        $side = $line->oneSide;
        if ($side !== null && $side->ratio === null) {
            $unit = $side->length->unit;

            return self::figure($side->length->in($unit))."{$unit->value}-{$side->side->value}";
        }

        $size = $line->crop->size ?? ($line->wanted instanceof OnASheet ? $line->wanted->sheetFor(null, $lab) : null);

        return $size === null ? '' : self::size($size);
    }

    /** "on-12x18": the paper that is ordered, where it is of another size than is asked for. */
    private static function sheetOf(LineSpec $line, LabCard $lab): string
    {
        $asked = $line->crop?->size;
        $sheet = $asked !== null && $line->wanted instanceof OnASheet ? $line->wanted->sheetFor($asked, $lab) : null;

        return $sheet === null ? '' : 'on-'.self::size($lab->lists($sheet) ?? $sheet);
    }

    /** Of several prints what is on the paper, unless it is called something: “oars, 4 of 3x4”. */
    private static function subjectOf(LineSpec $line): string
    {
        if ($line->subject !== null || ! ($line->wanted instanceof OfSeveralPrints)) {
            return $line->subjectOf(null);
        }
        $pictures = array_unique($line->pictures());
        $of = count($pictures) === 1 && $pictures[0] !== null ? [pathinfo($pictures[0], PATHINFO_FILENAME)] : [];
        $prints = array_map(fn (array $of): string => "{$of[1]} of ".self::size($of[0]), $line->wanted->prints());

        return implode(' ', [...$of, ...$prints]);
    }

    /** "8x10", "60x40cm", "8-5x11", "a4" */
    public static function size(Size $size): string
    {
        if ($size->name !== null) {
            return strtolower($size->name);
        }
        $unit = $size->width->unit;

        return self::figure($size->width->in($unit)).
            'x'.
            self::figure($size->height->in($unit)).
            ($unit->value === 'in' ? '' : $unit->value);
    }

    /** "8-5": a point would begin an ending */
    private static function figure(float $length): string
    {
        return str_replace('.', '-', rtrim(rtrim(number_format($length, 3, '.', ''), '0'), '.'));
    }

    /** @return list<array{text: string, tellsApart: bool, isWhole: bool, isOf: bool}> the parts that have something to say */
    private static function parts(OrderHead $order, LabCard $lab, LineSpec $line, string $number, string $of): array
    {
        $parts = [];
        $pattern = $line->name->parts;
        // What tells the files of a line apart is always said: behind the number, where the pattern doesn't place it.
        if ($of !== '' && ! in_array(NamePart::Panel, $pattern, true)) {
            $at = array_search(NamePart::Number, $pattern, true);
            array_splice($pattern, $at === false ? count($pattern) : (int) $at + 1, 0, [NamePart::Panel]);
        }
        foreach ($pattern as $part) {
            $text = match ($part) {
                NamePart::Client => $order->client,
                NamePart::Order => $order->number,
                NamePart::Size => self::sizeOf($line, $lab),
                NamePart::Sheet => self::sheetOf($line, $lab),
                NamePart::Subject => self::subjectOf($line),
                NamePart::Finish => $line->make,
                NamePart::Panel => $of,
                NamePart::Number => $number,
                NamePart::Copies => $line->copies.'-copies',
                NamePart::Date => $order->date,
                default => $part,
            };
            $text = SafeText::of($text);
            if ($text !== '') {
                $parts[] = [
                    'text' => $text,
                    'tellsApart' => $part instanceof NamePart && $part->tellsApart(),
                    'isWhole' => $part === NamePart::Size,
                    'isOf' => $part === NamePart::Panel,
                ];
            }
        }

        return $parts ?: [['text' => $number, 'tellsApart' => true, 'isWhole' => false, 'isOf' => false]];
    }

    /**
     * The names of its files, each in at most $most characters: what they have in common is shortened for the longest of them, so that
     * they differ only in what tells them apart, and sort together.
     *
     * @return list<string>
     */
    public function joined(int $most): array
    {
        $lengths = array_map(fn (array $parts): int => strlen($this->stem(array_column($parts, 'text'))), $this->files);
        $longest = $this->files[(int) array_search(max($lengths), $lengths, true)];
        $short = $this->shortened($longest, $most);
        $isTold =
            array_filter(
                $longest,
                fn (array $part, int $i): bool => $part['isOf'] && $part['text'] !== $short[$i],
                ARRAY_FILTER_USE_BOTH,
            ) === [];

        return array_map(
            fn (array $parts): string => $this->safe(
                $this->stem(
                    $isTold
                        ? array_map(fn (array $part, string $common): string => $part['isOf'] ? $part['text'] : $common, $parts, $short)
                        : $this->shortened($parts, $most),
                ),
            ),
            $this->files,
        );
    }

    /**
     * The texts of parts that fit joined into $room characters, the longest part shortened first. A size is said whole or, where all
     * else has gone and there is still no room, not at all: a shortened one would be another size.
     *
     * @param  list<array{text: string, tellsApart: bool, isWhole: bool, isOf: bool}>  $parts
     * @return list<string>
     */
    private function shortened(array $parts, int $room): array
    {
        while (strlen($this->stem(array_column($parts, 'text'))) > $room) {
            $longest = null;
            foreach ($parts as $i => $part) {
                $weight = strlen($part['text']) - ($part['tellsApart'] ? 2000 : 0) - ($part['isWhole'] ? 1000 : 0);
                if ($part['text'] !== '' && ($longest === null || $weight > $longest['weight'])) {
                    $longest = ['part' => $i, 'weight' => $weight];
                }
            }
            if ($longest === null) {
                break;
            }
            $text = &$parts[$longest['part']]['text'];
            $text = $parts[$longest['part']]['isWhole'] ? '' : rtrim(substr($text, 0, -1), '-');
            unset($text);
        }

        return array_column($parts, 'text');
    }

    /** @param  list<string>  $texts */
    private function stem(array $texts): string
    {
        return implode($this->join, array_filter($texts, fn (string $text): bool => $text !== ''));
    }

    private function safe(string $name): string
    {
        return SafeText::isReserved($name) ? "print{$this->join}{$name}" : $name;
    }
}
