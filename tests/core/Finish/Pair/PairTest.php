<?php

declare(strict_types=1);

namespace Tests\core\Finish\Pair;

use PHPUnit\Framework\TestCase;
use Planisher\Description\FactStrip;
use Planisher\Description\LineSentence;
use Planisher\Finding\Severity;
use Planisher\Finish\Finishes;
use Planisher\Finish\LinePictures;
use Planisher\Finish\LineReader;
use Planisher\House\HouseFinishSpec;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Layer\PictureLayer;
use Tests\core\LineContexts;

/** A finish that is added from outside is read, planned, judged, told, named and kept like those there are. */
final class PairTest extends TestCase
{
    private const WANTED = [
        'make' => 'pair',
        'picture' => 'a.jpg',
        'pair' => ['other' => 'b.jpg'],
        'size' => '10 x 4 in',
        'output' => ['ppi' => 100],
    ];

    protected function setUp(): void
    {
        Finishes::add(new PairFinish());
    }

    protected function tearDown(): void
    {
        Finishes::forget('pair');
    }

    /** @param  array<string, mixed>  $more */
    private static function work(array $more = [], bool $hasOther = true): WorkedLine
    {
        $line = LineReader::read(JsonNode::root($more + self::WANTED));
        $a = LineContexts::picture(4200, 2800, name: 'a.jpg');
        $b = $hasOther ? LineContexts::picture(3000, 2000, name: 'b.jpg', sha256: str_repeat('b', 64)) : PictureTrouble::none();
        $lab = LineContexts::lab();

        return WorkedLine::work($line, [$a, $b], $lab, NameBook::names(LineContexts::head(), $lab, [1 => $line])[1]);
    }

    public function test_it_is_read_and_written(): void
    {
        $line = LineReader::read(JsonNode::root(self::WANTED));
        self::assertSame(['a.jpg', 'b.jpg'], $line->pictures());
        self::assertSame('pair', $line->toArray()['make']);
        self::assertSame(['other' => 'b.jpg'], $line->toArray()['pair']);
        [$bare, $names] = LinePictures::take(self::WANTED);
        self::assertSame(['a.jpg', 'b.jpg'], $names);
        self::assertEquals(self::WANTED, LinePictures::put($bare, $names));
        $this->expectException(OrderFileError::class);
        LineReader::read(JsonNode::root(['canvas' => ['deep' => 1], 'pair' => ['othre' => 'b.jpg']] + self::WANTED));
    }

    public function test_it_is_planned_of_two_parts(): void
    {
        $plan = self::work()->plan ?? self::fail('no plan');
        self::assertCount(2, $plan->parts);
        self::assertNull($plan->only());
        self::assertEqualsWithDelta(400, $plan->softest()->sharpness->ppi, 1e-6, '1600 × 2000 px of the second on 4 × 5 in');
        [$left, $right] = $plan->shown->pictures();
        self::assertSame(['x' => 0, 'y' => 0, 'width' => 500, 'height' => 400], $left->target->toArray());
        self::assertSame(['x' => 500, 'y' => 0, 'width' => 500, 'height' => 400], $right->target->toArray());
        self::assertTrue($right->isTurned);
        self::assertSame([400, 500], $right->scaledTo());
        self::assertInstanceOf(PictureLayer::class, $plan->shown->layers[1], 'the prints’ own paper is the sheet’s white already');
    }

    public function test_it_is_judged_told_and_named(): void
    {
        $worked = self::work();
        self::assertFalse($worked->isStopped());
        self::assertSame(
            'pixels-plenty',
            $worked->findings[0]->level === Severity::Error ? '' : LineContexts::finding($worked, 'pixels-plenty')->code ?? '',
        );
        $text = implode('', array_column(LineSentence::segments($worked->at), 'text'));
        self::assertStringContainsString('pair of A side by side on 10 × 4', str_replace("\u{2009}", ' ', $text));
        self::assertStringContainsString('beside b.jpg', $text);
        self::assertSame('2 pictures', FactStrip::of($worked->at)[0]['figure']);
        self::assertStringContainsString('10x4', $worked->name->files()[0]);
        self::assertStringContainsString(
            'pair',
            NameBook::names(LineContexts::head(), LineContexts::lab(), [
                1 => LineReader::read(JsonNode::root(['name' => ['parts' => ['finish'], 'join' => '_']] + self::WANTED)),
            ])[1]->files()[0],
        );
        $kept = HouseFinishSpec::from($worked->line, [\Planisher\House\Choices::named('make') ?? self::fail('no choice')]);
        self::assertSame(['make' => 'a pair'], $kept->words());
        self::assertSame(
            ['make' => 'pair', 'canvas' => null],
            array_intersect_key($kept->give(LineContexts::lab(), 'print')[0]->toArray(), ['make' => 1, 'canvas' => 1]),
        );
    }

    public function test_a_missing_picture_stops_it(): void
    {
        $worked = self::work(hasOther: false);
        self::assertNull($worked->plan);
        self::assertSame('no-picture', $worked->worst()->code);
        self::assertTrue(self::work(['pair' => null])->isWaiting());
    }
}
