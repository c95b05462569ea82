<?php

declare(strict_types=1);

namespace Tests\core\Lab;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finding\Remedy;
use Tests\core\LineContexts;

/** One size in two systems. An inch is 25.4 mm (ISO 31-1); A4 is 210 × 297 mm (ISO 216). */
final class MeantSizesTest extends TestCase
{
    private const LAB = ['sizes' => ['4 x 6 in', '5 x 7 in', '8 x 10 in', 'A4', '16 x 20 in']];

    /** @param  array{int, int}  $pixels */
    #[DataProvider('meant')]
    public function test_what_differs_by_rounding_is_the_listed_size(string $asked, array $pixels, string $name): void
    {
        $worked = LineContexts::work(['size' => $asked], null, self::LAB);
        $file = $worked->plan->files[0] ?? self::fail('no plan');
        self::assertEqualsCanonicalizing($pixels, [$file->width, $file->height]);
        self::assertSame($asked, $worked->line->toArray()['size'], 'it stays as it was written');
        self::assertStringContainsString("_{$name}_", $file->name);
        $told = LineContexts::finding($worked, 'size-listed') ?? self::fail('nothing is said of it');
        self::assertStringContainsString(str_replace(' x ', ' × ', $asked), str_replace("\u{2009}", ' ', $told->text));
    }

    /** @return array<string, array{string, array{int, int}, string}> pixels at 300 ppi */
    public static function meant(): array
    {
        return [
            '4 × 6 in' => ['10.2 x 15.2 cm', [1200, 1800], '4x6'],
            '8 × 10 in' => ['25.4 x 20.3 cm', [2400, 3000], '8x10'],
            '8 × 10 in in millimetres' => ['254 x 203 mm', [2400, 3000], '8x10'],
            'A4 in inches' => ['8.27 x 11.69 in', [2480, 3508], 'a4'],
        ];
    }

    public function test_what_is_nearly_one_keeps_its_figures_and_is_offered_it_first(): void
    {
        $remedies = function (string $asked): array {
            $worked = LineContexts::work(['size' => $asked], null, self::LAB);
            self::assertSame($asked, (string) $worked->line->sized()->size);
            $finding = LineContexts::finding($worked, 'carrier-used') ?? self::fail('it is on no sheet');

            return array_map(fn (?Remedy $of): string => str_replace("\u{2009}", ' ', $of->label ?? ''), [
                $finding->remedy,
                ...$finding->others,
            ]);
        };
        // 4 in are 101.6 mm and 6 in 152.4 mm: 1.6 and 2.4 mm more than 10 × 15 cm
        self::assertSame(
            'Take the lab’s 4 × 6 in: 1.6 mm more on the short side and 2.4 mm more on the long side',
            $remedies('10 x 15 cm')[0],
        );
        self::assertStringStartsWith('Take the lab’s 5 × 7 in', $remedies('13 x 18 cm')[0]);
        self::assertStringStartsWith('Keep', $remedies('11 x 15 in')[0], '11 × 15 is no 16 × 20');
    }
}
