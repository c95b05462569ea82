<?php

declare(strict_types=1);

namespace Tests\core\OrderFile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase as PlainTestCase;
use Planisher\OrderFile\MergePatch;

final class MergePatchTest extends PlainTestCase
{
    #[DataProvider('published')]
    public function test_the_examples_of_rfc_7386(string $original, string $patch, string $result): void
    {
        $decode = fn (string $json): array => json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        self::assertEquals($decode($result), MergePatch::apply($decode($original), $decode($patch)));
    }

    /** @return iterable<array{string, string, string}> RFC 7386, appendix A, those whose original and patch are objects */
    public static function published(): iterable
    {
        yield ['{"a":"b"}', '{"a":"c"}', '{"a":"c"}'];
        yield ['{"a":"b"}', '{"b":"c"}', '{"a":"b","b":"c"}'];
        yield ['{"a":"b"}', '{"a":null}', '{}'];
        yield ['{"a":"b","b":"c"}', '{"a":null}', '{"b":"c"}'];
        yield ['{"a":["b"]}', '{"a":"c"}', '{"a":"c"}'];
        yield ['{"a":"c"}', '{"a":["b"]}', '{"a":["b"]}'];
        yield ['{"a":{"b":"c"}}', '{"a":{"b":"d","c":null}}', '{"a":{"b":"d"}}'];
        yield ['{"a":[{"b":"c"}]}', '{"a":[1]}', '{"a":[1]}'];
        yield ['{"e":null}', '{"a":1}', '{"e":null,"a":1}'];
        yield ['{}', '{"a":{"bb":{"ccc":null}}}', '{"a":{"bb":{}}}'];
        // By its text (section 2): an empty object changes nothing of an object, and takes the place of all else.
        yield ['{"a":{"b":"c"}}', '{"a":{}}', '{"a":{"b":"c"}}'];
        yield ['{"a":"b"}', '{"a":{}}', '{"a":{}}'];
        yield ['{"a":["b"]}', '{"a":[]}', '{"a":[]}'];
        yield ['{"a":{"b":{"c":1},"d":2}}', '{"a":{"b":{}}}', '{"a":{"b":{"c":1},"d":2}}'];
    }
}
