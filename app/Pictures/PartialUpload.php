<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Order;
use Planisher\Picture\PictureRefused;

/** An upload that comes in pieces. What arrived stays when it breaks off, and it goes on from there; a sweep takes what nobody wants. */
final class PartialUpload
{
    private const FOLDER = 'app/begun';

    /** Of all people at once. */
    private const MOST = 400;

    /** What stays free, whatever is begun. */
    private const LEFT_FREE = 500_000_000;

    private function __construct(
        public readonly string $token,
        public readonly int $orderId,
        public readonly string $name,
        public readonly int $bytes,
    ) {}

    public static function open(Order $order, string $name, int $bytes): self
    {
        self::hasRoom($bytes);
        $begun = new self(bin2hex(random_bytes(16)), $order->id, $name, $bytes);
        is_dir(dirname($begun->path())) || @mkdir(dirname($begun->path()), 0770, true);
        $said = json_encode(['order' => $order->id, 'name' => $name, 'bytes' => $bytes], JSON_THROW_ON_ERROR);
        if (@file_put_contents("{$begun->path()}.json", $said) !== strlen($said) || ! @touch($begun->path())) {
            $begun->forget();
            throw CannotTake::diskFull();
        }

        return $begun;
    }

    /**
     * What is begun may come: more isn't begun than there is room for.
     *
     * @throws PictureRefused
     */
    private static function hasRoom(int $bytes): void
    {
        $all = glob(storage_path(self::FOLDER.'/*.json')) ?: [];
        if (count($all) >= self::MOST) {
            throw CannotTake::tooManyUploads(self::MOST);
        }
        $toCome = 0;
        foreach ($all as $one) {
            $begun = self::find(basename($one, '.json'));
            $toCome += $begun === null ? 0 : max(0, $begun->bytes - $begun->arrived());
        }
        $free = (int) @disk_free_space(storage_path()) - self::LEFT_FREE - $toCome;
        if ($bytes > $free) {
            throw CannotTake::noRoom(max(0, $free), $toCome);
        }
    }

    /** @return ?self null where nothing of it is there any more */
    public static function find(string $token): ?self
    {
        $said = json_decode((string) @file_get_contents(storage_path(self::FOLDER."/{$token}.json")), true);

        return is_array($said) ? new self($token, (int) $said['order'], (string) $said['name'], (int) $said['bytes']) : null;
    }

    /** Bytes that are here. */
    public function arrived(): int
    {
        clearstatcache(true, $this->path());

        return (int) @filesize($this->path());
    }

    public function isWhole(): bool
    {
        return $this->arrived() === $this->bytes;
    }

    /**
     * Takes a piece that goes on at a byte.
     *
     * @param  resource  $piece
     * @return ?int how much is here then; null where another piece is being taken, or it goes on elsewhere
     *
     * @throws PictureRefused where the disk is full; what was here before is here
     */
    public function take($piece, int $at): ?int
    {
        $file = fopen($this->path(), 'r+') ?: throw CannotTake::firstPartGone();
        try {
            if (! flock($file, LOCK_EX | LOCK_NB) || $this->arrived() !== $at) {
                return null;
            }
            fseek($file, $at);
            $taken = @stream_copy_to_stream($piece, $file, $this->bytes - $at);
            $isThere = $taken !== false && fflush($file);
            if (! $isThere || $this->arrived() !== $at + $taken) {
                ftruncate($file, max(0, $at));
                throw CannotTake::diskFullPartWay();
            }

            return $at + $taken;
        } finally {
            fclose($file);
        }
    }

    public function forget(): void
    {
        @unlink($this->path());
        @unlink("{$this->path()}.json");
    }

    public function path(): string
    {
        return storage_path(self::FOLDER."/{$this->token}");
    }
}
