<?php

declare(strict_types=1);

namespace App\Lists;

use Planisher\Reading\Message\ListTable;
use Planisher\Reading\TooMuch;

/** A list that a client has sent as a file: its words, a line each. */
final class ListFile
{
    private const LARGEST = 4_000_000;

    /** One below its head more than are read at once: what is more is told, and not left out. */
    private const MOST_ROWS = TooMuch::MOST_LINES + 2;

    /** First bytes of what is no list, and what it is. */
    private const OTHERS = [
        "\xff\xd8\xff" => 'a picture (JPEG)',
        "\x89PNG" => 'a picture (PNG)',
        'GIF8' => 'a picture (GIF)',
        "II*\0" => 'a picture (TIFF)',
        "MM\0*" => 'a picture (TIFF)',
        '%PDF' => 'a PDF',
        "\xd0\xcf\x11\xe0" => 'an old kind of document',
    ];

    /** @throws ListRefused */
    public static function text(string $path, string $name): string
    {
        $bytes = (string) file_get_contents($path, length: self::LARGEST + 1);
        foreach (self::OTHERS as $first => $kind) {
            if (str_starts_with($bytes, (string) $first)) {
                $isPicture = str_contains($kind, 'picture');
                throw ListRefused::noList(
                    $name,
                    $kind,
                    $isPicture
                        ? 'Type what it says; to print it, drop it on the pictures.'
                        : 'Copy its words and paste them here, or save it as CSV.',
                );
            }
        }
        if (strlen($bytes) <= self::LARGEST && str_starts_with($bytes, "PK\x03\x04")) {
            return implode("\n\n", array_map(ListTable::text(...), Spreadsheet::sheets($path, $name)));
        }
        if (strlen($bytes) > self::LARGEST) {
            throw ListRefused::tooLarge($name);
        }
        $text = self::decoded($bytes, $name);
        if (preg_match('/^\s*\{/', $text) === 1) {
            return self::ofOrderFile($text, $name);
        }

        return self::isTable($text, $name) ? self::ofTable($text) : $text;
    }

    /**
     * The lines of an order file, each as JSON in a line of its own (`FiledLine`). Its pictures are known by name, its lab is
     * this order's.
     *
     * @throws ListRefused
     */
    private static function ofOrderFile(string $text, string $name): string
    {
        $order = json_decode($text, true);
        $lines = is_array($order) ? $order['lines'] ?? null : null;
        if (! is_array($lines) || ! array_is_list($lines) || $lines === []) {
            throw ListRefused::orderWithoutLines($name);
        }

        return implode(
            "\n",
            array_map(
                fn (mixed $line): string => (string) json_encode($line, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                array_slice($lines, 0, self::MOST_ROWS),
            ),
        );
    }

    /**
     * UTF-8 with or without a mark in front, UTF-16 with one, else Windows-1252.
     *
     * @throws ListRefused
     */
    private static function decoded(string $bytes, string $name): string
    {
        $text = match (true) {
            str_starts_with($bytes, "\xef\xbb\xbf") => substr($bytes, 3),
            str_starts_with($bytes, "\xff\xfe") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xfe\xff") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            default => mb_check_encoding($bytes, 'UTF-8') ? $bytes : mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
        if (preg_match('/[\x00-\x08\x0e-\x1a]/', (string) $text) === 1) {
            throw ListRefused::noText($name);
        }

        return (string) $text;
    }

    private static function isTable(string $text, string $name): bool
    {
        return preg_match('/\.(?:csv|tsv)$/i', $name) === 1 || preg_match('/^[^\n]*(?:\t|;)[^\n]*(?:\t|;)/', $text) === 1;
    }

    /** @throws ListRefused */
    private static function ofTable(string $text): string
    {
        $first = (string) strtok($text, "\n");
        $counts = array_map(fn (string $by): int => substr_count($first, $by), [';' => ';', "\t" => "\t", ',' => ',']);
        arsort($counts);
        $stream = fopen('php://temp', 'r+') ?: throw ListRefused::unreadable();
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, null, (string) array_key_first($counts), '"', '')) !== false && count($rows) < self::MOST_ROWS) {
            $rows[] = array_map(fn (?string $cell): string => trim((string) $cell), $row);
        }
        fclose($stream);

        return ListTable::text($rows);
    }
}
