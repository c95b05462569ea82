<?php

declare(strict_types=1);

namespace Tests\core\Drawing;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Drawing\Dimension;
use Planisher\Finish\Finishes;
use Planisher\Finish\TypedFigure;
use Planisher\Measure\MeasureError;
use Planisher\Order\WorkedLine;
use Tests\core\LineContexts;

/** A figure typed into the drawing comes back as it was typed. */
final class TypedFigureTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $line
     * @return array<string, mixed> the line with the typed figure
     */
    private static function typed(array $line, string $name, string $typed): array
    {
        $worked = LineContexts::work($line, lab: ['sizes' => ['16 x 20 in', '8 x 10 in']]);
        $change = TypedFigure::change($worked->line, $worked->plan?->layout, $name, $typed);
        $changed = array_replace_recursive($line, $change->toArray());

        return json_decode((string) preg_replace('/"\w+":null,?|,"\w+":null/', '', (string) json_encode($changed)), true);
    }

    /** @return list<Dimension> */
    private static function dimensions(WorkedLine $worked): array
    {
        $drawn = Finishes::dimensioning(Finishes::of($worked->line)) ?? throw new \LogicException('It has none of its own.');

        return $drawn->dimensions($worked->plan->layout ?? throw new \LogicException('no plan'));
    }

    /** @param  array<string, mixed>  $line */
    private static function label(array $line, string $name): ?string
    {
        $worked = LineContexts::work($line, lab: ['sizes' => ['16 x 20 in', '8 x 10 in']]);
        $found = array_values(array_filter(self::dimensions($worked), fn (Dimension $d): bool => $d->name === $name));

        return isset($found[0]) ? strtr($found[0]->label, ["\u{2009}" => ' ']) : null;
    }

    /** @param  array<string, mixed>  $line */
    #[DataProvider('figures')]
    public function test_comes_back_as_typed(array $line, string $name, string $typed, string $shows): void
    {
        self::assertSame($shows, self::label(self::typed($line, $name, $typed), $name));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string, string}> */
    public static function figures(): iterable
    {
        $mounted = ['size' => '16 x 20 in', 'fit' => 'whole', 'border' => '2 in'];
        yield 'the width of the paper' => [['size' => '8 x 10 in'], 'paper-width', '0.787 in', '0.787 in'];
        yield 'in another unit' => [['size' => '8 x 10 in'], 'paper-width', '30 cm', '30 cm'];
        yield 'a bare number is in the paper’s unit' => [['size' => '20 x 30 cm', 'carrier' => 'none'], 'paper-height', '25', '25 cm'];
        yield 'the image’s width' => [$mounted, 'image-width', '12 in', '12 in'];
        yield 'the image’s height' => [$mounted, 'image-height', '9 in', '9 in'];
        yield 'a margin of a whole picture scales it' => [$mounted, 'margin-left', '4 in', '4 in'];
        yield 'in millimetres on an inch paper' => [$mounted, 'margin-top', '100 mm', '3.94 in'];
        yield 'a border’s one side' => [['size' => '8 x 10 in', 'border' => '1 in'], 'margin-bottom', '1.5 in', '1.5 in'];
    }

    public function test_scaling_keeps_the_centre(): void
    {
        $line = self::typed(['size' => '16 x 20 in', 'fit' => 'whole', 'border' => '2 in'], 'margin-left', '5 in');
        self::assertSame(
            [self::label($line, 'margin-left'), self::label($line, 'margin-top')],
            [self::label($line, 'margin-right'), self::label($line, 'margin-bottom')],
        );
    }

    public function test_a_margin_in_another_unit_is_kept_to_the_nanometre(): void
    {
        $line = self::typed(['size' => '16 x 20 in', 'turn' => 'landscape', 'fit' => 'whole', 'border' => '2 in'], 'margin-left', '100 mm');
        self::assertSame(['width' => '308 mm'], $line['image'], '508 mm less twice 100 mm');
        self::assertSame(100_000_000, LineContexts::work($line, lab: ['sizes' => ['16 x 20 in']])->plan?->layout->image->x);
    }

    #[DataProvider('impossible')]
    public function test_says_what_cannot_be(string $name, string $typed, string $says): void
    {
        $this->expectException(MeasureError::class);
        $this->expectExceptionMessageMatches("/{$says}/u");
        self::typed(['size' => '16 x 20 in', 'fit' => 'whole', 'border' => '2 in'], $name, $typed);
    }

    /** @return iterable<array{string, string, string}> */
    public static function impossible(): iterable
    {
        yield ['margin-left', 'banana', 'banana. is not a length'];
        yield ['margin-left', '12 in', 'the image would vanish'];
        yield ['image-width', '0 in', 'above 0'];
        yield ['paper-width', '0', 'side of 0'];
        yield ['sheet-width', '20 in', 'no figure that can be typed'];
    }

    /** Figures of one row never name two lengths the same, and every margin that is there is dimensioned. */
    public function test_every_length_is_dimensioned_once(): void
    {
        $worked = LineContexts::work(
            ['size' => '11 x 15 in', 'fit' => 'whole', 'border' => '1 in'],
            lab: ['sizes' => ['12 x 18 in', '8 x 10 in']],
        );
        $names = array_map(fn (Dimension $d): string => $d->name, self::dimensions($worked));
        self::assertSame($names, array_unique($names));
        self::assertEqualsCanonicalizing(
            [
                'sheet-width',
                'sheet-height',
                'trim-top',
                'trim-bottom',
                'trim-left',
                'trim-right',
                'paper-width',
                'paper-height',
                'image-width',
                'image-height',
                'margin-top',
                'margin-bottom',
                'margin-left',
                'margin-right',
            ],
            $names,
        );
    }
}
