<?php

declare(strict_types=1);

namespace Tests\core\House;

use PHPUnit\Framework\TestCase;
use Planisher\Finish\Choice;
use Planisher\House\Choices;
use Planisher\House\HouseFinishSpec;
use Tests\core\LineContexts;

final class HouseFinishTest extends TestCase
{
    public function test_keeps_the_chosen_places_and_no_others(): void
    {
        $line = LineContexts::line([
            'size' => '16 x 20 in',
            'fit' => 'whole',
            'border' => '1 in',
            'paperColour' => '#eeeeee',
            'keyline' => ['colour' => '#333333'],
            'copies' => 7,
            'output' => ['format' => 'tiff', 'ppi' => 240],
        ]);
        $finish = HouseFinishSpec::from($line, [self::choice('fit'), self::choice('border'), self::choice('file')]);
        self::assertSame(
            ['fit' => 'whole', 'border' => '1 in', 'paperColour' => '#eeeeee', 'output' => ['format' => 'tiff']],
            $finish->toArray()['wanted'],
        );
        self::assertEquals($finish, HouseFinishSpec::fromArray($finish->toArray()));
        [$change, $left] = $finish->give(LineContexts::lab(), 'print');
        self::assertSame([], $left);
        self::assertSame(
            [
                'fit' => 'whole',
                'border' => '1 in',
                'paperColour' => '#eeeeee',
                'output' => ['format' => 'tiff', 'quality' => null, 'bits' => null, 'keep' => null],
            ],
            $change->toArray(),
        );
    }

    public function test_a_choice_that_is_the_default_sets_it_back(): void
    {
        [$change] = HouseFinishSpec::from(LineContexts::line(), [self::choice('keyline'), self::choice('border')])->give(
            LineContexts::lab(),
            'print',
        );
        self::assertSame(['keyline' => null, 'border' => null, 'paperColour' => null], $change->toArray());
    }

    public function test_what_the_lab_does_not_have_is_left_and_said(): void
    {
        $line = LineContexts::line([
            'size' => '16 x 20 in',
            'border' => '1 in',
            'carrier' => '20 x 24 in',
            'output' => ['format' => 'tiff', 'bits' => 16, 'colour' => 'Adobe RGB (1998)'],
        ]);
        $finish = HouseFinishSpec::from($line, Choices::all());
        [$change, $left] = $finish->give(LineContexts::lab(['formats' => ['jpeg']]), 'print');
        self::assertSame(['the size 16 × 20 in', 'the sheet 20 × 24 in', 'Adobe RGB (1998)', 'TIFF'], $left);
        self::assertFalse($change->says('size'));
        self::assertFalse($change->says('carrier'));
        self::assertSame('1 in', $change->said('border'));
        [, $left] = $finish->give(
            LineContexts::lab([
                'formats' => ['jpeg', 'tiff'],
                'bits' => [8],
                'sizes' => ['16 x 20 in', '20 x 24 in'],
                'colour' => 'Adobe RGB (1998)',
            ]),
            'print',
        );
        self::assertSame(['16 bits'], $left);
    }

    public function test_every_choice_has_words(): void
    {
        $plain = HouseFinishSpec::from(LineContexts::line(), Choices::all())->words();
        $other = HouseFinishSpec::from(
            LineContexts::line([
                'size' => 'A4',
                'turn' => 'portrait',
                'fit' => 'whole',
                'border' => '1 in',
                'image' => ['width' => '6 in'],
                'raise' => 'optical',
                'keyline' => ['width' => '1 mm'],
                'carrier' => 'none',
                'frameCover' => '0 mm',
                'output' => ['ppi' => 'own', 'colour' => 'sRGB', 'format' => 'jpeg', 'quality' => 80],
                'name' => ['parts' => ['size']],
            ]),
            Choices::all(),
        )->words();
        $canvas = HouseFinishSpec::from(
            LineContexts::line([
                'size' => '60 x 40 cm',
                'make' => 'canvas',
                'product' => 'metal',
                'paper' => 'Rag',
                'forPaper' => ['open' => 0.3],
                'output' => ['sharpen' => ['strength' => 'gentle']],
                'canvas' => ['depth' => '20 mm', 'soften' => 0.3],
                'caption' => ['parts' => ['exposure', ['text' => 'Proof only']]],
                'lettering' => [['text' => 'First day']],
                'overlays' => [['picture' => 'mark.png']],
            ]),
            Choices::all(),
        )->words();
        self::assertSame('a caption of the exposure and “Proof only” below it', $canvas['caption']);
        $other =
            [
                'make' => $canvas['make'],
                'product' => $canvas['product'],
                'paper' => $canvas['paper'],
                'forPaper' => $canvas['forPaper'],
                'sharpen' => $canvas['sharpen'],
                'caption' => $canvas['caption'],
                'lettering' => $canvas['lettering'],
                'overlays' => $canvas['overlays'],
            ] + $other;
        self::assertSame("a canvas, 20\u{2009}mm deep, its edge mirrored, softened by 30\u{2009}%", $canvas['make']);
        $mounted = HouseFinishSpec::from(LineContexts::line(['opening' => ['size' => '5 x 7 in']]), Choices::all())->words();
        $other = ['opening' => $mounted['opening']] + $other;
        foreach (Choices::all() as $choice) {
            self::assertNotSame('', $plain[$choice->name]);
            self::assertNotSame($plain[$choice->name], $other[$choice->name], $choice->name);
        }
    }

    private static function choice(string $name): Choice
    {
        return Choices::named($name) ?? self::fail("no choice {$name}");
    }
}
