<?php

declare(strict_types=1);

namespace Tests\core\Finding;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finding\Severity;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Tests\core\LineContexts;

/** What is found of canvases and panels, and that each remedy does what it says. */
final class WallTest extends TestCase
{
    /** Where no change of the line helps. */
    private const WITHOUT_REMEDY = ['near a fold', 'over a fold', 'no number of panels', 'too small for the wall', 'looked at too near'];

    private const WRAP = ['size' => '60 x 40 cm', 'make' => 'canvas'];

    private const PANELS = ['make' => 'panels', 'size' => '90 x 60 in', 'panels' => ['columns' => [1, 1, 1]]];

    /** @param  list<array{float, float, float, float}>  $areas */
    private static function marked(array $areas, mixed ...$other): PictureFacts
    {
        return LineContexts::picture(6000, 4000, ...$other)->with(
            mustStayIn: array_map(
                fn (array $a): MustStayIn => MustStayIn::fromNode(
                    JsonNode::root(['label' => 'the light', 'x' => $a[0], 'y' => $a[1], 'width' => $a[2], 'height' => $a[3]]),
                ),
                $areas,
            ),
        );
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function work(array $line, ?PictureFacts $picture = null, array $lab = []): WorkedLine
    {
        return LineContexts::work($line, $picture ?? LineContexts::picture(6000, 4000), $lab + ['nameLength' => 80]);
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    #[DataProvider('findings')]
    public function test_finds(
        string $code,
        Severity $level,
        string $says,
        array $line,
        ?PictureFacts $picture = null,
        array $lab = [],
    ): void {
        $worked = self::work($line, $picture, $lab);
        $finding = LineContexts::finding($worked, $code);
        self::assertNotNull($finding, 'found: '.implode(', ', array_map(fn ($f): string => $f->code, $worked->findings)));
        self::assertSame($level, $finding->level);
        self::assertMatchesRegularExpression("/{$says}/u", str_replace("\u{2009}", ' ', "{$finding->title}. {$finding->text}"));
        $hasRemedy = $level !== Severity::Fine && ! in_array($this->dataName(), self::WITHOUT_REMEDY, true);
        self::assertSame($hasRemedy, $finding->remedy !== null);
        if ($finding->remedy !== null) {
            $after = self::work($finding->remedy->change->onto($line), $picture, $lab);
            self::assertNull(LineContexts::finding($after, $code), "“{$finding->remedy->label}” mends it");
        }
    }

    /** @return iterable<string, list<mixed>> */
    public static function findings(): iterable
    {
        $lab = ['canvas' => ['depth' => '2 cm']];
        yield 'the face is what was ordered' => [
            'edge-added',
            Severity::Fine,
            '60 × 40 cm, and 2 cm all round it: 64 × 44 cm',
            self::WRAP,
            null,
            $lab,
        ];
        yield 'depth 0' => [
            'edge-without-depth',
            Severity::Error,
            'Say how deep',
            ['canvas' => ['depth' => '0 in']] + self::WRAP,
            null,
            $lab,
        ];
        yield 'deeper than half the face' => [
            'edge-too-deep',
            Severity::Error,
            '21 cm all round.*60 × 40 cm.*unit',
            ['canvas' => ['depth' => '21 cm']] + self::WRAP,
            null,
            $lab,
        ];
        yield 'with its spare deeper than half' => [
            'edge-too-deep',
            Severity::Error,
            '19 cm and 2 cm to spare',
            ['canvas' => ['depth' => '19 cm', 'spare' => '2 cm']] + self::WRAP,
        ];
        yield 'the lab does not say' => ['edge-depth-assumed', Severity::Warning, '2 cm of edge is assumed.*Ask', self::WRAP];
        yield 'unlike the lab’s bars' => [
            'edge-depth-unlike',
            Severity::Warning,
            'bars are 2 cm deep.*1\.5 in',
            ['canvas' => ['depth' => '1.5 in']] + self::WRAP,
            null,
            $lab,
        ];
        yield 'pages in a JPEG' => [
            'pages-need-tiff',
            Severity::Error,
            'no second page',
            self::WRAP,
            null,
            ['canvas' => ['depth' => '2 cm', 'edgesApart' => 'pages']],
        ];
        yield 'apart' => ['edges-apart', Severity::Fine, 'Two files', ['canvas' => ['edgesApart' => true]] + self::WRAP];
        yield 'runs on' => [
            'face-loses',
            Severity::Fine,
            '15 % of the window.*2 cm of picture',
            ['canvas' => ['edge' => 'runs-on']] + self::WRAP,
        ];
        yield 'loses much by it' => [
            'face-loses-much',
            Severity::Warning,
            '5 cm of picture',
            ['canvas' => ['edge' => 'runs-on', 'depth' => '5 cm']] + self::WRAP,
        ];
        yield 'something else asked for' => [
            'left-out',
            Severity::Warning,
            '“border” means nothing for a canvas',
            ['border' => '1 in'] + self::WRAP,
        ];
        // On a face of 600 mm, 6000 px wide: a pixel is 0.1 mm.
        yield 'near a fold' => [
            'must-stay-in-near-fold',
            Severity::Warning,
            'close to a fold.*on the left is 3 mm away',
            ['window' => ['x' => 0.5, 'y' => 0.5, 'tight' => 1], 'canvas' => ['edge' => 'one-colour']] + self::WRAP,
            self::marked([[0.005, 0.3, 0.2, 0.2]]),
        ];
        yield 'over a fold' => [
            'must-stay-in-folded',
            Severity::Error,
            'goes round the bar.*beyond the fold on the left',
            ['canvas' => ['edge' => 'runs-on']] + self::WRAP,
            self::marked([[0.0, 0.3, 0.2, 0.2]]),
        ];
        yield 'cut at the fold' => [
            'must-stay-in-folded',
            Severity::Error,
            'is cut at the fold',
            ['window' => ['x' => 0.7, 'y' => 0.5, 'tight' => 2]] + self::WRAP,
            self::marked([[0.3, 0.4, 0.3, 0.2]]),
        ];
        yield 'clear of folds' => [
            'must-stay-in-clear',
            Severity::Fine,
            '180 mm from “the light”|120 mm',
            self::WRAP,
            self::marked([[0.3, 0.3, 0.2, 0.2]]),
        ];
        yield 'doubled by the mirror' => [
            'must-stay-in-doubled',
            Severity::Warning,
            'lies 12 mm from the fold on the left.*mirrored, shows it a second time',
            self::WRAP,
            self::marked([[0.02, 0.3, 0.2, 0.2]]),
        ];
        yield 'doubled even drawn out' => [
            'must-stay-in-doubled',
            Severity::Warning,
            'drawn out, shows it',
            ['canvas' => ['edge' => 'drawn-out']] + self::WRAP,
            self::marked([[0.001, 0.3, 0.2, 0.2]]),
        ];

        yield 'widths that do not add up' => [
            'panels-dont-add-up',
            Severity::Error,
            '30, 30 and 28 in make 88 in.*90 in.*2 in are missing',
            ['panels' => ['columns' => ['30 in', '30 in', '28 in']]] + self::PANELS,
        ];
        yield 'widths that are too much' => [
            'panels-dont-add-up',
            Severity::Error,
            'make 95 in.*5 in too much',
            ['panels' => ['columns' => ['30 in', '30 in', '35 in']]] + self::PANELS,
        ];
        yield 'far too much' => [
            'panels-dont-add-up',
            Severity::Error,
            'too much',
            ['panels' => ['columns' => ['60 in', '60 in', '1 in']]] + self::PANELS,
        ];
        yield 'heights that do not add up' => [
            'panels-dont-add-up',
            Severity::Error,
            'heights don’t add up',
            ['panels' => ['columns' => [1], 'rows' => ['30 in', '20 in']]] + self::PANELS,
        ];
        yield 'nothing left between gaps' => [
            'panels-no-room',
            Severity::Error,
            'Gaps or overlaps take all of it',
            ['panels' => ['columns' => [1, 1, 1], 'gap' => '45 in', 'behindGap' => 'drop']] + self::PANELS,
        ];
        yield 'overlapping all over' => [
            'panels-no-room',
            Severity::Error,
            'unit',
            ['panels' => ['columns' => [1, 10], 'overlap' => '10 in']] + self::PANELS,
        ];
        yield 'apart and overlapping' => [
            'gap-and-overlap',
            Severity::Error,
            'can’t hang apart and overlap',
            ['panels' => ['columns' => [1, 1], 'gap' => '1 in', 'overlap' => '1 in']] + self::PANELS,
        ];
        yield 'one panel' => ['panels-one', Severity::Warning, 'no set', ['panels' => ['columns' => [1]]] + self::PANELS];
        yield 'alike' => ['panels-alike', Severity::Fine, '3 of 30 × 60 in', self::PANELS];
        yield 'of two sizes' => [
            'panels-of-sizes',
            Severity::Fine,
            '2 of 22\.5 × 60 in, 1 of 45 × 60 in',
            ['panels' => ['columns' => [1, 2, 1]]] + self::PANELS,
        ];
        yield 'a panel over the largest piece' => [
            'piece-too-large',
            Severity::Error,
            'The panel middle is larger.*45 × 60 in doesn’t fit Larkmoor’s largest piece, 40 × 60 in: it is 5 in in '.
            'width too large.*3 × 1 panels would do',
            ['panels' => ['columns' => [1, 2, 1]]] + self::PANELS,
            null,
            ['largestPiece' => '40 x 60 in'],
        ];
        yield 'no number of panels' => [
            'piece-too-large',
            Severity::Error,
            'No number of panels would do',
            self::PANELS,
            null,
            ['largestPiece' => '1 x 1 in'],
        ];
        yield 'of the product it is on' => [
            'piece-too-large',
            Severity::Error,
            'largest piece, 20 × 30 in',
            ['product' => 'metal'] + self::PANELS,
            null,
            ['largestPiece' => '48 x 96 in', 'products' => [['name' => 'metal', 'largestPiece' => '20 x 30 in']]],
        ];
        yield 'a canvas over the lab’s canvases' => [
            'piece-too-large',
            Severity::Error,
            'it is 10 cm in width too large',
            self::WRAP,
            null,
            ['products' => [['name' => 'canvas', 'largestPiece' => '50 x 50 cm']]],
        ];
        yield 'pieces fit' => ['pieces-fit', Severity::Fine, '48 × 96 in', self::PANELS, null, ['largestPiece' => '48 x 96 in']];
        yield 'printed on what the lab has not' => [
            'product-unknown',
            Severity::Warning,
            'has no “slate”.*Its card has metal',
            ['product' => 'slate'] + self::PANELS,
            null,
            ['products' => [['name' => 'metal']]],
        ];
        yield 'on a joint' => [
            'must-stay-in-joint',
            Severity::Error,
            'The right joint goes through it, 3 in from its edge',
            self::PANELS,
            self::marked([[0.6333, 0.3, 0.1, 0.2]]),
        ];
        yield 'near a joint' => [
            'must-stay-in-near-joint',
            Severity::Warning,
            'The left joint is 0\.15 in away',
            self::PANELS,
            self::marked([[0.335, 0.3, 0.1, 0.2]]),
        ];
        yield 'between rows' => [
            'must-stay-in-joint',
            Severity::Error,
            'The joint between rows goes through it',
            ['panels' => ['columns' => [1], 'rows' => [1, 1]]] + self::PANELS,
            self::marked([[0.3, 0.4, 0.1, 0.2]]),
        ];
        yield 'behind a gap that drops it' => [
            'must-stay-in-joint',
            Severity::Error,
            'joint goes through it',
            ['panels' => ['columns' => [1, 1], 'gap' => '4 in', 'behindGap' => 'drop']] + self::PANELS,
            self::marked([[0.485, 0.3, 0.005, 0.2]]),
        ];
        yield 'clear of joints' => [
            'must-stay-in-off-joints',
            Severity::Fine,
            'nearest is 4\.5',
            self::PANELS,
            self::marked([[0.4, 0.3, 0.2166, 0.2]]),
        ];
        yield 'enough for the wall, below the lab’s least' => [
            'pixels-enough',
            Severity::Fine,
            '67 ppi.*looked at from 9 ft',
            self::PANELS,
            null,
            ['minimumPpi' => 100],
        ];
        yield 'too small for the wall' => [
            'pixels-too-few',
            Severity::Error,
            'carries at most 19\.9 × 13\.3 in',
            self::PANELS,
            LineContexts::picture(2000, 1333),
            ['minimumPpi' => 100],
        ];
        yield 'looked at too near' => [
            'pixels-too-few',
            Severity::Error,
            '67 ppi',
            ['viewedFrom' => '20 in'] + self::PANELS,
            null,
            ['minimumPpi' => 100],
        ];
        yield 'far away even a print may be coarse' => [
            'pixels-enough',
            Severity::Fine,
            'looked at from 3 m',
            ['size' => '40 x 60 in', 'viewedFrom' => '300 cm', 'carrier' => 'none'],
            LineContexts::picture(3000, 2000),
            ['minimumPpi' => 100],
        ];
        yield 'balance' => [
            'balance-off',
            Severity::Fine,
            'The weight lies 25 % left of the middle',
            self::PANELS,
            self::marked([], contrast: str_repeat(str_repeat('64', 12).str_repeat('00', 12), 16)),
        ];
        yield 'balanced' => [
            'balanced',
            Severity::Fine,
            'in the middle',
            self::PANELS,
            self::marked([], contrast: str_repeat('64', 24 * 16)),
        ];
        yield 'enlarged for a wall' => ['enlarged', Severity::Warning, 'Enlarged 4\.5 times', self::PANELS];
    }

    public function test_the_proposal_for_a_joint_is_told_with_its_figures(): void
    {
        $remedy = LineContexts::finding(self::work(self::PANELS, self::marked([[0.6, 0.3, 0.1, 0.2]])), 'must-stay-in-joint')?->remedy;
        self::assertSame('Share it out as 26.75, 36.5, 26.75 in', $remedy?->label);
        self::assertSame(['panels' => ['columns' => ['26.75 in', '36.5 in', '26.75 in']]], $remedy->change->toArray());
    }

    public function test_a_print_too_large_can_become_panels(): void
    {
        $remedy = LineContexts::finding(
            self::work(['size' => '90 x 60 in', 'carrier' => 'none'], null, ['largestPiece' => '40 x 60 in', 'minimumPpi' => 30]),
            'piece-too-large',
        )?->remedy;
        self::assertSame('Share it out between 3 panels', $remedy?->label);
        self::assertFalse(
            self::work(
                array_filter($remedy->change->toArray()['panels']) === []
                    ? []
                    : ['size' => '90 x 60 in', 'make' => 'panels', 'panels' => array_filter($remedy->change->toArray()['panels'])],
                null,
                ['largestPiece' => '40 x 60 in', 'minimumPpi' => 30],
            )->isStopped(),
        );
    }
}
