<?php

declare(strict_types=1);

namespace Tests\core\OrderFile;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Planisher\Finish\LineReader;
use Planisher\Order\OrderSpec;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderFileErrors;

/** The reader and the JSON schema (order.schema.json) are two tellings of one shape: each is held against the other. */
final class OrderTest extends TestCase
{
    private const ORDER = <<<'JSON'
    { "planisher": 1,
      "order": { "number": "2611-04", "client": "Isholm Rowing Club", "date": "2026-11-24" },
      "lab": { "name": "Larkmoor", "sizes": ["4 x 6 in", "8 x 10 in", "12 x 18 in"], "ppi": 300, "minimumPpi": 100,
               "colour": "sRGB", "formats": ["jpeg", "tiff"], "quality": 95, "largestPiece": "48 x 96 in", "maxBytes": 200000000,
               "nameLength": 40 },
      "lines": [
        { "make": "print", "picture": "breakwater.jpg", "subject": "Breakwater light", "copies": 1,
          "size": "15 x 11 in", "turn": "auto", "fit": "fill", "window": { "x": 0.5, "y": 0.5, "tight": 1 },
          "border": "0 in", "raise": "0 mm", "paperColour": "#ffffff",
          "keyline": null, "carrier": "auto", "trimMarks": true, "frameCover": "5 mm",
          "output": { "ppi": 300, "colour": "lab", "intent": "relative", "format": "jpeg", "quality": 95, "bits": 8,
                      "sharpen": { "surface": "lustre", "strength": "normal" } },
          "forPaper": { "open": 0, "contrast": 0 },
          "name": { "parts": ["client", "size", "subject", "number"], "join": "_" } },
        { "make": "canvas", "picture": "regatta.jpg", "size": "60 x 40 cm",
          "canvas": { "depth": "2 cm", "spare": "0 mm", "edge": "mirrored", "soften": 0.3,
                      "darken": { "colour": "#000000", "strength": 0.2 }, "colour": "#ffffff", "edgesApart": false } },
        { "make": "panels", "picture": "mouth.jpg", "size": "90 x 60 in",
          "panels": { "columns": [1, 1, 1], "rows": [1], "gap": "0 in", "behindGap": "keep" }, "output": { "ppi": 150 } },
        { "make": "shared-sheet", "size": "4 x 6 in",
          "sheet": { "cells": [ { "picture": "slipway.jpg", "size": "3 x 4 in" }, { "picture": "oars.jpg", "size": "3 x 4 in" } ],
                     "gutter": "0 in", "margin": "0 in", "cutMarks": false } },
        { "make": "screen-copy", "picture": "regatta.jpg", "longSide": 1600, "output": { "quality": 75 } }
      ] }
    JSON;

    public function test_the_documented_order_reads(): void
    {
        $order = OrderSpec::read(JsonText::decode(self::ORDER));
        self::assertCount(5, $order->lines);
        self::assertSame('Breakwater light', $order->lines[1]->subject);
        self::assertSame(
            ['print', 'canvas', 'panels', 'shared-sheet', 'screen-copy'],
            array_map(fn (int $line): string => $order->lines[$line]->make, [1, 2, 3, 4, 5]),
        );
        self::assertSame([[], [], [], [], []], array_map(fn (int $line): array => $order->lines[$line]->ignored, [1, 2, 3, 4, 5]));
        self::assertTrue(self::fitsSchema(json_decode(self::ORDER)));
    }

    public function test_a_line_is_written_as_it_reads(): void
    {
        $wanted = [
            'make' => 'print',
            'picture' => 'a.jpg',
            'copies' => 3,
            'size' => '8½ x 11 in',
            'turn' => 'portrait',
            'window' => ['x' => 0.4, 'y' => 0.6, 'tight' => 1.2],
            'output' => [
                'ppi' => '120 px/cm',
                'colour' => 'sRGB',
                'intent' => 'perceptual',
                'format' => 'tiff',
                'quality' => 80,
                'bits' => 16,
            ],
            'name' => ['parts' => ['size', ['text' => 'proof'], 'number'], 'join' => '-'],
        ];
        self::assertSame($wanted, LineReader::read(JsonNode::root($wanted))->toArray());
        $short = LineReader::read(JsonNode::root(['size' => 'A4', 'output' => ['ppi' => 'own']]))->toArray();
        self::assertSame(['ppi' => 'own'], $short['output']);
        self::assertArrayNotHasKey('name', $short);
    }

    /** @param  list<string|int>  $at where the value goes */
    #[DataProvider('breaks')]
    public function test_says_where_what_and_what_was_expected(array $at, mixed $value, string $says): void
    {
        /** @var array<mixed> $order */
        $order = json_decode(self::ORDER, true);
        $place = &$order;
        foreach ($at as $key) {
            $place = &$place[$key];
        }
        $place = $value;
        try {
            OrderSpec::read($order);
            self::fail('it was read');
        } catch (OrderFileErrors $e) {
            self::assertMatchesRegularExpression("/{$says}/u", $e->getMessage());
        }
        // The schema refuses it too, but for what stands inside a measure, or a day that there isn't.
        $isInside = str_contains($says, 'measure') || $this->dataName() === 'no such day';
        self::assertSame($isInside, self::fitsSchema(json_decode((string) json_encode($order))));
    }

    /** @return iterable<string, array{list<string|int>, mixed, string}> */
    public static function breaks(): iterable
    {
        yield 'another version' => [['planisher'], 2, '^planisher: found 2; expected a whole number from 1 to 1$'];
        yield 'no client' => [['order', 'client'], null, '^order\.client: found nothing; expected'];
        yield 'a bad day' => [['order', 'date'], '24.11.2026', '^order\.date: found “24\.11\.2026”; expected a day written YYYY-MM-DD'];
        yield 'no such day' => [['order', 'date'], '2026-02-30', 'YYYY-MM-DD'];
        yield 'no lines' => [['lines'], [], '^lines: found a list of 0'];
        yield 'lines as an object' => [['lines'], ['a' => 1], '^lines: found an object; expected a list'];
        yield 'no sizes' => [['lab', 'sizes'], [], '^lab\.sizes: found a list of 0'];
        yield 'a size that is none' => [['lines', 0, 'size'], 'banana', '^lines\[0\]\.size: found “banana”; expected a measure'];
        yield 'a size in pixels' => [['lines', 0, 'size'], '15 x 11 px', 'measure.*in pixels'];
        yield 'a size of 0' => [['lines', 0, 'size'], '0 x 11 in', 'measure.*side of 0'];
        yield 'a size that is a number' => [['lines', 0, 'size'], 8, '^lines\[0\]\.size: found 8; expected text'];
        yield 'a misspelled key' => [['lines', 0, 'sise'], '8 x 10 in', '^lines\[0\]\.sise: found a key that means nothing here'];
        yield 'apart by a path' => [['lines', 0, 'apart'], '../x', '^lines\[0\]\.apart: found “\.\.\/x”; expected a word'];
        yield 'a test of nothing apart' => [['lines', 0, 'testOf'], 2, '^lines\[0\]\.testOf: found 2; expected nothing, since'];
        yield 'half a copy' => [['lines', 0, 'copies'], 1.5, '^lines\[0\]\.copies: found 1\.5; expected a whole number'];
        yield 'less than no copies' => [['lines', 0, 'copies'], -1, 'found -1'];
        yield 'a make unknown' => [['lines', 0, 'make'], 'poster', 'expected one of "print"'];
        yield 'a turn unknown' => [['lines', 0, 'turn'], 'up', 'expected one of "auto", "portrait", "landscape"'];
        yield 'a window outside' => [['lines', 0, 'window', 'x'], 1.5, '^lines\[0\]\.window\.x: found 1\.5; expected a number from 0 to 1'];
        yield 'a window too loose' => [['lines', 0, 'window', 'tight'], 0.5, 'a number from 1 to 40'];
        yield 'a ppi that is none' => [['lines', 0, 'output', 'ppi'], 'lots', '^lines\[0\]\.output\.ppi: found “lots”'];
        yield 'a quality of 0' => [['lines', 0, 'output', 'quality'], 0, 'from 1 to 100'];
        yield 'eleven bits' => [['lines', 0, 'output', 'bits'], 11, 'expected 8 or 16'];
        yield 'a space unknown' => [['lines', 0, 'output', 'colour'], 'CMYK', 'output\.colour: found “CMYK”'];
        yield 'a name part unknown' => [
            ['lines', 0, 'name', 'parts'],
            ['client', 'colour'],
            '^lines\[0\]\.name\.parts\[1\]: found “colour”',
        ];
        yield 'a joiner unsafe' => [['lines', 0, 'name', 'join'], '/', 'name\.join: found “\/”; expected "_" or "-"'];
        yield 'a list for a line' => [['lines', 3], [1, 2], '^lines\[3\]: found a list; expected an object'];
    }

    public function test_tells_all_that_is_wrong_at_once(): void
    {
        $order = json_decode(self::ORDER, true);
        $order['order']['date'] = 'soon';
        $order['lines'][0]['size'] = 'banana';
        $order['lines'][4]['copies'] = 'many';
        try {
            OrderSpec::read($order);
            self::fail('it was read');
        } catch (OrderFileErrors $e) {
            self::assertSame(
                ['order.date', 'lines[0].size', 'lines[4].copies'],
                array_map(fn (OrderFileError $error): string => $error->path, $e->errors),
            );
        }
    }

    public function test_not_an_order_at_all(): void
    {
        $missing = implode(
            "\n",
            array_map(fn (string $key): string => "{$key}: found nothing; expected a value; it can’t be left out", [
                'planisher',
                'order',
                'lab',
                'lines',
            ]),
        );
        $found = fn (string $what): string => "the document: found {$what}; expected an object";
        $nothings = [[null, $found('null')], [3, $found('3')], ['x', $found('“x”')], [[], $missing], [[1], $found('a list')]];
        foreach ($nothings as [$nothing, $says]) {
            try {
                OrderSpec::read($nothing);
                self::fail('it was read');
            } catch (OrderFileErrors $e) {
                self::assertSame($says, $e->getMessage());
            }
        }
    }

    private static function fitsSchema(mixed $document): bool
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../core/OrderFile/order.schema.json'));

        return (new Validator())->validate($document, $schema)->isValid();
    }
}
