<?php

declare(strict_types=1);

namespace Tests\imaging;

use Planisher\Words\Face;
use Planisher\Words\Style;
use Symfony\Component\Process\Process;

/** Texts set by pango-view, which knows the shipped faces alone. */
trait Typed
{
    /**
     * What Pango makes of a text, unhinted: its lines, how wide the widest is and how high all are, in pixels.
     *
     * @return array{lines: list<string>, width: float, height: float, unknown: int}
     */
    private static function byPango(Face $face, Style $style, string $text, int $size, ?int $widest = null): array
    {
        $folder = sys_get_temp_dir().'/planisher-pango-'.getmypid();
        is_dir($folder) || mkdir($folder);
        $faces = (string) realpath(__DIR__.'/../../imaging/Type/faces');
        file_put_contents(
            "{$folder}/fonts.conf",
            '<?xml version="1.0"?><!DOCTYPE fontconfig SYSTEM "fonts.dtd"><fontconfig>'.
                "<dir>{$faces}</dir><cachedir>{$folder}</cachedir></fontconfig>",
        );
        $name = trim("{$face->value} ".ucwords($style->label()));
        $process = new Process(
            [
                ...['pango-view', '--no-display', '--backend=cairo', '--dpi=72', "--font={$name} {$size}", '--hinting=none'],
                ...[
                    '--hint-metrics=off',
                    '--subpixel-positions',
                    '--wrap=word',
                    "--text={$text}",
                    "--serialize-to={$folder}/set.json",
                    '-q',
                ],
                ...$widest === null ? [] : ["--width={$widest}"],
            ],
            env: ['FONTCONFIG_FILE' => "{$folder}/fonts.conf"],
        );
        $process->run();
        $set = json_decode((string) file_get_contents("{$folder}/set.json"), true, flags: JSON_THROW_ON_ERROR)['output'];

        return [
            'lines' => array_values(
                array_map(fn (array $line): string => rtrim(substr($text, $line['start-index'] ?? 0, $line['length'])), $set['lines']),
            ),
            'width' => $set['width'] / 1024,
            'height' => $set['height'] / 1024,
            'unknown' => $set['unknown-glyphs'],
        ];
    }
}
