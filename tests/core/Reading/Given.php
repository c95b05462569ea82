<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use Planisher\Lab\LabCard;
use Planisher\Language\Known;
use Planisher\OrderFile\JsonNode;

/** An order that the lists of the tests are written for. */
final class Given
{
    public const PICTURES = [
        'lighthouse-point.jpg',
        'rowing-boat-dawn.jpg',
        'beehives.jpg',
        'brass-gears.jpg',
        'IMG_0412.jpg',
        'IMG_0413.jpg',
        'IMG_0415.jpg',
        'IMG_0418.jpg',
        'harbour-morning.jpg',
        'harbour-evening.jpg',
        'slipway.jpg',
        'oars.jpg',
    ];

    public static function known(): Known
    {
        return new Known(
            LabCard::fromNode(
                JsonNode::root([
                    'name' => 'Larkmoor Print Lab',
                    'sizes' => [
                        '4 x 6 in',
                        '5 x 7 in',
                        '8 x 8 in',
                        '8 x 10 in',
                        '8 x 12 in',
                        '11 x 14 in',
                        '12 x 18 in',
                        '16 x 20 in',
                        '20 x 30 in',
                        'A4',
                    ],
                    'papers' => [['name' => 'Lustre', 'surface' => 'lustre'], ['name' => 'Cotton rag', 'surface' => 'matte']],
                    'products' => [
                        ['name' => 'canvas'],
                        [
                            'name' => 'metal',
                            'mounts' => [['name' => 'hanging rail']],
                            'options' => [['name' => 'rounded corners'], ['name' => 'float frame']],
                        ],
                    ],
                ]),
            ),
            ['halloway-mark.png'],
        );
    }
}
