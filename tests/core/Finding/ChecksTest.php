<?php

declare(strict_types=1);

namespace Tests\core\Finding;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Channels;
use Planisher\Colour\PaperProfile;
use Planisher\Colour\ProfileShelf;
use Planisher\Colour\TaggedColour;
use Planisher\Finding\Finding;
use Planisher\Finding\Remedy;
use Planisher\Finding\Severity;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Tests\core\LineContexts;

final class ChecksTest extends TestCase
{
    public function test_what_was_seen_when_a_picture_was_handed_in_is_told(): void
    {
        $look = fn (string $code, mixed ...$facts): ?string => LineContexts::finding(
            LineContexts::work([], LineContexts::picture(4200, 2800, ...$facts)),
            $code,
        )?->text;
        self::assertNull($look('picture-damaged'));
        self::assertStringContainsString('gave a warning', (string) $look('picture-damaged', warnings: 1));
        self::assertStringContainsString('gave 7 warnings', (string) $look('picture-damaged', warnings: 7));
        self::assertStringContainsString('page 3, the largest', (string) $look('page-chosen', page: 2, pages: 5));
        self::assertStringContainsString('#ffffff', (string) $look('picture-flattened', alpha: true, isSeeThrough: true));
        self::assertStringContainsString('2 channels beside its colours', (string) $look('channels-left-out', extra: 2));
        self::assertStringContainsString('perceptual intent only', (string) $look('profile-perceptual', isPerceptualOnly: true));
        self::assertStringContainsString('CIE Lab', (string) $look('profile-known', channels: Channels::Lab, profile: null));
        $tagged = TaggedColour::ofPng(100_000, null);
        self::assertStringContainsString('PNG chunks', (string) $look('profile-tagged', profile: null, tagged: $tagged));
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
        array $line = [],
        PictureFacts|PictureTrouble|null $picture = null,
        array $lab = [],
    ): void {
        $worked = LineContexts::work($line, $picture, $lab);
        $finding = LineContexts::finding($worked, $code);
        self::assertNotNull($finding, 'found: '.implode(', ', array_map(fn ($f): string => $f->code, $worked->findings)));
        self::assertSame($level, $finding->level);
        self::assertMatchesRegularExpression("/{$says}/u", "{$finding->title}. {$finding->text}");
        self::assertSame($level === Severity::Error, $worked->isStopped());
    }

    /** @return iterable<string, list<mixed>> */
    public static function findings(): iterable
    {
        yield 'listed' => ['size-listed', Severity::Fine, 'is on Larkmoor’s list'];
        yield 'listed, turned' => ['size-listed', Severity::Fine, '10 × 8', ['size' => '10 x 8 in']];
        yield 'not listed, on its own paper' => [
            'size-not-listed',
            Severity::Warning,
            '12 × 18 in is the smallest sheet that holds it',
            ['size' => '8.5 x 11 in', 'carrier' => 'none'],
        ];
        yield 'carried' => [
            'carrier-used',
            Severity::Warning,
            'White to trim away: 1\.75.in above and below, 3\.5.in left and right',
            ['size' => '8.5 x 11 in'],
        ];
        yield 'the documented carrier' => [
            'carrier-used',
            Severity::Warning,
            '12 × 18 in is the smallest sheet.*0\.5.in above and below, 1\.5.in left and right',
            ['size' => '15 x 11 in'],
        ];
        yield 'carrier kept' => ['carrier-kept', Severity::Fine, 'Laid on 12 × 18 in', ['size' => '15 x 11 in', 'carrier' => '12 x 18 in']];
        yield 'carrier too small' => [
            'carrier-too-small',
            Severity::Error,
            '8 × 10 in is too small a sheet',
            ['size' => '15 x 11 in', 'carrier' => '8 x 10 in'],
        ];
        yield 'carrier not listed' => [
            'carrier-not-listed',
            Severity::Warning,
            'cut or refuse the sheet',
            ['size' => '15 x 11 in', 'carrier' => '20 x 24 in'],
        ];
        yield 'no sheet' => [
            'no-sheet-holds',
            Severity::Warning,
            'largest sheet Larkmoor lists is 12 × 18 in',
            ['size' => '16 x 20 in'],
            LineContexts::picture(6000, 4800),
        ];
        yield 'margins too large' => [
            'margins-too-large',
            Severity::Error,
            '3.in on 6 × 4 in leaves nothing',
            ['size' => '4 x 6 in', 'border' => '3 in'],
        ];
        yield 'border typed in the wrong unit' => ['border-heavy', Severity::Warning, '90.% of the paper is border', ['border' => '3 in']];
        yield 'keyline wider than its border' => [
            'keyline-wide',
            Severity::Warning,
            '5.mm is wider than the border',
            ['border' => '3 mm', 'keyline' => ['width' => '5 mm']],
        ];
        yield 'keyline typed in the wrong unit' => [
            'keyline-wide',
            Severity::Warning,
            '3.in all round hides',
            ['keyline' => ['width' => '3 in']],
        ];
        yield 'raised too far' => [
            'raised-too-far',
            Severity::Warning,
            '2.in is more than the 1.in above',
            ['border' => '1 in', 'raise' => '2 in'],
        ];
        yield 'image too large' => [
            'image-too-large',
            Severity::Warning,
            '12.in wide doesn’t fit',
            ['fit' => 'whole', 'image' => ['width' => '12 in']],
        ];
        yield 'bleed of picture' => [
            'bleed-added',
            Severity::Fine,
            '3.mm of bleed all round.*picture goes on into it',
            [],
            null,
            ['bleed' => '3 mm'],
        ];
        yield 'bleed of paper' => ['bleed-added', Severity::Fine, 'It is paper', ['border' => '1 in'], null, ['bleed' => '3 mm']];
        yield 'plenty' => ['pixels-plenty', Severity::Fine, '350.ppi'];
        yield 'enough' => ['pixels-enough', Severity::Fine, 'sharp from', ['size' => '12 x 18 in'], LineContexts::picture(3600, 2400)];
        yield 'soft' => ['pixels-soft', Severity::Warning, '150.ppi', [], LineContexts::picture(1500, 1200)];
        yield 'too few' => ['pixels-too-few', Severity::Error, 'carries at most 8 × 6\.4 in', [], LineContexts::picture(800, 640)];
        yield 'enlarged' => ['enlarged', Severity::Warning, 'Enlarged 2\.1 times', [], LineContexts::picture(1400, 1120)];
        yield 'cut much' => ['cut-much', Severity::Warning, '17.% of the picture'];
        yield 'cut little' => ['cut-little', Severity::Fine, '3\.1.% from the left', ['size' => '8 x 11.25 in']];
        yield 'cut nothing' => ['cut-nothing', Severity::Fine, 'Nothing is cut', ['size' => '4 x 6 in']];
        yield 'profile known' => ['profile-known', Severity::Fine, 'in sRGB already'];
        yield 'profile converted' => [
            'profile-known',
            Severity::Fine,
            'From sRGB IEC61966-2\.1 into Adobe',
            [],
            null,
            ['colour' => 'Adobe RGB (1998)'],
        ];
        yield 'no profile' => ['profile-none', Severity::Warning, 'Taken as sRGB', [], LineContexts::picture(4200, 2800, profile: null)];
        yield 'broken profile' => [
            'profile-unreadable',
            Severity::Warning,
            'but it is cut off',
            [],
            LineContexts::picture(4200, 2800, profileFlaw: 'it is cut off'),
        ];
        yield 'CMYK without profile' => [
            'profile-none',
            Severity::Warning,
            'CMYK',
            [],
            LineContexts::picture(4200, 2800, profile: null, channels: Channels::Cmyk),
        ];
        yield 'format' => [
            'format-not-taken',
            Severity::Error,
            'takes no TIFF',
            ['output' => ['format' => 'tiff']],
            null,
            ['formats' => ['jpeg']],
        ];
        yield 'bits of a JPEG' => ['bits-not-taken', Severity::Error, 'no 16 bits', ['output' => ['bits' => 16]]];
        yield 'bits of the lab' => ['bits-not-taken', Severity::Error, 'no 16-bit files', ['output' => ['bits' => 16, 'format' => 'tiff']]];
        yield 'colour' => ['colour-not-taken', Severity::Error, 'wrong colours', ['output' => ['colour' => 'Adobe RGB (1998)']]];
        yield 'piece' => [
            'piece-too-large',
            Severity::Error,
            'largest piece, 20 × 30 in',
            ['size' => '24 x 24 in'],
            LineContexts::picture(9000, 9000),
            ['largestPiece' => '20 x 30 in'],
        ];
        yield 'file' => [
            'file-large',
            Severity::Warning,
            'takes 20.MB',
            ['output' => ['format' => 'tiff']],
            null,
            ['maxBytes' => 20_000_000],
        ];
        yield 'no copies' => ['copies-zero', Severity::Error, 'nothing would be made', ['copies' => 0]];
        yield 'no picture' => ['no-picture', Severity::Error, 'Choose one', ['picture' => null], PictureTrouble::none()];
        yield 'missing' => ['picture-missing', Severity::Error, '“dawn\.jpg” isn’t where', [], PictureTrouble::missing('dawn.jpg')];
        yield 'changed' => ['picture-changed', Severity::Error, 'Add it again', [], PictureTrouble::changed('dawn.jpg')];
        yield 'screen copy' => ['screen-copy', Severity::Fine, 'isn’t sent to the lab', ['make' => 'screen-copy']];
        yield 'screen copy of a small picture' => [
            'screen-copy-smaller',
            Severity::Warning,
            'never enlarged',
            ['make' => 'screen-copy', 'longSide' => 9000],
        ];
        yield 'sharpened' => [
            'sharpened',
            Severity::Fine,
            'normally for lustre',
            ['output' => ['sharpen' => ['surface' => 'lustre', 'strength' => 'normal']]],
        ];
        yield 'all its data kept' => ['private-data-kept', Severity::Warning, 'go to', ['output' => ['keep' => 'everything']]];
        yield 'sharpened for another surface' => [
            'sharpening-unlike-paper',
            Severity::Warning,
            '“Rag” is matte',
            ['output' => ['sharpen' => ['surface' => 'glossy']]],
            null,
            ['papers' => [['name' => 'Rag', 'surface' => 'matte']]],
        ];
        yield 'a paper the lab has not' => [
            'paper-unknown',
            Severity::Warning,
            'no “Slate”.*Its card has Rag',
            ['paper' => 'Slate'],
            null,
            ['papers' => [['name' => 'Rag']]],
        ];
        yield 'a paper whose profile is not there' => [
            'paper-profile-refused',
            Severity::Warning,
            'isn’t there',
            [],
            null,
            ['papers' => [['name' => 'Rag', 'profile' => 'rag.icc']]],
        ];
        yield 'a profile that is not there' => [
            'profile-refused',
            Severity::Error,
            '“rag.icc” can’t be used. It isn’t there',
            ['output' => ['colour' => 'rag.icc']],
        ];
        yield 'its paper’s profile, which it has not' => [
            'profile-missing',
            Severity::Error,
            'has none for it',
            ['output' => ['colour' => 'paper']],
        ];
        yield 'name' => ['name-safe', Severity::Fine, '\d+ characters', ['subject' => 'Boat'], null, ['nameLength' => 60]];
        yield 'name shortened' => ['name-shortened', Severity::Fine, 'takes 20', [], null, ['nameLength' => 20]];
    }

    public function test_worst_comes_first(): void
    {
        $worked = LineContexts::work(['size' => '11 x 15 in', 'copies' => 0]);
        $ranks = array_map(fn ($finding): int => $finding->level->rank(), $worked->findings);
        self::assertSame('copies-zero', $worked->worst()->code);
        $sorted = $ranks;
        sort($sorted);
        self::assertSame($sorted, $ranks);
    }

    public function test_defaults_of_the_order_file_ask_for_nothing_that_is_missing(): void
    {
        $asked = [
            'border' => '0 in',
            'raise' => '0 mm',
            'paperColour' => '#ffffff',
            'keyline' => null,
            'carrier' => 'auto',
            'trimMarks' => true,
            'frameCover' => '5 mm',
            'forPaper' => ['open' => 0, 'contrast' => 0],
        ];
        self::assertNull(LineContexts::finding(LineContexts::work($asked), 'not-made-yet'));
    }

    /**
     * A remedy is one press: the changed line no longer has the finding.
     *
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    #[DataProvider('remedies')]
    public function test_remedies_cure(array $line, string $code, array $lab = []): void
    {
        $finding = LineContexts::finding(LineContexts::work($line, null, $lab), $code);
        self::assertNotNull($finding?->remedy);
        $cured = array_filter(array_replace_recursive($line, $finding->remedy->change->toArray()), fn (mixed $v): bool => $v !== null);
        self::assertNull(LineContexts::finding(LineContexts::work($cured, null, $lab), $code));
    }

    /** @return iterable<array{0: array<string, mixed>, 1: string, 2?: array<string, mixed>}> */
    public static function remedies(): iterable
    {
        yield [['size' => '8.5 x 11 in', 'carrier' => 'none'], 'size-not-listed'];
        yield [['size' => '8.5 x 11 in'], 'carrier-used'];
        yield [['size' => '8.5 x 11 in', 'carrier' => '4 x 6 in'], 'carrier-too-small'];
        yield [['size' => '16 x 20 in'], 'no-sheet-holds'];
        yield [['border' => '5 in'], 'margins-too-large'];
        yield [['border' => '3 in'], 'border-heavy'];
        yield [['border' => '2 mm', 'keyline' => ['width' => '5 mm']], 'keyline-wide'];
        yield [['border' => '1 in', 'raise' => '2 in'], 'raised-too-far'];
        yield [['fit' => 'whole', 'image' => ['width' => '12 in']], 'image-too-large'];
        yield [[], 'cut-much'];
        yield [['copies' => 0], 'copies-zero'];
        yield [['output' => ['colour' => 'Adobe RGB (1998)']], 'colour-not-taken'];
        yield [['output' => ['format' => 'tiff']], 'format-not-taken', ['formats' => ['jpeg']]];
        yield [['output' => ['bits' => 16, 'format' => 'tiff']], 'bits-not-taken'];
        yield [['output' => ['format' => 'tiff']], 'file-large', ['maxBytes' => 20_000_000]];
        yield [['size' => '12 x 18 in', 'window' => ['tight' => 3.0]], 'pixels-too-few'];
        yield [['size' => '12 x 18 in'], 'pixels-too-few', ['minimumPpi' => 250]];
    }

    /** The classic: a file in the profile of the matte paper, printed on the lustre. */
    public function test_a_file_in_another_papers_profile_is_stopped(): void
    {
        $papers = [
            ['name' => 'Lustre', 'profile' => 'lustre.icc'],
            ['name' => 'Rag', 'surface' => 'matte', 'profile' => 'rag.icc'],
            ['name' => 'Plain'],
        ];
        $profile = fn (string $name): PaperProfile => new PaperProfile("{$name}.icc", hash('sha256', $name), $name);
        $lab = LineContexts::lab(['papers' => $papers, 'takesPaperProfiles' => true])->knowing(
            new ProfileShelf(['lustre.icc' => $profile('lustre'), 'rag.icc' => $profile('rag'), 'nobody.icc' => $profile('nobody')]),
        );
        $find = fn (array $line): ?Finding => LineContexts::finding(
            WorkedLine::work(
                LineContexts::line($line),
                [LineContexts::picture(4200, 2800)],
                $lab,
                NameBook::names(LineContexts::head(), $lab, [1 => LineContexts::line($line)])[1],
            ),
            'profile-of-another-paper',
        );
        $finding = $find(['output' => ['colour' => 'rag.icc']]);
        self::assertSame([Severity::Error, ['output' => ['colour' => 'paper']]], [$finding?->level, $finding?->remedy?->change->toArray()]);
        self::assertSame(
            ['output' => ['colour' => null]],
            $find(['paper' => 'Plain', 'output' => ['colour' => 'rag.icc']])?->remedy?->change->toArray(),
        );
        foreach (
            [
                ['output' => ['colour' => 'lustre.icc']],
                ['output' => ['colour' => 'nobody.icc']],
                ['paper' => 'Rag', 'output' => ['colour' => 'rag.icc']],
                ['output' => ['colour' => 'paper']],
            ] as $fits
        ) {
            self::assertNull($find($fits));
        }
    }

    public function test_what_was_measured_is_told_and_mended(): void
    {
        $line = LineContexts::line();
        $lab = LineContexts::lab(['nameLength' => 60]);
        $work = fn (ColourLoss $seen, array $wanted = []): WorkedLine => WorkedLine::work(
            LineContexts::line($wanted),
            [LineContexts::picture(4200, 2800)],
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => $line])[1],
            fn (): ColourLoss => $seen,
        );
        $much = $work(new ColourLoss(0.3, ['greens', 'cyans'], 0.04, 7.2));
        self::assertStringContainsString('Mostly greens and cyans', (string) LineContexts::finding($much, 'colours-outside')?->text);
        self::assertSame("4\u{2009}% clipped by the conversion", LineContexts::finding($much, 'ends-clipped')?->title);
        self::assertSame(
            ['forPaper' => ['open' => 0.6]],
            LineContexts::finding($much, 'shadows-close')?->remedy?->change->toArray(),
            'twelve L* is all there is',
        );
        self::assertNull(
            LineContexts::finding($work(new ColourLoss(0.3, [], 0.0, 7.2), ['forPaper' => ['open' => 1]]), 'shadows-close'),
            'opened as far as can be',
        );
        $little = $work(new ColourLoss(0.001, [], 0.002, 0.5));
        self::assertSame(Severity::Fine, LineContexts::finding($little, 'colours-fit')?->level);
        self::assertNull(LineContexts::finding($little, 'ends-clipped'));
        self::assertNull(LineContexts::finding(LineContexts::work(), 'colours-fit'), 'nobody has looked');
    }

    public function test_colours_on_a_product_are_judged_by_its_own_paper_or_not_at_all(): void
    {
        $profile = fn (string $name): PaperProfile => new PaperProfile("{$name}.icc", hash('sha256', $name), $name);
        $lab = LineContexts::lab([
            'papers' => [
                ['name' => 'Lustre', 'surface' => 'lustre', 'profile' => 'lustre.icc'],
                ['name' => 'Sheet metal', 'surface' => 'glossy', 'profile' => 'metal.icc'],
            ],
            'products' => [['name' => 'metal'], ['name' => 'panel', 'papers' => ['Sheet metal'], 'ppi' => 200, 'minimumPpi' => 150]],
        ])->knowing(new ProfileShelf(['lustre.icc' => $profile('lustre'), 'metal.icc' => $profile('metal')]));
        $work = fn (array $wanted): WorkedLine => WorkedLine::work(
            LineContexts::line($wanted),
            [LineContexts::picture(4200, 2800)],
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => LineContexts::line($wanted)])[1],
            fn (): ColourLoss => new ColourLoss(0.001, [], 0.002, null),
        );
        $fits = fn (array $wanted): ?string => LineContexts::finding($work($wanted), 'colours-fit')?->text;
        self::assertStringContainsString('“Lustre”', (string) $fits([]));
        self::assertStringContainsString('“Sheet metal”', (string) $fits(['product' => 'panel']));
        self::assertStringContainsString('“Lustre”', (string) $fits(['product' => 'metal', 'paper' => 'Lustre']), 'as it is asked for');
        foreach ([['product' => 'metal'], ['product' => 'acrylic'], ['make' => 'canvas']] as $unknown) {
            self::assertNull($fits($unknown));
            self::assertSame(
                'Its colours on “'.($unknown['product'] ?? 'canvas').'” can’t be judged',
                LineContexts::finding($work($unknown), 'colours-unjudged')?->title,
            );
        }
        self::assertSame(200.0, $work(['product' => 'panel'])->plan?->shown->resolution->ppi(), 'its own pixels per inch');
        self::assertSame(150.0, $work(['product' => 'panel'])->lab->minimumPpi);
    }

    /** Two ways out of too few pixels: the largest size that carries, and the wall, where fewer are sharp from farther away. */
    public function test_too_few_pixels_for_the_hand_may_be_enough_for_a_wall(): void
    {
        $remedies = function (string $size, int $width): array {
            $finding = LineContexts::finding(
                LineContexts::work(['size' => $size], LineContexts::picture($width, intdiv($width * 2, 3))),
                'pixels-too-few',
            );
            self::assertNotNull($finding);

            return [...array_map(fn (?Remedy $one): ?array => $one?->change->toArray(), [$finding->remedy, ...$finding->others])];
        };
        // 1500 px on 18 in are 83 ppi. From 150 cm an eye wants 1 / (59.06 in · tan 1′) = 58.2 ppi (ISO 8596).
        self::assertSame([['size' => '8 x 10 in'], ['viewedFrom' => '150 cm']], $remedies('12 x 18 in', 1500));
        // 1000 px are 56 ppi: not even from there.
        self::assertSame([['size' => '4 x 6 in']], $remedies('12 x 18 in', 1000));
        // In the hand nothing is farther away.
        self::assertSame([['size' => '4 x 6 in']], $remedies('5 x 7 in', 600));
    }
}
