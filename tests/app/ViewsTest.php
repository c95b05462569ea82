<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use App\Models\MadeFile;
use App\Views\FailureCache;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Files\NoRoom;
use Planisher\Imaging\Vips\VipsError;
use Planisher\Picture\PictureRefused;

/** What a line's plan looks like before it is made: histograms, a part at one to one, what its files will weigh. */
final class ViewsTest extends TestCase
{
    private function of(Line $line, string $view, string $query = ''): string
    {
        $hash = array_column($this->getJson("/api/orders/{$this->order->id}")->json('lines'), 'planHash', 'id')[$line->id];

        return "/api/lines/{$line->id}/{$view}/{$hash}{$query}";
    }

    /** Where a file lies that is sent by the web server. */
    private function sent(string $url): string
    {
        return storage_path('app/'.substr((string) $this->get($url)->assertOk()->headers->get('X-Accel-Redirect'), strlen('/_private/')));
    }

    public function test_histograms_before_and_after(): void
    {
        $line = $this->line('4 x 6 in', ['output' => ['colour' => 'Adobe RGB (1998)'], 'forPaper' => ['open' => 0.6]]);
        ['before' => $before, 'after' => $after, 'clipped' => $clipped] = $this->getJson($this->of($line, 'histogram'))->assertOk()->json();
        // the picture's blue is one code everywhere
        self::assertCount(1, array_filter($before['blue'], fn (int|float $share): bool => $share > 0.1));
        self::assertCount(64, $after['lightness']);
        self::assertSame(0, $clipped, 'sRGB has room in Adobe RGB (1998)');
        self::assertLessThan($before['threeQuarter'], $after['threeQuarter'], 'the three-quarter tones are opened');
    }

    public function test_a_part_at_one_to_one_is_the_files_pixels(): void
    {
        $line = $this->line('4 x 6 in');
        $whole = $this->sent($this->of($line, 'pixels', '?x=0.5&y=0.5&width=300&height=200'));
        self::assertSame([300, 200], array_slice(getimagesize($whole) ?: [], 0, 2));
        $colour = fn (string $file, int $x): int => imagecolorat(imagecreatefromjpeg($file) ?: throw new \LogicException(), $x, 100) >> 16;
        self::assertEqualsWithDelta(127, $colour($whole, 150), 3, 'red says how far right it is');
        $right = $this->sent($this->of($line, 'pixels', '?x=1&y=0.5&width=300&height=200'));
        self::assertEqualsWithDelta(254, $colour($right, 299), 4, 'never beyond the edge');
    }

    #[TestWith(['?x=2&y=0.5&width=300&height=200'])]
    #[TestWith(['?x=0.5&y=0.5&width=9000&height=200'])]
    #[TestWith(['?x=left'])]
    #[TestWith([''])]
    public function test_a_part_that_is_none(string $query): void
    {
        $this->getJson($this->of($this->line(), 'pixels', $query))->assertUnprocessable();
    }

    /** What fails because of a picture is told for a while, and not tried; what fails because of us is tried again. */
    public function test_what_failed_because_of_us_is_tried_again(): void
    {
        $try = function (string $what, ?\Throwable $fails): int {
            try {
                return (int) app(FailureCache::class)->try($what, fn (): int => $fails === null ? 200 : throw $fails);
            } catch (\Throwable $e) {
                return app(ExceptionHandler::class)->render(Request::create('/api/lines/1/preview'), $e)->getStatusCode();
            }
        };
        $ours = [
            507 => new NoRoom('The disk is full.'),
            503 => Stopped::byClock(Limits::asked()),
        ];
        foreach ($ours as $status => $fails) {
            self::assertSame([$status, 200], [$try("view-{$status}", $fails), $try("view-{$status}", null)]);
        }
        self::assertSame([503, 200], [$try('order', new VipsError('jpegsave: VipsJpeg: out of order read')), $try('order', null)]);
        self::assertSame([422, 422], [$try('theirs', new PictureRefused('it is cut off.')), $try('theirs', null)]);
        self::assertSame([422, 422], [$try('time', Stopped::byTime(Limits::asked())), $try('time', null)]);
    }

    public function test_what_the_files_weigh_is_told_before_they_are_made(): void
    {
        $line = $this->line('8 x 10 in', ['output' => ['quality' => 80]]);
        $note = $this->getJson($this->of($line, 'weight'))->assertOk()->json('note');
        self::assertMatchesRegularExpression(
            '/^About \d+.kB\. Against quality 100 it differs by ΔE \d\.\d on average, by less than \d\.\d in 99 of 100 pixels/u',
            $note,
        );
        $this->pass($line)->assertOk();
        $this->postJson("/api/orders/{$this->order->id}/make")->assertCreated();
        $bytes = (int) MadeFile::query()->sole()->bytes;
        $told = (float) preg_replace('/^About (\d+).*$/su', '$1', $note);
        self::assertEqualsWithDelta($bytes / 1000, $told, $bytes / 10_000, 'within a tenth');
        $this->change($line, ['output' => ['format' => 'tiff']])->assertOk();
        self::assertStringStartsWith("At most 21.6\u{2009}MB", $this->getJson($this->of($line, 'weight'))->json('note'), '3000 × 2400 × 3');
    }

    public function test_a_plan_of_before_and_a_picture_that_is_gone(): void
    {
        $line = $this->line();
        $stale = array_map(fn (string $view): string => $this->of($line, $view), ['histogram', 'weight', 'pixels', 'seen', 'gamut']);
        $this->change($line, ['size' => '8 x 10 in'])->assertOk();
        foreach ($stale as $url) {
            $this->getJson("{$url}?x=0.5&y=0.5&width=10&height=10")->assertNotFound();
        }
        $urls = [$this->of($line, 'weight'), $this->of($line, 'pixels', '?x=0.5&y=0.5&width=10&height=10')];
        File::deleteDirectory(storage_path('app/pictures'));
        foreach ($urls as $url) {
            self::assertNotSame('', (string) $this->getJson($url)->assertNotFound()->json('message'));
        }
    }
}
