<?php

declare(strict_types=1);

namespace Tests\core\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\Finish\TypedFigure;
use Planisher\Line\LineChange;
use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureTrouble;
use Tests\core\LineContexts;

/** A size of which one side is given. Sides are worked out by hand: three quarters of twelve are nine. */
final class OneSideTest extends TestCase
{
    private const LANDSCAPE = [4000, 3000];

    private const UPRIGHT = [2000, 3000];

    /**
     * @param  array<string, mixed>  $wanted
     * @param  array{int, int}  $picture
     * @param  array{int, int}  $pixels
     */
    #[DataProvider('sides')]
    public function test_the_other_side_follows(array $wanted, array $picture, array $pixels): void
    {
        $worked = LineContexts::work($wanted + ['output' => ['ppi' => 100]], LineContexts::picture(...$picture));
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        self::assertSame($pixels, [$file->width, $file->height]);
    }

    /** @return array<string, array{array<string, mixed>, array{int, int}, array{int, int}}> */
    public static function sides(): array
    {
        return [
            'so wide, of 4 : 3' => [['size' => '12 in wide', 'carrier' => 'none'], self::LANDSCAPE, [1200, 900]],
            'so high' => [['size' => '9 in high', 'carrier' => 'none'], self::LANDSCAPE, [1200, 900]],
            'the longer side, of an upright 2 : 3' => [['size' => '12 in long', 'carrier' => 'none'], self::UPRIGHT, [800, 1200]],
            'the shorter side' => [['size' => '8 in short', 'carrier' => 'none'], self::UPRIGHT, [800, 1200]],
            'the shorter side of a picture that lies' => [['size' => '9in short', 'carrier' => 'none'], self::LANDSCAPE, [1200, 900]],
            'so wide at a ratio' => [['size' => '30 cm wide', 'ratio' => '3:1', 'carrier' => 'none'], self::LANDSCAPE, [1181, 394]],
            'so wide at a ratio, whatever the picture is' => [
                ['size' => '10 in wide', 'ratio' => '2:1', 'carrier' => 'none'],
                self::UPRIGHT,
                [1000, 500],
            ],
            'a ratio turns with the picture where no way up is said' => [
                ['size' => '16 in long', 'ratio' => '16:9', 'carrier' => 'none'],
                self::UPRIGHT,
                [900, 1600],
            ],
            'a shape that is turned on purpose' => [
                ['size' => '8 in wide', 'turn' => 'portrait', 'carrier' => 'none'],
                self::LANDSCAPE,
                [800, 1067],
            ],
            'a decimal' => [['size' => '23.9 in wide', 'ratio' => '2.39:1', 'carrier' => 'none'], self::LANDSCAPE, [2390, 1000]],
            'a canvas' => [['make' => 'canvas', 'size' => '12 in wide', 'canvas' => ['depth' => '1 in']], self::LANDSCAPE, [1400, 1100]],
        ];
    }

    public function test_it_stays_one_side_in_the_order_file_whatever_the_picture_is(): void
    {
        $form = ['size' => '12 in wide', 'ratio' => '16:9', 'window' => ['x' => 0.4, 'y' => 0.5, 'tight' => 1]];
        foreach ([self::LANDSCAPE, self::UPRIGHT] as $picture) {
            $worked = LineContexts::work($form, LineContexts::picture(...$picture));
            self::assertEquals($form, array_intersect_key($worked->line->toArray(), $form));
            self::assertSame('12 in wide at 16:9, so 12 × 6.75 in', str_replace("\u{2009}", ' ', (string) $worked->line->sizeLabel()));
        }
        $waiting = LineContexts::work(['size' => '12 in wide'], PictureTrouble::none());
        self::assertNull($waiting->plan);
        self::assertSame('12 in wide', str_replace("\u{2009}", ' ', (string) $waiting->line->sizeLabel()));
        self::assertSame(['12in-wide'], self::sizesIn(LineContexts::work(['size' => '12 in wide'])->name->stems));
        self::assertSame(['30x10cm'], self::sizesIn(LineContexts::work(['size' => '30 cm wide', 'ratio' => '3:1'])->name->stems));
    }

    /**
     * @param  list<string>  $stems
     * @return list<string>
     */
    private static function sizesIn(array $stems): array
    {
        return array_map(fn (string $stem): string => explode('_', $stem)[1], $stems);
    }

    /** @param  array<string, mixed>  $wanted */
    #[DataProvider('mistakes')]
    public function test_what_can_not_be_is_told_where_it_stands(array $wanted, string $where, string $words): void
    {
        try {
            LineReader::read(JsonNode::root($wanted + ['picture' => 'a.jpg']));
            self::fail('it was read');
        } catch (OrderFileError $e) {
            self::assertSame($where, $e->path);
            self::assertStringContainsString($words, $e->getMessage());
        }
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): array
    {
        return [
            'a ratio beside both sides' => [['size' => '8 x 10 in', 'ratio' => '16:9'], 'ratio', 'no ratio beside a size'],
            'no length' => [['size' => 'banana wide'], 'size', 'not a length'],
            'nothing' => [['size' => '0 in wide'], 'size', 'above 0'],
            'no ratio' => [['size' => '12 in wide', 'ratio' => 'cinema'], 'ratio', '2.39:1'],
            'a ratio of nothing' => [['size' => '12 in wide', 'ratio' => '16:0'], 'ratio', '16:9'],
            'a ratio of a thread' => [['size' => '12 in wide', 'ratio' => '1000:1'], 'ratio', 'up to 30 to 1'],
            'on a shared sheet' => [
                ['make' => 'shared-sheet', 'size' => '4 x 6 in', 'sheet' => ['cells' => [['size' => '3 in wide']]]],
                'sheet.cells[0].size',
                'both sides',
            ],
        ];
    }

    public function test_a_typed_side_is_the_one_that_is_given(): void
    {
        $worked = LineContexts::work(['size' => '12 in wide', 'ratio' => '3:1']);
        $change = TypedFigure::change($worked->line, $worked->plan?->layout, 'paper-height', '5');
        self::assertSame(['size' => '5 in high', 'turn' => null], $change->toArray());
        $changed = LineReader::changed($worked->line, $change);
        self::assertSame('3:1', $changed->toArray()['ratio']);
        self::assertTrue(Length::parse('15 in')->equals($changed->sized()->size->width));
        $whole = LineReader::changed($worked->line, LineChange::of(['size' => '8 x 10 in']));
        self::assertArrayNotHasKey('ratio', $whole->toArray(), 'a size of two sides says the ratio itself');
    }
}
