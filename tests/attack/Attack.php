<?php

declare(strict_types=1);

namespace Tests\attack;

use PHPUnit\Framework\TestCase;
use Planisher\Imaging\Vips\Image;
use Planisher\Imaging\Vips\Interpretation;
use Tests\Answer;
use Tests\Person;

/** The running stack (nginx, PHP-FPM, workers, MariaDB), asked as a stranger or as a signed-in person would ask it. */
abstract class Attack extends TestCase
{
    protected const WREN = ['email' => 'wren@halloway.example', 'password' => 'copper-and-paper'];

    /** No answer takes longer, whatever is asked: the longest a child process may take on the clock, and some. */
    protected const LONGEST_SECONDS = 25;

    private static ?Person $wren = null;

    private static int $orders = 0;

    protected string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/planisher-attack-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/{,.}[!.]*", GLOB_BRACE) ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    /**
     * As nobody.
     *
     * @param  array<string, string>  $headers
     */
    protected static function ask(string $method, string $path, mixed $body = null, array $headers = []): Answer
    {
        return (new Person(self::address(), self::LONGEST_SECONDS, hasJar: false))->ask($method, $path, $body, $headers);
    }

    /** As Wren. */
    protected static function asWren(string $method, string $path, mixed $body = null): Answer
    {
        if (self::$wren === null) {
            self::$wren = new Person(self::address(), self::LONGEST_SECONDS);
            self::assertSame(200, self::$wren->ask('POST', '/api/sign-in', self::WREN)->status);
        }

        return self::$wren->ask($method, $path, $body);
    }

    /**
     * An order of this test's own.
     *
     * @return int its id
     */
    protected static function order(): int
    {
        $number = ++self::$orders;

        return (int) self::asWren('POST', '/api/orders', ['client' => "Attack {$number}", 'lab' => 'Larkmoor Print Lab'])->json('id');
    }

    protected static function upload(int $order, string $path, ?string $name = null): Answer
    {
        return self::asWren('POST', "/api/orders/{$order}/pictures", ['file' => $path, 'name' => $name ?? basename($path)]);
    }

    /**
     * @param  array<string, mixed>  $change  of the line, once it is there
     * @return array<string, mixed> the line as it is shown
     */
    protected static function line(int $order, string $size, ?string $picture, array $change = []): array
    {
        $made = self::asWren('POST', "/api/orders/{$order}/lines", ['size' => $size] + ($picture === null ? [] : ['picture' => $picture]));
        self::assertSame(201, $made->status, $made->body);
        if ($change === []) {
            return $made->all();
        }
        $changed = self::asWren('PATCH', '/api/lines/'.$made->json('id'), ['version' => $made->json('version'), 'change' => $change]);
        self::assertSame(200, $changed->status, $changed->body);

        return $changed->all();
    }

    /**
     * A picture of a few colours.
     *
     * @param  array<string, mixed>  $options  of its saver
     */
    protected function picture(string $name, int $width = 120, int $height = 80, array $options = []): string
    {
        $pixels = '';
        for ($i = 0; $i < $width * $height; $i++) {
            $pixels .= chr($i % 251).chr(intdiv($i, $width) % 251).chr(90);
        }
        $path = "{$this->folder}/{$name}";
        $saver = ['jpg' => 'jpegsave', 'tif' => 'tiffsave', 'png' => 'pngsave'][pathinfo($name, PATHINFO_EXTENSION)];
        Image::fromPixels($pixels, $width, $height, 3)->as(Interpretation::Srgb)->save($saver, $path, $options);

        return $path;
    }

    /** PNG, ISO/IEC 15948: signature, IHDR with its CRC, what is given as IDAT, IEND. */
    protected function png(string $name, int $width, int $height, int $bits, bool $interlaced, string $data): string
    {
        $chunk = fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));
        $path = "{$this->folder}/{$name}";
        file_put_contents(
            $path,
            "\x89PNG\r\n\x1A\n".
                $chunk('IHDR', pack('NNCCCCC', $width, $height, $bits, 2, 0, 0, (int) $interlaced)).
                $chunk('IDAT', $data).
                $chunk('IEND', ''),
        );

        return $path;
    }

    /** It was refused in words, not by coming down. */
    protected static function assertRefused(Answer $answer, string $says = ''): void
    {
        self::assertGreaterThanOrEqual(400, $answer->status, $answer->body);
        self::assertLessThan(500, $answer->status, $answer->body);
        self::assertNotSame('', (string) $answer->json('message'));
        self::assertStringContainsString($says, (string) $answer->json('message'));
        self::assertDoesNotMatchRegularExpression(
            '~/var/|/tmp/|vips|VipsForeign|libpng|SQLSTATE~i',
            (string) $answer->json('message'),
            'no words of a library, no path',
        );
    }

    /** @return list<mixed> the first column of what a query finds */
    protected static function asked(string $query): array
    {
        $found = self::database()->query($query);

        return $found === false
            ? throw new \LogicException("“{$query}” isn’t understood.")
            : array_values($found->fetchAll(\PDO::FETCH_COLUMN));
    }

    protected static function database(): \PDO
    {
        return new \PDO(
            'mysql:host='.getenv('DB_HOST').';port='.getenv('DB_PORT').';dbname='.getenv('DB_DATABASE'),
            (string) getenv('DB_USERNAME'),
            (string) getenv('DB_PASSWORD'),
        );
    }

    protected static function home(): string
    {
        return dirname((string) getenv('PLANISHER_STORAGE'));
    }

    protected static function address(): string
    {
        return (string) getenv('APP_URL');
    }
}
