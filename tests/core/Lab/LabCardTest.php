<?php

declare(strict_types=1);

namespace Tests\core\Lab;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\ProfileShelf;
use Planisher\Lab\LabCard;
use Planisher\OrderFile\OrderFileError;
use Tests\core\LineContexts;

final class LabCardTest extends TestCase
{
    /** @param  array<string, mixed>  $card */
    private static function lab(array $card): LabCard
    {
        return LineContexts::lab($card)->knowing(
            new ProfileShelf([
                'rag.icc' => new PaperProfile('rag.icc', str_repeat('a', 64), 'Rag'),
                'torn.icc' => 'it is cut off at 90 of 100 bytes',
            ]),
        );
    }

    /**
     * @param  array<string, mixed>  $card
     * @param  list<string>  $says  a pattern each
     */
    #[DataProvider('cards')]
    public function test_where_it_contradicts_itself(array $card, array $says): void
    {
        $found = self::lab($card)->disagreements();
        self::assertCount(count($says), $found);
        foreach ($says as $i => $pattern) {
            self::assertMatchesRegularExpression("/{$pattern}/u", $found[$i]);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function cards(): iterable
    {
        $rag = [['name' => 'Rag', 'surface' => 'matte', 'profile' => 'rag.icc'], ['name' => 'Plain']];
        yield 'sound' => [['papers' => $rag, 'takesPaperProfiles' => true, 'bits' => [8, 16], 'minimumPpi' => 300], []];
        yield 'files in a profile that no paper has' => [
            ['papers' => [['name' => 'Rag']], 'takesPaperProfiles' => true],
            ['none of its papers has one'],
        ];
        yield 'a profile that can’t be used' => [
            ['papers' => [['name' => 'Rag', 'profile' => 'torn.icc']]],
            ['“Rag” can’t be used: it is cut off'],
        ];
        yield 'deep JPEGs' => [['formats' => ['jpeg'], 'bits' => [8, 16]], ['takes no TIFF']];
        yield 'more at least than at all' => [['ppi' => 240, 'minimumPpi' => 250], ['at least 250 ppi, and files are made at 240']];
    }

    public function test_papers_are_told_apart_by_name(): void
    {
        $this->expectException(OrderFileError::class);
        $this->expectExceptionMessageMatches('/papers.*told apart by their names/');
        self::lab(['papers' => [['name' => 'Rag'], ['name' => 'Rag', 'surface' => 'matte']]]);
    }
}
