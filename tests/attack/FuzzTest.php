<?php

declare(strict_types=1);

namespace Tests\attack;

use Planisher\Colour\Space;
use Planisher\Imaging\Child\Child;
use Planisher\Imaging\Child\Limits;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Colour\ShippedProfiles;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\ReadingTask;
use Planisher\Order\OrderSpec;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderFileErrors;
use Planisher\Picture\PictureRefused;

/** Two thousand things that were whole and have been changed in places, always the same ones: taken or refused in words. */
final class FuzzTest extends Attack
{
    private const SEED = 20261125;

    private const PICTURES = 350;

    private const PROFILES = 150;

    private const ORDER_FILES = 900;

    private const BODIES = 600;

    public function test_pictures(): void
    {
        mt_srand(self::SEED);
        $whole = [
            $this->picture('a.jpg', 200, 130),
            $this->picture('b.jpg', 200, 130, ['interlace' => true]),
            $this->picture('c.png', 90, 70),
            $this->picture('d.tif', 90, 70, ['compression' => 5, 'predictor' => 2]),
            $this->picture('e.tif', 90, 70, ['tile' => true]),
        ];
        self::assertSame(
            0,
            (int) shell_exec(
                "exiftool -q -overwrite_original '-ImageDescription=The light on the point' -Orientation#=6 ".
                    "{$whole[0]} {$whole[3]}; echo $?",
            ),
        );
        $bytes = array_map(fn (string $path): string => (string) file_get_contents($path), $whole);
        [$taken, $refused] = [0, 0];
        for ($i = 0; $i < self::PICTURES; $i++) {
            $at = $i % count($whole);
            $path = "{$this->folder}/x-".basename($whole[$at]);
            file_put_contents($path, self::changed($bytes[$at], 600));
            try {
                $facts = IntakeReader::take($path, basename($path), str_repeat('0', 64), [
                    'screen' => ['side' => 64, 'path' => "{$this->folder}/proxy.jpg"],
                ]);
                self::assertGreaterThan(0, $facts->width);
                $taken++;
            } catch (PictureRefused $e) {
                self::assertMatchesRegularExpression('/^\P{Lu}.*\.$/us', $e->getMessage(), 'words, with a full stop');
                self::assertDoesNotMatchRegularExpression('~/tmp/|vips|libpng~i', $e->getMessage());
                $refused++;
            }
        }
        self::assertSame(self::PICTURES, $taken + $refused);
        self::assertGreaterThan(20, min($taken, $refused), "{$taken} taken, {$refused} refused");
        self::assertSame([], glob("{$this->folder}/*.part") ?: []);
    }

    public function test_profiles(): void
    {
        mt_srand(self::SEED);
        $paper = (string) file_get_contents(__DIR__.'/../../demo/profiles/simulated-matte.icc');
        $refused = 0;
        for ($i = 0; $i < self::PROFILES; $i++) {
            file_put_contents(
                $path = "{$this->folder}/x.icc",
                self::changed($i % 4 === 0 ? ShippedProfiles::bytes(Space::Srgb) : $paper, 400),
            );
            try {
                self::assertNotSame(
                    '',
                    Child::run(ReadingTask::Profile, ['path' => $path, 'name' => 'x.icc'], Limits::asked())['description'],
                );
            } catch (PictureRefused|Stopped $e) {
                self::assertMatchesRegularExpression('/\.$/', $e->getMessage());
                $refused++;
            }
        }
        self::assertGreaterThan(20, $refused);
    }

    public function test_order_files(): void
    {
        mt_srand(self::SEED);
        $whole = (string) json_encode([
            'planisher' => 1,
            'order' => ['number' => '1', 'client' => 'Isholm', 'date' => '2026-11-24'],
            'lab' => ['name' => 'Larkmoor', 'sizes' => ['4 x 6 in', '8 x 10 in']],
            'lines' => [
                ['picture' => 'a.jpg', 'size' => '8 x 10 in', 'border' => '1/2 in', 'window' => ['x' => 0.5, 'y' => 0.5, 'tight' => 1.2]],
                ['make' => 'panels', 'picture' => 'a.jpg', 'size' => '9 x 6 in', 'panels' => ['columns' => [1, 1, 1]]],
                ['make' => 'canvas', 'picture' => 'a.jpg', 'size' => '20 x 30 cm', 'canvas' => ['depth' => '2 cm']],
            ],
        ]);
        $refused = 0;
        for ($i = 0; $i < self::ORDER_FILES; $i++) {
            try {
                $order = OrderSpec::read(JsonText::decode($i % 2 === 0 ? self::changed($whole, strlen($whole)) : self::retyped($whole)));
                self::assertNotEmpty($order->lines);
            } catch (OrderFileError|OrderFileErrors $e) {
                self::assertNotSame('', $e->getMessage());
                $refused++;
            }
        }
        self::assertGreaterThan(self::ORDER_FILES / 4, $refused);
    }

    public function test_bodies(): void
    {
        mt_srand(self::SEED);
        $order = self::order();
        self::upload($order, $this->picture('a.jpg', 300, 200));
        $line = self::line($order, '6 x 4 in', 'a.jpg');
        $asked = [
            [
                'PATCH',
                "/api/lines/{$line['id']}",
                [
                    'version' => 1,
                    'change' => [
                        'size' => '8 x 10 in',
                        'border' => ['top' => '1 in'],
                        'picture' => 'a.jpg',
                        'output' => ['ppi' => 300, 'bits' => 8],
                    ],
                ],
            ],
            ['PATCH', "/api/lines/{$line['id']}", ['version' => 1, 'figure' => ['name' => 'width', 'typed' => '9 in']]],
            ['PUT', "/api/lines/{$line['id']}", ['version' => 1, 'line' => ['size' => '4 x 6 in', 'picture' => null]]],
            ['POST', "/api/orders/{$order}/lines", ['size' => '4 x 6 in', 'copies' => 2, 'picture' => 'a.jpg']],
            ['POST', '/api/orders', ['client' => 'Isholm', 'lab' => 'Larkmoor Print Lab', 'title' => 'x', 'dueOn' => '2026-12-01']],
            ['POST', "/api/orders/{$order}/make", ['lines' => [1, 2]]],
            ['POST', '/api/house-finishes', ['name' => 'x', 'line' => $line['id'], 'choices' => ['border']]],
            ['POST', "/api/orders/{$order}/house-finishes/1", ['lines' => [['id' => $line['id'], 'version' => 1]]]],
            [
                'PUT',
                '/api/pictures/'.hash_file('sha256', "{$this->folder}/a.jpg").'/must-stay-in',
                ['areas' => [['x' => 0.1, 'y' => 0.1, 'width' => 0.2, 'height' => 0.2]], 'seen' => []],
            ],
            [
                'PUT',
                '/api/labs/1',
                ['version' => 0, 'texts' => ['sizes' => '8x10, A4', 'ppi' => '300'], 'papers' => [['name' => 'Lustre']]],
            ],
            [
                'POST',
                '/api/labs/tried',
                ['id' => 1, 'texts' => ['sizes' => '8x10', 'prices' => '8x10 2.20'], 'products' => [['name' => 'metal']]],
            ],
            ['POST', '/api/labs/read', ['text' => 'JPEG, sRGB, 300 ppi. 8x10 in  2.20 €']],
            ['PATCH', '/api/orders/1', ['client' => 'Isholm Rowing Club', 'dueOn' => '2026-12-03', 'remark' => 'ring first']],
            ['PATCH', '/api/studio', ['unit' => 'in', 'usual' => ['name' => ['parts' => ['client', 'number']]], 'picturesFolder' => null]],
            ['GET', '/api/pictures-folder?below=a&sort=name', []],
            ['GET', '/api/orders?where=desk&find=8x10&page=1', []],
            ['POST', "/api/lines/{$line['id']}/pass", ['version' => 1]],
        ];
        $statuses = [];
        for ($i = 0; $i < self::BODIES; $i++) {
            [$method, $path, $body] = $asked[$i % count($asked)];
            $whole = (string) json_encode($body);
            $answer = self::asWren($method, $path, $i % 3 === 0 ? self::changed($whole, strlen($whole)) : self::retyped($whole));
            self::assertLessThan(500, $answer->status, "{$method} {$path}: {$answer->body}");
            self::assertGreaterThan(0, $answer->status);
            $statuses[$answer->status] = ($statuses[$answer->status] ?? 0) + 1;
        }
        self::assertGreaterThan(self::BODIES / 3, $statuses[422] ?? 0);
    }

    /** Some bytes of the first so many become others, go, or come twice. */
    private static function changed(string $bytes, int $within): string
    {
        for ($n = mt_rand(1, 6); $n > 0; $n--) {
            $at = mt_rand(0, max(0, min($within, strlen($bytes)) - 1));
            $bytes = match (mt_rand(0, 3)) {
                0 => substr_replace($bytes, chr(mt_rand(0, 255)), $at, 1),
                1 => substr_replace($bytes, ["\xFF\xFF\xFF\xFF", "\0\0\0\0", "\x7F\xFF\xFF\xFF"][mt_rand(0, 2)], $at, 4),
                2 => substr_replace($bytes, '', $at, mt_rand(1, 40)),
                default => substr_replace($bytes, substr($bytes, $at, mt_rand(1, 40)), $at, 0),
            };
        }

        return $bytes;
    }

    /** JSON in which some values have become others of another kind. */
    private static function retyped(string $json): string
    {
        $odd = [
            null,
            true,
            0,
            -1,
            1e308,
            17,
            '',
            '0',
            [],
            (object) [],
            [[]],
            ['a' => ['b' => 1]],
            "\u{0}",
            str_repeat('x', 3000),
            '１２',
            "'; --",
            9_223_372_036_854_775_807,
            0.1,
            '../../x',
            "\u{202E}x",
        ];
        $decoded = json_decode($json, true);
        for ($n = mt_rand(1, 2); $n > 0; $n--) {
            $at = &$decoded;
            while (is_array($at) && $at !== [] && mt_rand(0, 4) > 0) {
                $at = &$at[array_keys($at)[mt_rand(0, count($at) - 1)]];
            }
            $at = $odd[mt_rand(0, count($odd) - 1)];
            unset($at);
        }

        return (string) json_encode($decoded);
    }
}
