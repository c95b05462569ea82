<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\Disk;
use App\Files\KeptOnce;
use App\Models\Order;
use App\Models\OrderPicture;
use Illuminate\Support\Facades\Cache;

/** Uploads that took longer to read than somebody waits: a worker reads them, with more time, and says how it went. */
final class Incoming
{
    private const TOLD_SECONDS = 86_400;

    public function __construct(private readonly Disk $disk) {}

    /**
     * Keeps the upload for a worker.
     *
     * @return string a token to ask after it by
     */
    public function later(Order $order, string $upload, string $name): string
    {
        $token = bin2hex(random_bytes(16));
        KeptOnce::put($this->disk, $upload, self::key($token));
        self::tell($order->id, $token, ['state' => 'reading']);
        TakePicture::dispatch($order->id, $token, $name);

        return $token;
    }

    /** @return ?IncomingShape its state: reading, taken with its name, or refused with the reason; null when nobody knows of it */
    public function state(Order $order, string $token): ?array
    {
        return Cache::get("incoming-{$order->id}-{$token}");
    }

    public function taken(Order $order, string $token, OrderPicture $picture, bool $already): void
    {
        self::tell($order->id, $token, ['state' => 'taken', 'id' => $picture->id, 'name' => $picture->name, 'already' => $already]);
        $this->disk->remove(self::key($token));
    }

    public function refused(int $orderId, string $token, string $why): void
    {
        self::tell($orderId, $token, ['state' => 'refused', 'message' => $why]);
        $this->disk->remove(self::key($token));
    }

    /** Where a worker on whichever machine reads it. */
    public function path(string $token): string
    {
        return $this->disk->path(self::key($token));
    }

    private static function key(string $token): string
    {
        return "incoming/{$token}";
    }

    /** @param  IncomingShape  $state */
    private static function tell(int $orderId, string $token, array $state): void
    {
        Cache::put("incoming-{$orderId}-{$token}", $state, self::TOLD_SECONDS);
    }
}
