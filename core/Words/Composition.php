<?php

declare(strict_types=1);

namespace Planisher\Words;

use Planisher\Colour\Rgb;
use Planisher\Measure\Box;

/** Sets texts: finds a face that has their letters, breaks them into lines at words, and lays the lines below each other. */
final class Composition
{
    /** Type is never made smaller than this to fit, in nanometres (common practice, no source). */
    private const SMALLEST = 2_000_000;

    /** In front of a line that is read from right to left, as its whole paragraph is (Unicode, RIGHT-TO-LEFT MARK). */
    private const FROM_RIGHT = "\u{200F}";

    public function __construct(private readonly Typesetter $type) {}

    /**
     * A text with the left top of its block at the paper's.
     *
     * @param  int  $height  of its type, in nanometres
     * @param  ?int  $widest  of a line, in nanometres; null for as long as it is typed
     * @param  ?int  $room  that the block has to fit into side to side, made smaller where it must
     * @param  ?int  $tall  that it has to fit into top to bottom
     */
    public function set(
        string $text,
        Face $wanted,
        Style $style,
        int $height,
        Rgb $colour,
        Align $align,
        ?int $widest = null,
        ?int $room = null,
        ?int $tall = null,
    ): SetBlock {
        [$face, $lacking, $missing] = $this->face($text, $wanted, $style);
        $style = $face->nearest($style);
        $widths = $this->broken($text, $face, $style, $widest === null ? null : $widest / $height);
        $longest = max(array_column($widths, 1));
        $line = $face->ascent() + $face->descent();
        $fits = min(
            $height,
            $room === null || $longest <= 0 ? $height : $room / $longest,
            $tall === null ? $height : $tall / ($line * count($widths)),
        );
        $set = min($height, max($fits, self::SMALLEST));
        $width = $longest * $set;
        $lines = [];
        foreach ($widths as $at => [$of, $ems]) {
            $lines[] = new SetLine($of, $align->share() * ($width - $ems * $set), ($at * $line + $face->ascent()) * $set, $ems * $set);
        }

        return new SetBlock(
            $face,
            $style,
            $set,
            $colour,
            $align,
            new Box(0, 0, max(1, (int) round($width)), max(1, (int) round($line * count($lines) * $set))),
            $lines,
            $missing,
            $lacking,
            $set < $height,
            $set > $fits + 1,
            $widest,
        );
    }

    /**
     * The face for all of a text: the wanted one, or the first that lacks none of its letters.
     *
     * @return array{Face, list<string>, list<string>} and the letters that the wanted one lacks, and those that none has
     */
    private function face(string $text, Face $wanted, Style $style): array
    {
        $flat = str_replace("\n", ' ', $text);
        $lacks = fn (Face $face): array => $this->type->run($face, $face->nearest($style), $flat)->missing;
        $lacking = $lacks($wanted);
        if ($lacking === []) {
            return [$wanted, [], []];
        }
        $missing = $lacking;
        foreach (Face::cases() as $face) {
            $here = $lacks($face);
            if ($here === []) {
                return [$face, $lacking, []];
            }
            $missing = array_values(array_intersect($missing, $here));
        }

        // Each letter has a face, but no face has all of them: none that the wanted one lacks can be set.
        return [$wanted, $lacking, $missing ?: $lacking];
    }

    /**
     * A text's lines and how long each is.
     *
     * @param  ?float  $widest  in ems
     * @return non-empty-list<array{string, float}>
     */
    private function broken(string $text, Face $face, Style $style, ?float $widest): array
    {
        $lines = [];
        foreach (explode("\n", $text) as $paragraph) {
            $mark = preg_match('/^[^\p{L}]*[\p{Hebrew}\p{Arabic}]/u', $paragraph) === 1 ? self::FROM_RIGHT : '';
            foreach ($this->lines(rtrim($paragraph), $face, $style, $widest) as $line) {
                $lines[] = [$mark.$line, $this->width($face, $style, $line)];
            }
        }

        return $lines;
    }

    /** @return non-empty-list<string> */
    private function lines(string $paragraph, Face $face, Style $style, ?float $widest): array
    {
        if ($widest === null || $this->width($face, $style, $paragraph) <= $widest) {
            return [$paragraph];
        }
        // Unicode Standard Annex 14
        $breaks = \IntlBreakIterator::createLineInstance('en') ?? throw new \LogicException('ICU has no rules for lines.');
        $breaks->setText($paragraph);
        [$lines, $line] = [[], ''];
        foreach ($breaks->getPartsIterator() as $part) {
            if ($line !== '' && $this->width($face, $style, rtrim($line.$part)) > $widest) {
                $lines[] = rtrim($line);
                $line = '';
            }
            $line .= $part;
        }
        $lines[] = rtrim($line);

        return $lines;
    }

    private function width(Face $face, Style $style, string $text): float
    {
        return $text === '' ? 0.0 : $this->type->run($face, $style, $text)->width;
    }
}
