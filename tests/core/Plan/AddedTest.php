<?php

declare(strict_types=1);

namespace Tests\core\Plan;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Colour\Channels;
use Planisher\Finding\Finding;
use Planisher\Finding\Severity;
use Planisher\Measure\Box;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Overlay\LaidOverlay;
use Planisher\Overlay\Overlay;
use Planisher\Picture\Exposure;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureFormat;
use Planisher\Studio\OrderContext;
use Tests\core\EvenType;
use Tests\core\LineContexts;

/** Words and marks on their paper: where they stand, and what is found about that. */
final class AddedTest extends TestCase
{
    private const MM = 1_000_000;

    private const INCH = 25_400_000;

    private static function mark(mixed ...$other): PictureFacts
    {
        return LineContexts::picture(
            ...[
                'width' => 400,
                'height' => 200,
                'name' => 'mark.png',
                'sha256' => str_repeat('b', 64),
                'format' => PictureFormat::Png,
                'channels' => Channels::Rgb,
                'alpha' => true,
                'isSeeThrough' => true,
                ...$other,
            ],
        );
    }

    /**
     * @param  array<string, mixed>  $line
     * @param  array<string, mixed>  $lab
     */
    private static function work(array $line, ?PictureFacts $picture = null, array $lab = [], ?PictureFacts $mark = null): WorkedLine
    {
        [$line, $lab] = [LineContexts::line($line), LineContexts::lab($lab)];
        $pictures = array_map(fn (): PictureFacts => $picture ?? LineContexts::picture(4200, 2800), $line->pictures());

        return WorkedLine::work(
            $line,
            $pictures,
            $lab,
            NameBook::names(LineContexts::head(), $lab, [1 => $line])[1],
            orderContext: new OrderContext(LineContexts::head(), ['mark.png' => $mark ?? self::mark()], new EvenType()),
        );
    }

    public function test_a_caption_stands_in_its_border(): void
    {
        $line = ['size' => '4 x 6 in', 'border' => '0.5 in', 'caption' => ['parts' => ['subject', 'client']]];
        $caption = self::work($line)->plan?->added->caption ?? self::fail('no caption');
        self::assertSame('Dawn boat · Isholm Rowing Club', $caption->lines[0]->text);
        self::assertSame((int) (0.5 * self::INCH), $caption->box->x, 'from the image’s left');
        self::assertGreaterThan((int) (3.5 * self::INCH), $caption->box->y);
        self::assertLessThan(4 * self::INCH, $caption->box->bottom());
        $right = self::work(['caption' => ['align' => 'right', 'where' => 'above', 'parts' => ['order']]] + $line)->plan?->added->caption;
        self::assertEqualsWithDelta(5.5 * self::INCH, $right?->box->right(), 2);
        self::assertLessThan((int) (0.5 * self::INCH), $right?->box->bottom());
        $trimmed = self::work(['size' => '7 x 5 in', 'caption' => ['inSurplus' => true, 'parts' => ['size']]])->plan?->added->caption;
        self::assertGreaterThan(5 * self::INCH, $trimmed?->box->y, 'below the paper, in what is trimmed away');
    }

    /** @return iterable<string, array{string, Severity, string, array<string, mixed>, 4?: PictureFacts, 5?: array<string, mixed>}> */
    public static function findings(): iterable
    {
        $caption = fn (array $parts, array $more = []): array => ['caption' => ['parts' => $parts] + $more];
        $lettered = fn (array $block, array $more = []): array => ['lettering' => [$block + ['text' => 'First day']]] + $more;
        $marked = LineContexts::picture(
            4200,
            2800,
            mustStayIn: [
                MustStayIn::listFromNode(
                    JsonNode::root([['label' => 'the face', 'x' => 0.4, 'y' => 0.4, 'width' => 0.2, 'height' => 0.2]]),
                )[0],
            ],
        );
        $shot = LineContexts::picture(4200, 2800, exposure: new Exposure([1, 60]));
        yield 'no border' => ['caption-no-room', Severity::Error, 'no border below', $caption(['subject'])];
        yield 'no larger sheet' => ['caption-no-room', Severity::Error, 'trim away', $caption(['subject'], ['inSurplus' => true])];
        yield 'no border on a sheet' => [
            'caption-no-room',
            Severity::Error,
            'no border',
            ['make' => 'shared-sheet', 'sheet' => ['cells' => [['picture' => 'a.jpg', 'size' => '3 x 4 in']]]] +
            $caption([['text' => 'x']]),
        ];
        yield 'nothing known' => [
            'caption-says-nothing',
            Severity::Warning,
            'the exposure',
            ['border' => '0.5 in'] + $caption(['exposure']),
        ];
        yield 'something unknown' => [
            'caption-part-unknown',
            Severity::Warning,
            'reads “Dawn boat”',
            ['border' => '0.5 in'] + $caption(['exposure', 'subject']),
        ];
        yield 'longer than its border' => [
            'caption-too-long',
            Severity::Warning,
            'the smallest',
            ['size' => '4 x 6 in', 'border' => '0.5 in'] + $caption([['text' => str_repeat('long ', 60)]]),
        ];
        yield 'smaller to fit' => [
            'caption-smaller',
            Severity::Fine,
            'stands at',
            ['size' => '4 x 6 in', 'border' => '0.5 in'] + $caption([['text' => str_repeat('long ', 20)]]),
        ];
        yield 'close to the edge' => [
            'added-near-edge',
            Severity::Warning,
            'within what a frame',
            ['border' => '0.2 in'] + $caption(['exposure']),
            $shot,
        ];
        $large = ['text' => implode("\n", array_fill(0, 6, 'wide words')), 'height' => '60 mm', 'x' => 0.5, 'y' => 0.5];
        yield 'too much' => ['lettering-too-much', Severity::Error, 'would cover the print', ['lettering' => array_fill(0, 40, $large)]];
        $mounted = ['opening' => ['size' => '9.5 x 7.5 in'], 'turn' => 'landscape'];
        $small = ['height' => '3 mm', 'align' => 'left'];
        yield 'reaches behind a mount' => [
            'added-mounted',
            Severity::Warning,
            'of it lies behind the mount',
            $mounted + $lettered(['x' => 0.01, 'y' => 0.5] + $small),
        ];
        yield 'lies behind a mount' => [
            'added-mounted',
            Severity::Warning,
            'won’t be seen',
            $mounted + $lettered(['x' => 0.4, 'y' => 0.01] + $small),
        ];
        yield 'off the paper' => ['lettering-off-paper', Severity::Error, 'Nothing of it', $lettered(['x' => 0.0, 'align' => 'right'])];
        yield 'over the edge' => ['lettering-over-edge', Severity::Warning, 'cut off', $lettered(['x' => 0.0])];
        yield 'a word too wide' => [
            'lettering-too-wide',
            Severity::Warning,
            'too long for the width',
            $lettered(['text' => 'Incomprehensibilities', 'widest' => '10 mm']),
        ];
        yield 'a word made to fit' => ['lettering-smaller', Severity::Fine, 'longest word fits', $lettered(['widest' => '20 mm'])];
        yield 'over what must stay in' => ['added-over-marked', Severity::Warning, 'would be covered', $lettered([]), $marked];
        yield 'a mark over it' => [
            'added-over-marked',
            Severity::Warning,
            'would be covered',
            ['overlays' => [['picture' => 'mark.png', 'where' => 'centre']]],
            $marked,
        ];
        $sheet = ['make' => 'shared-sheet', 'sheet' => ['cells' => [['picture' => 'a.jpg', 'size' => '7 x 9 in']]]];
        yield 'of the sheet, over what must stay in of a print' => [
            'added-over-marked',
            Severity::Warning,
            'would be covered',
            $sheet + $lettered([]),
            $marked,
        ];
        yield 'on a joint' => [
            'added-on-joint',
            Severity::Warning,
            'shared out',
            ['size' => '30 x 20 in', 'make' => 'panels', 'panels' => ['columns' => [1, 1]]] + $lettered([]),
            LineContexts::picture(9000, 6000),
        ];
        yield 'near a fold' => [
            'added-near-edge',
            Severity::Warning,
            'clear of a fold',
            ['size' => '12 x 8 in', 'make' => 'canvas'] + $lettered(['y' => 0.96, 'height' => '10 mm']),
        ];
        yield 'at a panel’s edge' => [
            'added-near-edge',
            Severity::Warning,
            'what a cut may take',
            [
                'size' => '30 x 20 in',
                'make' => 'panels',
                'panels' => ['columns' => [1, 1]],
                'overlays' => [['picture' => 'mark.png', 'offset' => '1 mm']],
            ],
            LineContexts::picture(9000, 6000),
        ];
        yield 'on a cut' => [
            'added-on-cut',
            Severity::Warning,
            'cut apart',
            ['make' => 'shared-sheet', 'sheet' => ['cells' => [['picture' => 'a.jpg', 'size' => '4 x 10 in', 'copies' => 2]]]] +
            $lettered([]),
        ];
        yield 'printed mark' => ['mark-on-print', Severity::Warning, '“mark”', ['overlays' => [['picture' => 'mark.png']]]];
        yield 'stretched' => [
            'mark-stretched',
            Severity::Warning,
            'another shape',
            ['size' => '8 x 10 in', 'overlays' => [['picture' => 'mark.png', 'where' => 'whole']]],
        ];
        yield 'no such mark for a screen copy' => [
            'mark-missing',
            Severity::Error,
            'no mark of the name',
            ['screenCopy' => ['overlays' => [['picture' => 'other.png']]]],
        ];
        yield 'no such mark' => ['mark-missing', Severity::Error, 'no mark of the name', ['overlays' => [['picture' => 'other.png']]]];
        yield 'of a cell' => [
            'lettering-off-paper',
            Severity::Error,
            'Nothing of it',
            [
                'make' => 'shared-sheet',
                'sheet' => ['cells' => [['picture' => 'a.jpg', 'size' => '3 x 4 in'] + $lettered(['x' => 0.0, 'align' => 'right'])]],
            ],
        ];
    }

    /** @param  array<string, mixed>  $line */
    #[DataProvider('findings')]
    public function test_it_is_found(string $code, Severity $level, string $words, array $line, ?PictureFacts $picture = null): void
    {
        $worked = self::work($line, $picture, ['minimumPpi' => 1]);
        $finding =
            LineContexts::finding($worked, $code) ??
            self::fail(implode(', ', array_map(fn (Finding $of): string => $of->code, $worked->findings)));
        self::assertSame($level, $finding->level);
        self::assertStringContainsString($words, $finding->text);
        if ($finding->remedy !== null) {
            $mended = self::work($finding->remedy->change->onto($worked->line->toArray()), $picture, [
                'minimumPpi' => 1,
            ]);
            self::assertNull(LineContexts::finding($mended, $code), 'its remedy mends it');
        }
    }

    public function test_a_screen_copy_with_a_mark_is_as_it_should_be(): void
    {
        $worked = self::work(['make' => 'screen-copy', 'overlays' => [['picture' => 'mark.png']]]);
        self::assertNull(LineContexts::finding($worked, 'mark-on-print'));
        self::assertCount(1, $worked->plan?->shown->overlays() ?? []);
    }

    /** Whatever is asked for, a mark lies on its image and keeps its shape. */
    public function test_marks_stay_on_their_image(): void
    {
        mt_srand(3);
        $places = ['top-left', 'top', 'top-right', 'left', 'centre', 'right', 'bottom-left', 'bottom', 'bottom-right'];
        for ($turn = 0; $turn < 400; $turn++) {
            $image = new Box(
                mt_rand(0, 50) * self::MM,
                mt_rand(0, 50) * self::MM,
                mt_rand(20, 600) * self::MM,
                mt_rand(20, 600) * self::MM,
            );
            $mark = self::mark(width: mt_rand(10, 2000), height: mt_rand(10, 2000));
            $wanted = Overlay::fromNode(
                JsonNode::root([
                    'picture' => 'mark.png',
                    'where' => $places[$turn % 9],
                    'width' => mt_rand(1, 100).' %',
                    'offset' => mt_rand(0, 80).' mm',
                ]),
            );
            $box = LaidOverlay::over($image, $wanted, $mark)->box;
            self::assertTrue($box->liesIn($image->grown(5)), json_encode([$image->toArray(), $box->toArray()]) ?: '');
            self::assertEqualsWithDelta($mark->width / $mark->height, $box->width / $box->height, (0.01 * $mark->width) / $mark->height);
        }
    }

    /** The same pixels give the same hash, other words another. */
    public function test_words_and_marks_tell_in_a_plans_hash(): void
    {
        $hash = fn (array $line): ?string => self::work($line)->plan?->hash();
        $plain = $hash([]);
        $hashes = [
            $plain,
            $hash(['lettering' => [['text' => 'a']]]),
            $hash(['lettering' => [['text' => 'b']]]),
            $hash(['lettering' => [['text' => 'a', 'x' => 0.4]]]),
            $hash(['overlays' => [['picture' => 'mark.png']]]),
            $hash(['overlays' => [['picture' => 'mark.png', 'strength' => 0.5]]]),
        ];
        self::assertCount(6, array_unique($hashes));
        self::assertSame($plain, $hash(['screenCopy' => []]), 'a copy besides is none of the files');
    }

    public function test_names_of_screen_copies_say_so_and_are_never_given_twice(): void
    {
        $lines = array_map(LineContexts::line(...), [
            1 => ['name' => ['parts' => ['subject']], 'screenCopy' => []],
            2 => ['make' => 'screen-copy', 'name' => ['parts' => ['subject']]],
            3 => ['make' => 'shared-sheet', 'sheet' => ['cells' => [['size' => '7 x 9 in', 'copies' => 2]]], 'screenCopy' => []],
        ]);
        $names = NameBook::names(LineContexts::head(), LineContexts::lab(['formats' => ['tiff']]), $lines);
        self::assertSame(['dawn-boat.tif'], $names[1]->files());
        self::assertSame(['dawn-boat_screen.jpg'], $names[1]->copies);
        self::assertSame(['dawn-boat_screen-2.jpg'], $names[2]->files());
        self::assertCount(2, $names[3]->copies);
    }
}
