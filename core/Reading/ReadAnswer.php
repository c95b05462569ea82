<?php

declare(strict_types=1);

namespace Planisher\Reading;

use Planisher\Finish\CombinesPrints;
use Planisher\Finish\LineReader;
use Planisher\Language\Known;
use Planisher\Line\LineSpec;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\OrderFileError;
use Planisher\Reading\Discourse\ToASheet;

/**
 * What words were read as, in the shapes that read.schema.json has: of a list or a typed line, and of a wish said of a line that is there.
 *
 * @phpstan-type Doubt array{words: string, why: string, offers: list<string>}
 * @phpstan-type Told array{words: string, prints: list<array{line: array<string, mixed>, sure: bool}>, sure: bool, doubts: list<Doubt>}
 */
final class ReadAnswer
{
    private const NOT_UNDERSTOOD = 'This was not understood.';

    /** What of a line in an order file isn't a line's own. */
    private const BESIDE = ['number' => true, 'remark' => true];

    /**
     * @param  list<string>  $pictures  names of the order's pictures, in its order
     * @return list<Told>
     */
    public static function toWords(string $text, Known $known, array $pictures): array
    {
        return array_map(self::line(...), ReadList::read($text, $known, $pictures)->lines);
    }

    /**
     * @param  list<string>  $pictures  names of the order's pictures, in its order
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form
     * @return array{line: array<string, mixed>, sure: bool, doubts: list<Doubt>} the line as it is afterwards
     */
    public static function toWish(string $text, Known $known, array $pictures, array $on): array
    {
        $read = SaidWish::read($text, $known, $pictures, $on);
        $doubts = self::doubts($read->line);
        $doubt = fn (string $why): array => ['words' => $text, 'why' => $why, 'offers' => []];
        try {
            $line = MergePatch::apply($on, $read->change);
            $after = self::read($line, $known);
            // What the line was made into before stays with it, and says nothing any more.
            $said = array_keys($read->change);
            $ignored = array_intersect(array_diff($after->ignored, self::read($on, $known)->ignored), $said);
            if ($ignored !== []) {
                $doubts[] = $doubt('That says nothing of what the line is made into: '.implode(', ', $ignored).'.');
            }
            if ($read->gather !== null) {
                [$line, $uneven] = ToASheet::laid([$after], $read->gather, $read->gatherOn ?? CombinesPrints::CHEAPEST, $known->lab);
                $line += ['copies' => 1];
                $uneven === null || ($doubts[] = $doubt($uneven));
            }
        } catch (OrderFileError $e) {
            return ['line' => $on, 'sure' => false, 'doubts' => [...$doubts, $doubt($e->getMessage())]];
        }

        return ['line' => $line, 'sure' => $read->line->isSure(), 'doubts' => $doubts];
    }

    /** @return Told */
    private static function line(ReadLine $line): array
    {
        $isWhole = array_filter($line->prints, fn (ReadPrint $print): bool => ! $print->isWhole) === [];

        return [
            'words' => $line->text,
            'prints' => array_map(
                fn (ReadPrint $print): array => [
                    'line' => array_filter($print->wanted, fn (mixed $value): bool => $value !== null) + self::remark($print),
                    'sure' => $print->isSure && $print->isWhole,
                ],
                $line->prints,
            ),
            'sure' => $line->isSure() && $isWhole,
            'doubts' => self::doubts($line),
        ];
    }

    /** @return array{}|array{remark: array<string, string>} */
    private static function remark(ReadPrint $print): array
    {
        $remark = array_filter(['own' => $print->remark, 'lab' => $print->forLab], fn (?string $of): bool => $of !== null);

        return $remark === [] ? [] : ['remark' => $remark];
    }

    /** @return list<Doubt> */
    private static function doubts(ReadLine $line): array
    {
        $doubted = array_filter($line->parts(), fn (array $part): bool => in_array($part['is'], ['left', 'unsure'], true));
        $offered = fn (array $offer): string => (string) ($offer['label'] ?? ($offer['with'] ?? ($offer['picture'] ?? '')));

        return array_values(
            array_map(
                fn (array $part): array => [
                    'words' => $part['words'],
                    'why' => $part['why'] ?? self::NOT_UNDERSTOOD,
                    'offers' => array_map($offered, $part['offers']),
                ],
                $doubted,
            ),
        );
    }

    /** @param  array<string, mixed>  $line */
    private static function read(array $line, Known $known): LineSpec
    {
        $own = array_diff_key(array_filter($line, fn (mixed $value): bool => $value !== null), self::BESIDE);

        return LineReader::read(JsonNode::root($own, $known->unit));
    }
}
