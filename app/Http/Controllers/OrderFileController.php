<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\PrivateFile;
use App\Http\Uploaded;
use App\Models\Order;
use App\Orders\ImportRefused;
use App\Orders\OrderFile;
use App\Orders\OrderImport;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Naming\SafeText;

/** An order out as an order file with its pictures, and in again. */
final class OrderFileController
{
    /** A whole order takes longer than anything else that is waited for. */
    private const SECONDS = 280;

    public function export(Order $order, OrderFile $file): Response
    {
        set_time_limit(self::SECONDS);
        $name = (SafeText::of("{$order->number}_{$order->client->name}") ?: 'order').'.zip';
        $path = storage_path('app/zips/order-'.$order->id.'-'.bin2hex(random_bytes(6)).'.zip');
        $file->zip($order, $path);

        return PrivateFile::download($path, 'application/zip', $name);
    }

    public function import(Request $request, OrderImport $import): JsonResponse
    {
        set_time_limit(self::SECONDS);
        $file = Uploaded::file($request, 'order');
        try {
            return response()->json(['id' => $import->take($file->getRealPath())->id], 201);
        } catch (ImportRefused $e) {
            return response()->json(['message' => 'The order wasn’t taken in: '.$e->getMessage()], 422);
        }
    }
}
