<?php

declare(strict_types=1);

namespace Tests\attack;

use PHPUnit\Framework\Attributes\DataProvider;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Planisher\Imaging\Vips\Metadata;

/** Pictures that brought something down, or cost what nobody can spend. */
final class PicturesTest extends Attack
{
    /** Scale factors that came out whole were handed to C as whole numbers and read as addresses. */
    #[DataProvider('wholeFactors')]
    public function test_sizes_that_divide_exactly(int $width, int $height): void
    {
        $order = self::order();
        self::assertSame(201, self::upload($order, $this->picture('a.png', $width, $height))->status);
        $sha256 = hash_file('sha256', "{$this->folder}/a.png");
        self::assertSame(200, self::asWren('GET', "/api/pictures/{$sha256}/looked")->status);
    }

    /** @return iterable<array{int, int}> */
    public static function wholeFactors(): iterable
    {
        yield [8, 8];
        yield [16, 16];
        yield [1920, 80];
        yield [1, 1];
        yield [3, 1];
    }

    #[DataProvider('oddLines')]
    public function test_lines_of_odd_shapes(string $size): void
    {
        $order = self::order();
        self::assertSame(201, self::upload($order, $this->picture('a.jpg'))->status);
        $line = self::line($order, $size, 'a.jpg');
        self::assertNotNull($line['planHash'] ?? null);
        foreach (['preview', 'histogram', 'seen', 'gamut', 'weight', 'pixels'] as $view) {
            $answer = self::asWren('GET', "/api/lines/{$line['id']}/{$view}/{$line['planHash']}?x=0.5&y=0.5&width=400&height=300");
            self::assertContains($answer->status, [200, 422], "{$view}: {$answer->body}");
        }
    }

    /** @return iterable<array{string}> */
    public static function oddLines(): iterable
    {
        yield ['800 x 1 in'];
        yield ['40 x 0.01 in'];
        yield ['1 x 800 in'];
    }

    public function test_a_weight_that_can_t_be_afforded_is_not_begun(): void
    {
        $order = self::order();
        self::upload($order, $this->picture('a.jpg', 600, 600));
        $line = self::line($order, '3900 x 3900 in', 'a.jpg');
        $answer = self::asWren('GET', "/api/lines/{$line['id']}/weight/{$line['planHash']}");
        self::assertSame(200, $answer->status);
        self::assertStringStartsWith('Too large to be weighed', (string) $answer->json('note'));
    }

    public function test_an_interlaced_picture_is_held_whole_and_so_refused(): void
    {
        // As long as deflate needs at least for so many zeros; what it holds is never looked at
        $path = $this->png('big.png', 20_000, 20_000, 16, true, str_repeat("\0", 2_400_000));
        self::assertRefused(self::upload(self::order(), $path), 'unpacked at once');
    }

    public function test_a_few_bytes_that_claim_much(): void
    {
        self::assertRefused(self::upload(self::order(), $this->png('tiny.png', 20_000, 20_000, 8, true, '')), 'cut off');
        self::assertRefused(
            self::upload(self::order(), $this->png('tiny2.png', 20_000, 20_000, 8, false, (string) gzcompress(''))),
            'cut off',
        );
    }

    public function test_a_progressive_picture_of_many_pixels(): void
    {
        self::assertRefused(self::upload(self::order(), $this->progressive('wide.jpg', 65_000, 6_150, 1)), 'unpacked at once');
    }

    public function test_a_picture_of_two_thousand_scans(): void
    {
        self::assertRefused(self::upload(self::order(), $this->progressive('scans.jpg', 4000, 3000, 2079)), 'so many passes');
    }

    /** A megabyte that is legally a gigabyte of pixels: unpacked within the limits, or stopped by the kernel. */
    public function test_what_takes_long_ends(): void
    {
        $deflate = deflate_init(ZLIB_ENCODING_DEFLATE, ['level' => 1]) ?: self::fail('no zlib');
        [$rows, $data] = [str_repeat("\0", 100 * (1 + 3 * 19_000)), ''];
        for ($row = 0; $row < 19_000; $row += 100) {
            $data .= deflate_add($deflate, $rows, $row === 18_900 ? ZLIB_FINISH : ZLIB_NO_FLUSH);
        }
        $order = self::order();
        $answer = self::upload($order, $this->png('long.png', 19_000, 19_000, 8, false, $data));
        self::assertLessThan(self::LONGEST_SECONDS, $answer->seconds);
        self::assertContains($answer->status, [201, 202], $answer->body); // as quick as the machine is
        for ($i = 0; $answer->status === 202 && $i < 120; $i++) {
            $state = self::asWren('GET', "/api/orders/{$order}/incoming/".$answer->json('reading'));
            if ($state->json('state') !== 'reading') {
                self::assertSame('taken', $state->json('state'), $state->body);
                break;
            }
            usleep(500_000);
        }
        self::assertSame('long.png', self::asWren('GET', "/api/orders/{$order}")->json('pictures.0.name'));
    }

    /** The texts behind a picture: nested without end, and entities that stand for others. */
    #[DataProvider('packets')]
    public function test_a_packet_that_costs_too_much(string $packet): void
    {
        $path = "{$this->folder}/a.tif";
        Image::fromPixels(str_repeat("\x50\x60\x70", 900 * 600), 900, 600, 3)
            ->as(Interpretation::Srgb)
            ->run('copy')
            ->metadata()
            ->set(Metadata::XMP, $packet)
            ->save('tiffsave', $path, []);
        $order = self::order();
        self::assertSame(201, self::upload($order, $path)->status);
        $line = self::line($order, '6 x 4 in', 'a.tif', ['output' => ['keep' => 'everything', 'ppi' => 'own'], 'carrier' => 'none']);
        $made = self::made($order, $line);
        self::assertContains($made['state'], ['made', 'failed']);
        self::assertDoesNotMatchRegularExpression('~/var/|exiftool:~', (string) $made['error']);
    }

    /** @return iterable<string, array{string}> */
    public static function packets(): iterable
    {
        $head =
            '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF '.
            'xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:dc="http://purl.org/dc/elements/1.1/">';
        $tail = '</rdf:Description></rdf:RDF></x:xmpmeta>';
        yield 'deep' => [$head.str_repeat('<dc:a><rdf:Bag><rdf:li>', 12_000).str_repeat('</rdf:li></rdf:Bag></dc:a>', 12_000).$tail];
        $entities = '<!ENTITY a0 "'.str_repeat('planisher', 1000).'">';
        for ($i = 1; $i < 9; $i++) {
            $entities .= "<!ENTITY a{$i} \"".str_repeat('&a'.($i - 1).';', 10).'">';
        }
        yield 'entities' => ["<?xml version=\"1.0\"?><!DOCTYPE x [{$entities}]>{$head}<dc:description>&a8;</dc:description>{$tail}"];
    }

    /** The workers of the stack are there still: what is asked of them is made. */
    public function test_after_all_that_files_are_made(): void
    {
        $order = self::order();
        self::upload($order, $this->picture('fine.jpg', 1300, 900));
        self::assertSame('made', self::made($order, self::line($order, '6 x 4 in', 'fine.jpg'))['state']);
    }

    /**
     * @param  array<string, mixed>  $line
     * @return array<string, mixed> its made file
     */
    private static function made(int $order, array $line): array
    {
        $passed = self::asWren('POST', "/api/lines/{$line['id']}/pass", ['version' => $line['version']]);
        if ($passed->status !== 200) {
            // it was looked at meanwhile
            $passed = self::asWren('POST', "/api/lines/{$line['id']}/pass", [
                'version' => self::asWren('GET', "/api/orders/{$order}")->json('lines.0.version'),
            ]);
        }
        self::assertSame(200, $passed->status, $passed->body);
        $started = self::asWren('POST', "/api/orders/{$order}/make");
        self::assertSame(201, $started->status, $started->body);
        for ($i = 0; $i < 150; $i++) {
            $file = self::asWren('GET', "/api/orders/{$order}/make")->json('makes.0.files.0');
            if (in_array($file['state'] ?? '', ['made', 'failed'], true)) {
                return $file;
            }
            usleep(500_000);
        }
        self::fail('It was neither made nor given up in 75 s.');
    }

    /** A progressive JPEG that claims a size and repeats its last scan. */
    private function progressive(string $name, int $width, int $height, int $scans): string
    {
        $bytes = (string) file_get_contents($path = $this->picture($name, 64, 64, ['interlace' => true]));
        $bytes = substr_replace($bytes, pack('nn', $height, $width), (int) strpos($bytes, "\xFF\xC2") + 5, 4);
        $scan = substr($bytes, (int) strrpos($bytes, "\xFF\xDA"), -2);
        file_put_contents($path, substr($bytes, 0, -2).str_repeat($scan, $scans - 1)."\xFF\xD9");

        return $path;
    }
}
