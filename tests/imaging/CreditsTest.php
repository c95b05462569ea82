<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Intake\EmbeddedXmp;
use Planisher\Imaging\PictureReader;
use Planisher\Imaging\Sources\Credits;

/** Captions and copyrights of others' pictures, written and read by exiftool. */
final class CreditsTest extends TestCase
{
    use Pictures;

    private const HEAD =
        '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF '.
        'xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description xmlns:dc="http://purl.org/dc/elements/1.1/">';

    private const TAIL = '</rdf:Description></rdf:RDF></x:xmpmeta>';

    private function credits(string $path): Credits
    {
        return Credits::of($path, PictureReader::read($path, basename($path)));
    }

    public function test_long_texts_are_kept_whole_in_both_kinds_of_file(): void
    {
        $caption = str_repeat('The boat is drawn up above the tide line. ', 40).'End';
        $copyright = str_repeat('Wren Halloway and others, ', 20).'2026';
        foreach (
            [
                'Exif' => ['ImageDescription', 'Copyright'],
                'XMP' => ['XMP-dc:Description', 'XMP-dc:Rights'],
                'IPTC' => ['IPTC:Caption-Abstract', 'IPTC:CopyrightNotice'],
            ] as $kind => [$first, $second]
        ) {
            foreach (['jpg', 'tif'] as $ending) {
                $path = $this->picture("{$kind}.{$ending}", 60, 40);
                $second === 'IPTC:CopyrightNotice' && ($short = 'Wren Halloway 2026'); // IIM takes 128 bytes of it
                self::tool('exiftool', '-q', '-overwrite_original', "-{$first}={$caption}", "-{$second}=".($short ?? $copyright), $path);
                $credits = $this->credits($path);
                self::assertSame([$caption, $short ?? $copyright], [$credits->caption, $credits->copyright], "{$kind} in {$ending}");
            }
        }
        $path = "{$this->folder}/Exif.jpg";
        $tags = ['jpeg' => ['IFD0:ImageDescription', 'IFD0:Copyright'], 'tiff' => ['XMP-dc:Description', 'XMP-dc:Rights']];
        foreach ($tags as $format => [$first, $second]) {
            $tags = self::exif(
                self::make(
                    self::planned($path, ['size' => '6 x 4 in', 'output' => ['ppi' => 72, 'format' => $format]]),
                    $path,
                    "{$this->folder}/{$format}",
                )->path,
            );
            self::assertSame([$caption, $copyright], [$tags[$first], $tags[$second]]);
        }
    }

    /** Exif 2.3, tag Copyright: the photographer's, a zero, the editor's. */
    public function test_a_copyright_of_two_parts(): void
    {
        $path = $this->picture('a.jpg', 60, 40);
        self::tool('exiftool', '-q', '-overwrite_original', '-Copyright=PHOTOGRAPHER|EDITOR', $path);
        file_put_contents($path, str_replace('PHOTOGRAPHER|EDITOR', "PHOTOGRAPHER\0EDITOR", (string) file_get_contents($path)));
        self::assertSame('PHOTOGRAPHER; EDITOR', $this->credits($path)->copyright);
    }

    /** ISO 16684-1, 8.2.2.4: alternatives by language, x-default first. */
    public function test_one_language_of_several(): void
    {
        $path = $this->picture('a.jpg', 60, 40);
        self::tool(
            'exiftool',
            '-q',
            '-overwrite_original',
            '-XMP-dc:Description-de=Das Licht',
            '-XMP-dc:Description=The light',
            '-XMP-dc:Description-fr=La lumière',
            $path,
        );
        self::assertSame('The light', $this->credits($path)->caption);
        $alternatives = fn (string $items): ?string => EmbeddedXmp::read(
            self::HEAD."<dc:description><rdf:Alt>{$items}</rdf:Alt></dc:description>".self::TAIL,
        )->description;
        self::assertSame('La lumière', $alternatives('<rdf:li xml:lang="fr">La lumière</rdf:li><rdf:li xml:lang="de">Das Licht</rdf:li>'));
        self::assertSame('A & B', $alternatives('<rdf:li xml:lang="x-default">A &amp; B</rdf:li>'));
    }

    public function test_a_packet_that_is_none_says_nothing_and_costs_nothing(): void
    {
        $deep = str_repeat('<dc:a>', 12_000).str_repeat('</dc:a>', 12_000);
        $bomb = '<!DOCTYPE x [<!ENTITY a "'.str_repeat('ha', 9000).'"><!ENTITY b "'.str_repeat('&a;', 900).'">]>';
        $before = memory_get_peak_usage();
        foreach (
            [
                '',
                'text',
                '<x',
                self::HEAD.$deep.'<dc:description>x</dc:description>'.self::TAIL,
                $bomb.self::HEAD.'<dc:description>&b;</dc:description>'.self::TAIL,
                '<!DOCTYPE x SYSTEM "file:///etc/passwd">'.self::HEAD.'<dc:description>x</dc:description>'.self::TAIL,
                (string) mb_convert_encoding($bomb.self::HEAD.'<dc:description>&b;</dc:description>'.self::TAIL, 'UTF-16'),
            ] as $packet
        ) {
            self::assertNull(EmbeddedXmp::read($packet)->description);
        }
        self::assertLessThan(20_000_000, memory_get_peak_usage() - $before);
        self::assertSame(
            'x',
            EmbeddedXmp::read(
                (string) mb_convert_encoding("\u{FEFF}".self::HEAD.'<dc:description>x</dc:description>'.self::TAIL, 'UTF-16BE'),
            )->description,
            'a packet of 16 bits is one',
        );
    }

    public function test_a_text_beyond_all_ends_in_an_ellipsis(): void
    {
        $path = $this->picture('a.tif', 60, 40);
        file_put_contents("{$this->folder}/text", str_repeat('Ä long text. ', 5000));
        self::tool('exiftool', '-q', '-overwrite_original', "-XMP-dc:Description<={$this->folder}/text", $path);
        $caption = (string) $this->credits($path)->caption;
        self::assertStringEndsWith('…', $caption);
        self::assertTrue(mb_check_encoding($caption, 'UTF-8'));
        self::assertLessThan(30_000, strlen($caption));
    }
}
