<?php

declare(strict_types=1);

namespace Planisher\Imaging\Type;

use Planisher\Words\Face;
use Planisher\Words\Run;
use Planisher\Words\Style;
use Planisher\Words\Typesetter;

/** Measures texts by HarfBuzz, which Pango and the browsers shape letters with: kerning, ligatures and joined letters count. */
final class HarfBuzz implements Typesetter
{
    private const HEADER = __DIR__.'/harfbuzz.h';

    /** Letters of one script in a row, with what belongs to any (Unicode Standard Annex 24), as Pango parts them. */
    private const SCRIPTS = ['Latin', 'Greek', 'Cyrillic', 'Hebrew', 'Arabic'];

    /** What is drawn where a font has no letter */
    private const NO_GLYPH = 0;

    private static ?\FFI $ffi = null;

    /** @var array<string, array{\FFI\CData, int}> a font and its units an em, by path */
    private static array $fonts = [];

    /** @var array<string, Run> */
    private array $runs = [];

    public function run(Face $face, Style $style, string $text): Run
    {
        return $this->runs["{$face->value} {$style->value} {$text}"] ??= self::measured(FaceFiles::path($face, $style), $text);
    }

    private static function measured(string $path, string $text): Run
    {
        [$font, $em] = self::font($path);
        [$width, $missing] = [0, []];
        foreach (self::parted($text) as $part) {
            [$units, $lacks] = self::shaped($font, $part);
            $width += $units;
            $missing += $lacks;
        }

        return new Run($width / $em, array_map(strval(...), array_keys($missing)));
    }

    /** @return array{int, array<string, true>} its width in the font's units, and the letters that it lacks */
    private static function shaped(\FFI\CData $font, string $text): array
    {
        $ffi = self::library();
        $buffer = $ffi->hb_buffer_create();
        $ffi->hb_buffer_add_utf8($buffer, $text, strlen($text), 0, strlen($text));
        $ffi->hb_buffer_guess_segment_properties($buffer);
        $ffi->hb_shape($font, $buffer, null, 0);
        $count = $ffi->new('unsigned int') ?? throw new \RuntimeException('There is no memory left.');
        $glyphs = $ffi->hb_buffer_get_glyph_infos($buffer, \FFI::addr($count));
        $places = $ffi->hb_buffer_get_glyph_positions($buffer, \FFI::addr($count));
        [$width, $missing] = [0, []];
        for ($i = 0; $i < $count->cdata; $i++) {
            $width += $places[$i]->x_advance;
            if ($glyphs[$i]->codepoint === self::NO_GLYPH) {
                $missing[mb_substr(substr($text, $glyphs[$i]->cluster), 0, 1)] = true;
            }
        }
        $ffi->hb_buffer_destroy($buffer);

        return [$width, $missing];
    }

    /** @return list<string> */
    private static function parted(string $text): array
    {
        $any = '\p{Common}\p{Inherited}';
        $runs = array_map(fn (string $script): string => "\\p{{$script}}[\\p{{$script}}{$any}]*", self::SCRIPTS);
        preg_match_all("/[{$any}]*(?:".implode('|', $runs).'|.)/us', $text, $found);

        return $found[0];
    }

    /** @return array{\FFI\CData, int} */
    private static function font(string $path): array
    {
        if (! isset(self::$fonts[$path])) {
            $ffi = self::library();
            $blob = $ffi->hb_blob_create_from_file($path);
            if ($ffi->hb_blob_get_length($blob) === 0) {
                throw new \RuntimeException('The face '.basename(dirname($path)).' can’t be read. Install the application anew.');
            }
            $face = $ffi->hb_face_create($blob, 0);
            self::$fonts[$path] = [$ffi->hb_font_create($face), $ffi->hb_face_get_upem($face)];
        }

        return self::$fonts[$path];
    }

    private static function library(): \FFI
    {
        try {
            return self::$ffi ??= \FFI::cdef((string) file_get_contents(self::HEADER), 'libharfbuzz.so.0');
        } catch (\FFI\Exception $e) {
            throw new \RuntimeException('HarfBuzz can’t be used. Install Debian’s package libharfbuzz0b and set ffi.enable=1.', 0, $e);
        }
    }
}
