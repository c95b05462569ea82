<?php

declare(strict_types=1);

namespace Tests\core\OrderFile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;

final class JsonTextTest extends TestCase
{
    #[DataProvider('broken')]
    public function test_says_line_and_column(string $text, string $where, string $expected): void
    {
        try {
            JsonText::decode($text);
            self::fail('it was read');
        } catch (OrderFileError $e) {
            self::assertSame($where, $e->path);
            self::assertSame($expected, $e->expected);
        }
    }

    /** @return iterable<array{string, string, string}> */
    public static function broken(): iterable
    {
        yield ['', 'line 1, column 1', 'a value'];
        yield ['{"a": 1,}', 'line 1, column 9', 'a key in quotes'];
        yield ["{\"a\": 1\n \"b\": 2}", 'line 2, column 2', 'a comma or a closing bracket'];
        yield ["{\n  \"a\" 1}", 'line 2, column 7', 'a colon'];
        yield ['[1, 2', 'line 1, column 6', 'a comma or a closing bracket'];
        yield ['[1, 2}', 'line 1, column 6', 'a comma or a closing bracket'];
        yield ['{"a": \'x\'}', 'line 1, column 7', 'a value'];
        yield ['{"a": 1} more', 'line 1, column 10', 'nothing more'];
        yield ["{\"a\": \"tab\there\"}", 'line 1, column 7', 'a value'];
    }

    /** Whatever is cut out of a good document, PHP's own decoder and this one agree on whether it still is one. */
    public function test_agrees_with_the_decoder(): void
    {
        mt_srand(23);
        $good = '{"a": [1, -2.5e3, "x\\u00e9 \\"y\\""], "b": {"c": null, "d": [true, false, {}]}}';
        for ($i = 0; $i < 400; $i++) {
            $text = substr_replace($good, '', mt_rand(0, strlen($good) - 1), mt_rand(1, 6));
            $valid = json_validate_text($text);
            try {
                JsonText::decode($text);
                self::assertTrue($valid, $text);
            } catch (OrderFileError $e) {
                self::assertFalse($valid, $text);
                self::assertMatchesRegularExpression('/^line \d+, column \d+$/', $e->path);
            }
        }
    }
}

function json_validate_text(string $text): bool
{
    json_decode($text);

    return json_last_error() === JSON_ERROR_NONE;
}
