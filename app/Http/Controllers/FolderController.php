<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\PrivateFile;
use App\Models\Order;
use App\Pictures\Folder;
use App\Pictures\Taking;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Picture\PictureRefused;

/** The studio's pictures folder: what is in it, and pictures taken from it into an order. */
final class FolderController
{
    public function index(Request $request): JsonResponse
    {
        $given = $request->validate([
            'below' => ['nullable', 'string', 'max:1000'],
            'sort' => ['nullable', 'in:name,newest'],
            'page' => ['nullable', 'integer', 'min:1', 'max:100000'],
        ]);

        return response()->json(Folder::ofTheStudio()->page($given['below'] ?? '', $given['sort'] ?? 'name', (int) ($given['page'] ?? 1)));
    }

    public function thumb(Request $request): Response
    {
        $given = $request->validate(['file' => ['required', 'string', 'max:1000']]);
        try {
            return PrivateFile::inline(Folder::ofTheStudio()->thumb($given['file']), 'image/jpeg');
        } catch (PictureRefused) {
            abort(404, 'It can’t be shown small.');
        }
    }

    /** Takes one into an order: copied into the studio's store, where it is kept once. */
    public function take(Request $request, Order $order, Taking $taking): JsonResponse
    {
        $given = $request->validate(['file' => ['required', 'string', 'max:1000']]);
        $folder = Folder::ofTheStudio();
        $name = basename($given['file']);
        try {
            $copy = $folder->copy($given['file']);
        } catch (PictureRefused $e) {
            return response()->json(['message' => "“{$name}” wasn’t taken: {$e->getMessage()}"], 422);
        }
        try {
            return $taking->answer($order, $copy, $name);
        } finally {
            @unlink($copy);
        }
    }
}
