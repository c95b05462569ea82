<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use PHPUnit\Framework\TestCase;
use Planisher\Description\Ordered;
use Planisher\Finish\LineReader;
use Planisher\Line\LineSpec;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\MergePatch;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Reading\ReadList;
use Planisher\Reading\ReadPrint;
use Planisher\Reading\SaidWish;
use Planisher\Studio\OrderContext;
use Tests\core\EvenType;
use Tests\core\LineContexts;

/** What the sentence says, it reads: for every line that comes of our lists and wishes, its sentence read again is the same sentence. */
final class RoundTripTest extends TestCase
{
    /** Lines that wishes are said of: one of each finish that a wish alone doesn't make */
    private const ON = [
        ['picture' => 'slipway.jpg', 'size' => '8 x 10 in', 'copies' => 2],
        ['make' => 'canvas', 'picture' => 'slipway.jpg', 'size' => '20 x 30 in', 'copies' => 1],
        ['make' => 'panels', 'picture' => 'slipway.jpg', 'size' => '90 x 60 in', 'panels' => ['columns' => [1, 1, 1]]],
        ['make' => 'screen-copy', 'picture' => 'slipway.jpg', 'longSide' => 1600],
    ];

    private const LEAST = 200;

    public function test_a_sentence_is_read_as_what_it_says(): void
    {
        $sentences = [];
        foreach ([...self::listed(), ...self::wished(), ...self::besides()] as $line) {
            $sentence = self::isSaidWhole($line) ? self::said($line) : null;
            $sentence === null || ($sentences[$sentence] = true);
        }
        self::assertGreaterThan(self::LEAST, count($sentences));
        $otherwise = [];
        foreach (array_keys($sentences) as $sentence) {
            $read = ReadList::read($sentence, Given::known(), Given::PICTURES);
            $again = array_map(fn (ReadPrint $print): ?string => self::said(self::line($print->wanted)), $read->prints());
            if ($again !== [$sentence] || ! $read->lines[0]->isSure()) {
                $otherwise[] = [$sentence, $again, array_filter(array_column($read->lines[0]->parts(), 'why'))];
            }
        }
        self::assertSame([], $otherwise, 'is read otherwise');
    }

    /** Of one side the sentence tells what follows from the picture, too. */
    public function test_one_side_and_an_opening_are_read_as_the_sentence_says_them(): void
    {
        $forms = [
            ['size' => '12 in wide'],
            ['size' => '30 cm high', 'ratio' => '2.39:1', 'copies' => 2],
            ['size' => '12 in long', 'ratio' => '1:1'],
            ['size' => '8 in short', 'fit' => 'whole'],
            ['size' => '8 in wide', 'turn' => 'portrait'],
            ['size' => '16 in wide', 'ratio' => '16:9', 'carrier' => '12 x 18 in', 'border' => '0.25 in'],
            ['make' => 'canvas', 'size' => '40 cm high'],
            ['size' => '8 x 10 in', 'opening' => ['size' => '9.5 x 7.5 in']],
            ['size' => '11 x 14 in', 'opening' => ['size' => '9.5 x 7.5 in', 'cover' => '5 mm'], 'raise' => 'optical'],
        ];
        $picture = LineContexts::picture(4000, 3000, name: 'slipway.jpg');
        foreach ($forms as $form) {
            $sentence = self::said(self::line($form + ['picture' => 'slipway.jpg']), $picture) ?? self::fail('no line');
            $read = ReadList::read($sentence, Given::known(), Given::PICTURES);
            $again = array_map(fn (ReadPrint $print): ?string => self::said(self::line($print->wanted), $picture), $read->prints());
            self::assertSame([$sentence], $again);
            self::assertSame([], array_filter(array_column($read->lines[0]->parts(), 'why')), $sentence);
        }
    }

    /** A sheet's sentence doesn't name its pictures: said of the sheet itself it changes nothing. */
    public function test_a_shared_sheets_sentence_is_read_as_what_it_says(): void
    {
        $sentences = 0;
        $otherwise = [];
        foreach ([...self::listed(), ...self::sheets()] as $line) {
            $form = $line?->toArray() ?? [];
            $sentence = isset($form['sheet']) ? self::said($line) : null;
            if ($sentence === null) {
                continue;
            }
            $sentences++;
            $wish = SaidWish::read($sentence, Given::known(), Given::PICTURES, $form);
            $again = self::said(self::line(MergePatch::apply($form, $wish->change)));
            if ($again !== $sentence || ! $wish->line->isSure()) {
                $otherwise[] = [$sentence, $again, array_filter(array_column($wish->line->parts(), 'why'))];
            }
        }
        self::assertGreaterThan(5, $sentences);
        self::assertSame([], $otherwise, 'is read otherwise');
    }

    /** @return list<?LineSpec> */
    private static function sheets(): array
    {
        $cells = [['picture' => 'slipway.jpg', 'size' => '4 x 5 in'], ['picture' => 'oars.jpg', 'size' => '2 x 3 in', 'copies' => 3]];
        $of = fn (array $sheet, array $line = []): ?LineSpec => self::line(
            $line + ['make' => 'shared-sheet', 'size' => '8 x 10 in', 'sheet' => ['cells' => $cells] + $sheet],
        );

        return [
            $of([]),
            $of(['gutter' => '3 mm']),
            $of(['gutter' => '1/4 in', 'cutMarks' => true], ['copies' => 4]),
            $of([], ['size' => 'cheapest']),
            $of([], ['lettering' => [['text' => 'Hello']]]),
            $of(['cutMarks' => true], ['size' => '12 x 18 in', 'turn' => 'landscape']),
        ];
    }

    /** @return list<?LineSpec> with a copy for a screen besides, in all that it may have */
    private static function besides(): array
    {
        $mark = ['picture' => 'halloway-mark.png', 'where' => 'top-left', 'width' => '20 %', 'strength' => 0.5];
        $of = fn (array $copy, array $line = []): ?LineSpec => self::line(
            $line + ['picture' => 'slipway.jpg', 'size' => '11 x 15 in', 'screenCopy' => $copy],
        );

        return [
            $of([]),
            $of(['longSide' => 2400, 'quality' => 80, 'sharpen' => true]),
            $of(['overlays' => [$mark]]),
            $of(['sharpen' => true], ['carrier' => '12 x 18 in']),
            $of(['longSide' => 900], ['carrier' => '12 x 18 in', 'trimMarks' => false]),
            $of([], ['make' => 'canvas', 'size' => '20 x 30 in']),
        ];
    }

    /** A title isn't on the shelf, a sheet's sentence names no pictures, no prints are none, and our pictures tell no exposure. */
    private static function isSaidWhole(?LineSpec $line): bool
    {
        $form = $line?->toArray() ?? [];

        return isset($form['picture']) &&
            ! isset($form['subject']) &&
            ! isset($form['sheet']) &&
            ($form['copies'] ?? 1) > 0 &&
            ! in_array('exposure', $form['caption']['parts'] ?? [], true);
    }

    /** @return list<?LineSpec> */
    private static function listed(): array
    {
        $lines = [];
        foreach (preg_split('/^== /m', (string) file_get_contents(__DIR__.'/lists.txt'), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $case) {
            $text = explode("\n--\n", explode("\n", $case, 2)[1], 2)[0];
            foreach (ReadList::read($text, Given::known(), Given::PICTURES)->prints() as $print) {
                $lines[] = $print->isWhole ? self::line($print->wanted) : null;
            }
        }

        return $lines;
    }

    /** @return list<?LineSpec> */
    private static function wished(): array
    {
        $lines = [];
        foreach (array_filter(explode("\n", (string) file_get_contents(__DIR__.'/wishes.txt'))) as $case) {
            foreach (self::ON as $on) {
                $read = SaidWish::read(explode(' => ', $case, 2)[0], Given::known(), Given::PICTURES, $on);
                $lines[] = $read->line->isSure() ? self::line(MergePatch::apply($on, $read->change)) : null;
            }
        }

        return $lines;
    }

    /** @param  array<string, mixed>  $wanted */
    private static function line(array $wanted): ?LineSpec
    {
        try {
            return LineReader::read(
                JsonNode::root(array_filter(array_diff_key($wanted, ['remark' => 1]), fn (mixed $of): bool => $of !== null)),
            );
        } catch (\Planisher\OrderFile\OrderFileError) {
            return null;
        }
    }

    private static function said(?LineSpec $line, ?PictureFacts $picture = null): ?string
    {
        if ($line === null) {
            return null;
        }
        $head = new OrderHead('1', 'Client', '2026-11-30');
        $lab = Given::known()->lab;
        $facts = array_map(fn (): PictureFacts|PictureTrouble => $picture ?? PictureTrouble::none(), array_values($line->pictures()));
        $at = WorkedLine::context(
            $line,
            $facts,
            $lab,
            NameBook::names($head, $lab, [1 => $line])[1],
            orderContext: new OrderContext($head, [], new EvenType()),
        );

        // A file's name isn't read: it comes of what else is said.
        return preg_replace('/, named \S+(?=\.$)/', '', Ordered::of($at)->said(withFile: false));
    }
}
