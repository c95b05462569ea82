<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Files\CannotKeep;
use App\History\History;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Planisher\Imaging\Child\Stopped;
use Planisher\Imaging\Sources\Proxy;
use Planisher\Picture\PictureRefused;

/** Takes a file into an order and says how it went: taken, being read by a worker, or refused with the reason. */
final class Taking
{
    public function __construct(private readonly PictureStore $pictures, private readonly Incoming $incoming) {}

    public function answer(Order $order, string $file, string $name): JsonResponse
    {
        $known = $order->pictures()->pluck('id');
        try {
            $picture = $this->pictures->take($order, $file, $name);
        } catch (PictureRefused $e) {
            return $this->refused($e, $order, $file, $name);
        }
        $isAlready = $known->contains($picture->id);
        $isAlready || History::note($order->id, "added the picture {$picture->name}");

        return response()->json(['id' => $picture->id, 'name' => $picture->name, 'already' => $isAlready], 201);
    }

    /** What takes longer to read than somebody waits is read by a worker. */
    private function refused(PictureRefused $e, Order $order, string $file, string $name): JsonResponse
    {
        $stopped = $e->getPrevious();
        try {
            if ($stopped instanceof Stopped && $stopped->isByTime) {
                return response()->json(['reading' => $this->incoming->later($order, $file, $name)], 202);
            }
        } catch (PictureRefused $full) {
            $e = $full;
        }

        $isFull = $e->getPrevious() instanceof CannotKeep || $e->getMessage() === Proxy::DISK;

        return response()->json(['message' => "“{$name}” wasn’t taken: {$e->getMessage()}"], $isFull ? 507 : 422);
    }
}
