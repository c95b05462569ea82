<?php

declare(strict_types=1);

namespace Tests\core\Finish;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finding\Severity;
use Planisher\Finish\LineReader;
use Planisher\Finish\TypedFigure;
use Planisher\Measure\MeasureError;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\MustStayIn;
use Tests\core\LineContexts;

/** A print behind a mount: its opening and 3 mm on each side of it (common practice, no source). */
final class OpeningTest extends TestCase
{
    private const OPENING = ['size' => '8 x 10 in', 'opening' => ['size' => '9.5 x 7.5 in']];

    private const LAB = ['sizes' => ['8 x 10 in', '11 x 14 in']];

    /** 9.5 in and 6 mm are 9.7362 in, at 300 ppi 2921 px; 7.5 in and 6 mm are 7.7362 in, 2321 px. */
    public function test_the_image_is_larger_than_the_opening_on_the_paper_that_is_ordered(): void
    {
        $worked = LineContexts::work(self::OPENING, LineContexts::picture(6000, 4000), self::LAB);
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        self::assertSame([3000, 2400], [$file->width, $file->height]);
        $image = $file->pictures()[0]->target;
        self::assertSame([2921, 2321], [$image->width, $image->height]);
        self::assertSame([40, 40], [$image->x, $image->y], 'in the middle: (3000 − 2921) / 2, by whole pixels');
        $upright = LineContexts::work(self::OPENING, LineContexts::picture(4000, 6000), self::LAB)->plan;
        self::assertSame(
            [2321, 2921],
            [$upright?->files[0]->pictures()[0]->target->width, $upright?->files[0]->pictures()[0]->target->height],
        );
        self::assertNotNull(LineContexts::finding($worked, 'opening-covered'));
        self::assertSame(self::OPENING['opening'], $worked->line->toArray()['opening']);
    }

    public function test_what_is_larger_than_its_paper_stops_and_says_by_how_much(): void
    {
        $worked = LineContexts::work(
            ['size' => '8 x 10 in', 'opening' => ['size' => '9.9 x 7 in', 'cover' => '5 mm']],
            LineContexts::picture(6000, 4000),
            self::LAB,
        );
        $finding = LineContexts::finding($worked, 'opening-too-large') ?? self::fail('nothing said');
        self::assertSame(Severity::Error, $finding->level);
        // 9.9 in and 10 mm are 10.2937 in: 0.29 in too wide
        self::assertStringContainsString('0.29 in wider than 10 × 8 in', str_replace("\u{2009}", ' ', $finding->text));
        self::assertSame(['size' => '11 x 14 in'], $finding->remedy?->change->toArray());
        $mended = LineContexts::work(
            $finding->remedy->change->onto($worked->line->toArray()),
            LineContexts::picture(6000, 4000),
            self::LAB,
        );
        self::assertNotNull(LineContexts::finding($mended, 'opening-covered'));
    }

    public function test_a_whole_picture_that_leaves_white_and_a_mark_behind_the_mount_are_told(): void
    {
        $whole = LineContexts::work(['fit' => 'whole'] + self::OPENING, LineContexts::picture(6000, 3000), self::LAB);
        $finding = LineContexts::finding($whole, 'opening-not-covered') ?? self::fail('nothing said');
        self::assertSame(['fit' => null], $finding->remedy?->change->toArray());
        $cropped = LineContexts::work(
            $finding->remedy->change->onto($whole->line->toArray()),
            LineContexts::picture(6000, 3000),
            self::LAB,
        );
        self::assertNull(LineContexts::finding($cropped, 'opening-not-covered'));
        // a strip at the picture's left edge, which lies behind the mount however the window is moved
        $marked = LineContexts::picture(2921, 2321, mustStayIn: self::flag(0));
        $worked = LineContexts::work(self::OPENING, $marked, self::LAB);
        $hidden = LineContexts::finding($worked, 'must-stay-in-mounted') ?? self::fail('nothing said');
        self::assertStringContainsString('the flag', $hidden->title);
        self::assertStringContainsString('0.12 in', str_replace("\u{2009}", ' ', $hidden->text), '3 mm of it');
        $free = LineContexts::picture(4000, 2321, mustStayIn: self::flag(0.2));
        self::assertNotNull(LineContexts::finding(LineContexts::work(self::OPENING, $free, self::LAB), 'opening-covered'));
    }

    /** @return list<MustStayIn> */
    private static function flag(float $x): array
    {
        return MustStayIn::listFromNode(JsonNode::root([['label' => 'the flag', 'x' => $x, 'y' => 0.4, 'width' => 0.1, 'height' => 0.2]]));
    }

    /** @param  array<string, mixed>  $wanted */
    #[DataProvider('mistakes')]
    public function test_what_can_not_be_is_told_where_it_stands(array $wanted, string $where): void
    {
        try {
            LineReader::read(JsonNode::root($wanted + ['picture' => 'a.jpg', 'size' => '8 x 10 in']));
            self::fail('it was read');
        } catch (OrderFileError $e) {
            self::assertSame($where, $e->path);
        }
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        return [
            'no size' => [['opening' => ['cover' => '3 mm']], 'opening.size'],
            'a cover that is none' => [['opening' => ['size' => '5 x 7 in', 'cover' => 'much']], 'opening.cover'],
            'a key that is none' => [['opening' => ['size' => '5 x 7 in', 'mat' => 'white']], 'opening.mat'],
            'an image of another size' => [['opening' => ['size' => '5 x 7 in'], 'image' => ['width' => '4 in']], 'image'],
        ];
    }

    public function test_the_image_can_not_be_typed_beside_it(): void
    {
        $worked = LineContexts::work(self::OPENING, LineContexts::picture(6000, 4000), self::LAB);
        $this->expectException(MeasureError::class);
        TypedFigure::change($worked->line, $worked->plan?->layout, 'image-width', '5');
    }
}
