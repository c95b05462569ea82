<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PrivateFile;
use App\Models\Order;
use App\Models\OrderPicture;
use App\Pictures\PictureStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Planisher\Imaging\PictureRefused;

final class PictureController
{
    public function store(Request $request, Order $order): JsonResponse
    {
        $file = $request->file('picture');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return response()->json(['message' => 'The upload broke off. Nothing was kept; try it again.'], 422);
        }
        $name = mb_substr(trim((string) preg_replace('/[\x00-\x1f\x7f\/\\\\]+/', '-', basename(str_replace('\\', '/', $file->getClientOriginalName())))), -150) ?: 'picture';
        $known = $order->pictures()->pluck('id');
        try {
            $picture = PictureStore::take($order, $file->getRealPath(), $name);
        } catch (PictureRefused $e) {
            return response()->json(['message' => "“{$name}” wasn’t taken: {$e->getMessage()}"], 422);
        }

        return response()->json(['id' => $picture->id, 'name' => $picture->name, 'already' => $known->contains($picture->id)], 201);
    }

    /** Takes a picture off the order; the original stays in the studio's store. */
    public function destroy(Order $order, OrderPicture $picture): Response|JsonResponse
    {
        $lines = $order->lines()->where('order_picture_id', $picture->id)->count();
        if ($lines > 0) {
            return response()->json(['message' => "“{$picture->name}” is used by ".($lines === 1 ? 'a line' : "{$lines} lines").'. Give them another picture first.'], 422);
        }
        $picture->delete();

        return response()->noContent();
    }

    public function proxy(string $sha256, string $kind): Response
    {
        return PrivateFile::inline(PictureStore::proxy($sha256, $kind), 'image/jpeg');
    }
}
