<?php

declare(strict_types=1);

namespace Tests\imaging;

use PHPUnit\Framework\TestCase;
use Planisher\Colour\Rgb;
use Planisher\Imaging\Type\FaceFiles;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Words\Align;
use Planisher\Words\Composition;
use Planisher\Words\Face;
use Planisher\Words\SetLine;
use Planisher\Words\Style;

/** Texts as they are set, against Pango's own program and what fontconfig says of the files. */
final class TypeTest extends TestCase
{
    use Pictures;
    use Typed;

    /** Large, since Pango puts each letter on a whole pixel */
    private const SIZE = 1000;

    private const PER_LETTER = 0.5;

    /** Of each face what it is good for; the Hebrew and Arabic are the words of the Unicode charts' names, the rest is ours. */
    private const TEXTS = [
        'Newsreader' => ['First day at the mouth of the river', 'AVATAR To Tövåf, Wyv.', 'office affine'],
        'EB Garamond' => ['Καλή μέρα, Ωκεανός', 'Первый день', 'fjord ffi Th Qu'],
        'Archivo' => ["1/250\u{2009}s · f/8 · ISO 100 · 35\u{2009}mm", 'dawn-boat.jpg', "Cafe\u{301} e\u{328}\u{301}"],
        'Rubik' => ['שלום עולם', 'السلام عليكم', 'Ветер'],
        'Bitter' => ['With love, Łódź', 'Осень'],
        'Marck Script' => ['Sommer am Fluss', 'Лето'],
    ];

    private static function composed(string $text, Face $face, Style $style, ?int $widest = null): \Planisher\Words\SetBlock
    {
        $set = (new Composition(new HarfBuzz()))->set($text, $face, $style, self::SIZE * 1000, Rgb::black(), Align::Left, $widest);
        self::assertSame($face, $set->face, "{$face->value} has all of “{$text}”");

        return $set;
    }

    public function test_widths_and_heights_are_pangos(): void
    {
        foreach (self::TEXTS as $name => $texts) {
            $face = Face::from($name);
            foreach (array_unique([$face->styles()[0], $face->nearest(Style::BoldItalic)], SORT_REGULAR) as $style) {
                foreach ($texts as $text) {
                    $ours = self::composed($text, $face, $style);
                    $theirs = self::byPango($face, $style, $text, self::SIZE);
                    self::assertSame(0, $theirs['unknown'], $text);
                    self::assertEqualsWithDelta(
                        $theirs['width'],
                        $ours->box->width / 1000,
                        1 + self::PER_LETTER * mb_strlen($text),
                        "{$name} {$style->value}: {$text}",
                    );
                    self::assertEqualsWithDelta($theirs['height'], $ours->box->height / 1000, 2.0, "{$name} {$style->value}");
                }
            }
        }
    }

    /** Lines are broken where Pango breaks them, at any width. */
    public function test_lines_are_broken_where_pango_breaks_them(): void
    {
        $text = 'The light on the point, seen from the shore-line: grey water, “no wind at all”, and one boat (half-turned) going out.';
        foreach ([Face::Newsreader, Face::Bitter] as $face) {
            for ($widest = 3500; $widest <= 26_000; $widest += 4511) {
                $ours = self::composed($text, $face, Style::Italic, $widest * 1000);
                self::assertSame(
                    self::byPango($face, Style::Italic, $text, self::SIZE, $widest)['lines'],
                    array_map(fn (SetLine $line): string => $line->text, $ours->lines),
                    "{$face->value} within {$widest} px",
                );
            }
        }
    }

    /** Ascender and descender of OpenType's table hhea, read from the files here. */
    public function test_the_faces_reach_as_far_as_their_files_say(): void
    {
        foreach (Face::cases() as $face) {
            foreach ($face->styles() as $style) {
                $bytes = (string) file_get_contents(FaceFiles::path($face, $style));
                $number = fn (string $how, int $at): int => (int) (((array) unpack($how, $bytes, $at))[1] ?? 0);
                $table = function (string $tag) use ($bytes, $number): int {
                    for ($i = 0; $i < $number('n', 4); $i++) {
                        if (substr($bytes, 12 + 16 * $i, 4) === $tag) {
                            return $number('N', 12 + 16 * $i + 8);
                        }
                    }
                    self::fail("no table {$tag}");
                };
                $em = $number('n', $table('head') + 18);
                $signed = fn (int $at): int => (($number('n', $at) + 0x8000) % 0x10000) - 0x8000;
                self::assertEqualsWithDelta($face->ascent(), $signed($table('hhea') + 4) / $em, 0.001, "{$face->value} {$style->value}");
                self::assertEqualsWithDelta($face->descent(), -$signed($table('hhea') + 6) / $em, 0.001, "{$face->value} {$style->value}");
                self::assertFileExists(dirname(FaceFiles::path($face, $style)).'/OFL.txt');
            }
        }
    }

    /** Which letters a file has, against fontconfig's reading of it. */
    public function test_letters_are_missing_where_fontconfig_says_so(): void
    {
        $letters = mb_str_split('aÅłßŐẞΩжЖשאبج€·—½☃😀漢ﬁ₿');
        foreach (Face::cases() as $face) {
            foreach ($face->styles() as $style) {
                $ranges = explode(' ', trim(self::tool('fc-query', '-f', '%{charset}', FaceFiles::path($face, $style))));
                $has = function (string $letter) use ($ranges): bool {
                    foreach ($ranges as $range) {
                        [$from, $to] = explode('-', $range) + [1 => $range];
                        if (mb_ord($letter) >= hexdec($from) && mb_ord($letter) <= hexdec($to)) {
                            return true;
                        }
                    }

                    return false;
                };
                foreach ($letters as $letter) {
                    $missing = (new HarfBuzz())->run($face, $style, "x{$letter}x")->missing;
                    self::assertSame($has($letter) ? [] : [$letter], $missing, "{$face->value} {$style->value}: {$letter}");
                }
            }
        }
    }

    /** Pango takes a face by its family's name: each file has to be the one that the name finds. */
    public function test_every_file_is_of_the_family_and_style_it_is_named_by(): void
    {
        foreach (Face::cases() as $face) {
            foreach ($face->styles() as $style) {
                [$family, $weight, $slant] = explode(
                    '|',
                    self::tool('fc-query', '-f', '%{family[0]}|%{weight}|%{slant}', FaceFiles::path($face, $style)),
                );
                self::assertSame($face->value, $family);
                self::assertSame(
                    [$style->isBold(), $style->isItalic()],
                    [(int) $weight >= 200, (int) $slant > 0],
                    "{$family} {$style->value}",
                );
            }
        }
    }
}
