<?php

declare(strict_types=1);

namespace Tests\core\Description;

use PHPUnit\Framework\TestCase;
use Planisher\Description\FactStrip;
use Planisher\Description\LineSentence;
use Planisher\Picture\PictureTrouble;
use Tests\core\LineContexts;

final class TellingTest extends TestCase
{
    private static function plain(string $text): string
    {
        return str_replace("\u{2009}", ' ', $text);
    }

    public function test_the_sentence(): void
    {
        $worked = LineContexts::work(['copies' => 12, 'subject' => 'Dawn boat', 'output' => ['format' => 'tiff', 'ppi' => 'own']], null, [
            'nameLength' => 60,
        ]);
        $text = implode('', array_column(LineSentence::segments($worked->at), 'text'));
        self::assertSame(
            'Make 12 prints of Dawn boat cropped to 8 × 10 in, landscape to suit the picture, at the picture’s own '.
                'pixels in the lab’s sRGB, saved as TIFF, named isholm-rowing-club_8x10_dawn-boat_1',
            $text,
        );
        self::assertSame(
            ['copies', 'make', 'picture', 'size', 'turn', 'ppi', 'colour', 'file', 'name'],
            array_values(array_filter(array_column(LineSentence::segments($worked->at), 'word'))),
        );
        self::assertSame('Dawn boat, cropped to 8 × 10 in', LineSentence::short($worked->at));
    }

    public function test_without_a_picture(): void
    {
        $worked = LineContexts::work(['picture' => null], PictureTrouble::none());
        self::assertSame('8 × 10 in, no picture yet', LineSentence::short($worked->at));
        self::assertStringContainsString(
            'Make 1 print of no picture yet cropped to 8 × 10 in, whichever way suits',
            implode('', array_column(LineSentence::segments($worked->at), 'text')),
        );
        self::assertSame([], FactStrip::of($worked->at));
    }

    public function test_the_facts(): void
    {
        $facts = array_map(
            fn (array $fact): string => self::plain("{$fact['figure']}: {$fact['note']}"),
            FactStrip::of(LineContexts::work()->at),
        );
        self::assertSame(
            [
                '3500 × 2800 px: taken from 4200 × 2800',
                '350 ppi at size: at 300 ppi, reduced × 0.86',
                '17 % cut: left 8.3, right 8.3 %',
                'Sharp from 10 in: to an eye of 1 arcminute',
                '3000 × 2400 px: JPEG 95, 21.6 MB unpacked',
            ],
            $facts,
        );
    }
}
