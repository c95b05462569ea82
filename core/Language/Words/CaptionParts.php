<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** What a caption is to say, one thing after the other: “file name, then exposure”, “the client's name”, “"Whitby 2026"”. */
final class CaptionParts
{
    private const PARTS = [
        'exposure' => 'exposure',
        'exposures' => 'exposure',
        'camera settings' => 'exposure',
        'settings' => 'exposure',
        'file name' => 'file',
        'filename' => 'file',
        'file' => 'file',
        'name of picture' => 'file',
        'name of the picture' => 'file',
        'picture name' => 'file',
        'client name' => 'client',
        "client's name" => 'client',
        'client' => 'client',
        "client's" => 'client',
        'subject' => 'subject',
        'title' => 'subject',
        'date' => 'date',
        'size' => 'size',
        'order number' => 'order',
        'order' => 'order',
    ];

    /** @return list<Typed> each a list of parts, as the order file has them */
    public static function at(Spoken $said, int $i): array
    {
        $found = [];
        $parts = [];
        $j = $i;
        while (count($parts) < 12) {
            while (in_array($said->text($j), ['the', 'of', 'a', 'an', 'our', 'its', 'their', ':'], true)) {
                $j++;
            }
            [$part, $end] = self::one($said, $j);
            if ($part === null) {
                break;
            }
            $parts[] = $part;
            $found[] = new Typed($end, $parts, -0.2 * count($parts));
            $j = $end;
            while (in_array($said->text($j), [',', ';', '(', '/', 'and', 'then', '&', '+'], true)) {
                $j++;
            }
            if ($j === $end) {
                break;
            }
        }

        return $found;
    }

    /** @return array{string|array{text: string}|null, int} */
    private static function one(Spoken $said, int $j): array
    {
        $text = $said->typed('text', $j)[0] ?? null;
        if ($text !== null) {
            return [['text' => (string) $text->value], $text->end];
        }
        foreach ([4, 3, 2, 1] as $many) {
            $words = implode(' ', array_map(fn (int $n): string => $said->text($n), range($j, $j + $many - 1)));
            if (isset(self::PARTS[$words])) {
                return [self::PARTS[$words], $j + $many];
            }
        }

        return [null, $j];
    }
}
