<?php

declare(strict_types=1);

namespace Tests\core;

use Planisher\Colour\Channels;
use Planisher\Finding\Finding;
use Planisher\Finish\LineReader;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Picture\PictureTrouble;
use Planisher\Studio\OrderContext;

/** Lines, labs and pictures to test with, each made from its order-file form. */
final class LineContexts
{
    public static function picture(int $width, int $height, mixed ...$other): PictureFacts
    {
        return new PictureFacts(
            ...[
                'name' => 'dawn-boat.jpg',
                'sha256' => str_repeat('a', 64),
                'bytes' => 1000,
                'format' => PictureFormat::Jpeg,
                'width' => $width,
                'height' => $height,
                'orientation' => 1,
                'channels' => Channels::Rgb,
                'bits' => 8,
                'alpha' => false,
                'profile' => 'sRGB IEC61966-2.1',
                'profileFlaw' => null,
                ...$other,
            ],
        );
    }

    /** @param  array<string, mixed>  $card */
    public static function lab(array $card = []): LabCard
    {
        return LabCard::fromNode(
            JsonNode::root(
                $card + ['name' => 'Larkmoor', 'sizes' => ['4 x 6 in', '8 x 10 in', '12 x 18 in'], 'formats' => ['jpeg', 'tiff']],
            ),
        );
    }

    /** @param  array<string, mixed>  $line */
    public static function line(array $line = []): LineSpec
    {
        return LineReader::read(JsonNode::root($line + ['picture' => 'dawn-boat.jpg', 'size' => '8 x 10 in']));
    }

    public static function head(): OrderHead
    {
        return new OrderHead('2611-04', 'Isholm Rowing Club', '2026-11-24');
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    public static function work(array $line = [], PictureFacts|PictureTrouble|null $picture = null, array $lab = []): WorkedLine
    {
        [$line, $lab] = [self::line($line), self::lab($lab)];

        $pictures = array_fill(0, count($line->pictures()), $picture ?? self::picture(4200, 2800));
        $name = NameBook::names(self::head(), $lab, [1 => $line])[1];

        return WorkedLine::work($line, $pictures, $lab, $name, orderContext: new OrderContext(self::head(), [], new EvenType()));
    }

    public static function finding(WorkedLine $worked, string $code): ?Finding
    {
        foreach ($worked->findings as $finding) {
            if ($finding->code === $code) {
                return $finding;
            }
        }

        return null;
    }
}
