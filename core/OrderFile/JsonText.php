<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** JSON text (RFC 8259) decoded; where it is broken, the error says line and column, which PHP's own does not. */
final class JsonText
{
    private const STRING = '"(?:[^"\\\\\x00-\x1f]|\\\\(?:["\\\\\/bfnrt]|u[0-9a-fA-F]{4}))*"';

    private const NUMBER = '-?(?:0|[1-9]\d*)(?:\.\d+)?(?:[eE][+-]?\d+)?';

    private const TOKEN = '/\G\s*(?<token>'.self::STRING.'|'.self::NUMBER.'|true|false|null|[{}\[\]:,])/';

    private const DEEPEST = 64;

    /**
     * Whether a text has no more in it than this, counted without unpacking it (RFC 8259, 2): values are apart by commas, or open a list
     * or an object.
     */
    public static function isWithin(string $text, int $depth, int $elements): bool
    {
        $bare = preg_replace('/"(?:[^"\\\\]++|\\\\.)*+"/s', '', $text);
        if ($bare === null || substr_count($bare, ',') + substr_count($bare, '[') + substr_count($bare, '{') >= $elements) {
            return false;
        }
        $deep = 0;
        foreach (str_split((string) preg_replace('/[^\[\]{}]++/', '', $bare)) as $sign) {
            $deep += $sign === '[' || $sign === '{' ? 1 : -1;
            if ($deep > $depth) {
                return false;
            }
        }

        return true;
    }

    /** @throws OrderFileError */
    public static function decode(string $text): mixed
    {
        try {
            return json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw self::broken($text) ?? OrderFileError::noJson($e);
        }
    }

    /** The first token that can't stand where it does. */
    private static function broken(string $text): ?OrderFileError
    {
        $open = [];
        $expected = 'a value';
        $at = 0;
        while (preg_match(self::TOKEN, $text, $m, PREG_OFFSET_CAPTURE, $at)) {
            [$token, $start] = $m['token'];
            $in = end($open);
            $isString = $token[0] === '"';
            $closes = match ($token) {
                '}' => '{',
                ']' => '[',
                default => null,
            };
            $fits = match ($expected) {
                'a value' => ! in_array($token, ['}', ']', ':', ','], true),
                'a value or ]' => ! in_array($token, ['}', ':', ','], true),
                'a key in quotes' => $isString,
                'a key in quotes or }' => $isString || $token === '}',
                'a colon' => $token === ':',
                'a comma or a closing bracket' => $token === ',' || ($closes !== null && $closes === $in),
                default => false,
            };
            if (! $fits) {
                return self::error($text, $start, $expected);
            }
            if ($closes !== null) {
                array_pop($open);
            } elseif ($token === '{' || $token === '[') {
                $open[] = $token;
            }
            $expected = match (true) {
                $token === '{' => 'a key in quotes or }',
                $token === '[' => 'a value or ]',
                $token === ':' => 'a value',
                $token === ',' => $in === '{' ? 'a key in quotes' : 'a value',
                str_starts_with($expected, 'a key') && $isString => 'a colon',
                $open === [] => 'nothing more',
                default => 'a comma or a closing bracket',
            };
            $at = $start + strlen($token);
        }

        return trim(substr($text, $at)) === '' && $expected === 'nothing more'
            ? null
            : self::error($text, $at + strspn($text, " \t\r\n", $at), $expected);
    }

    private static function error(string $text, int $at, string $expected): OrderFileError
    {
        $before = substr($text, 0, $at);
        $line = substr_count($before, "\n") + 1;
        $column = $at - (int) strrpos("\n{$before}", "\n") + 1;
        $found =
            $at >= strlen($text)
                ? 'the end of the file'
                : '“'.mb_strimwidth(mb_scrub(strtok(substr($text, $at, 80), "\n") ?: ''), 0, 24, '…').'”';

        return OrderFileError::brokenAt($line, $column, $found, $expected);
    }
}
