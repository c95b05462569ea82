<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\UploadName;
use App\Models\Order;
use App\Pictures\PartialUpload;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Picture\PictureRefused;

/** Uploads in pieces, as tus 1.0.0 has them (tus.io/protocols/resumable-upload): core, creation and termination. */
final class UploadController
{
    private const VERSION = '1.0.0';

    private const TUS = ['Tus-Resumable' => self::VERSION, 'Cache-Control' => 'no-store'];

    /** Of a picture, in bytes. */
    private const MOST = 400 * 1024 * 1024;

    public function begin(Request $request, Order $order): Response|JsonResponse
    {
        self::isTus();
        $bytes = self::header($request, 'Upload-Length');
        if (! ctype_digit($bytes) || (int) $bytes === 0) {
            return self::say('The upload doesn’t say how large it is, or is empty.', 422);
        }
        if ((int) $bytes > self::MOST) {
            return self::say('The file is larger than 400 MB, the most that is taken.', 413);
        }
        $name = UploadName::ofPicture(self::name($request));
        try {
            $begun = PartialUpload::open($order, $name, (int) $bytes);
        } catch (PictureRefused $e) {
            return self::say("“{$name}”: {$e->getMessage()}", 507);
        }

        return response('', 201, ['Location' => "/api/uploads/{$begun->token}"] + self::TUS);
    }

    public function arrived(string $token): Response
    {
        $begun = self::found($token);

        return response('', 200, ['Upload-Offset' => $begun->arrived(), 'Upload-Length' => $begun->bytes] + self::TUS);
    }

    public function piece(Request $request, string $token): Response|JsonResponse
    {
        if ($request->header('Content-Type') !== 'application/offset+octet-stream') {
            return self::say('A piece of an upload is application/offset+octet-stream.', 415);
        }
        $begun = self::found($token);
        $at = self::header($request, 'Upload-Offset');
        try {
            $arrived = ctype_digit($at) ? $begun->take($request->getContent(true), (int) $at) : null;
        } catch (PictureRefused $e) {
            return self::say("“{$begun->name}”: {$e->getMessage()}", 507);
        }

        return $arrived === null
            ? self::say('The upload goes on elsewhere. Ask how much of it is here.', 409)
            : response('', 204, ['Upload-Offset' => $arrived] + self::TUS);
    }

    public function end(string $token): Response
    {
        self::found($token)->forget();

        return response('', 204, self::TUS);
    }

    private static function isTus(): void
    {
        request()->header('Tus-Resumable') === self::VERSION ||
            abort(self::say('An upload in pieces is tus 1.0.0.', 412)->header('Tus-Version', self::VERSION));
    }

    private static function found(string $token): PartialUpload
    {
        self::isTus();

        return PartialUpload::find($token) ?? abort(404, 'Nothing of this upload is here any more. Add the picture again.');
    }

    /** Upload-Metadata: pairs of a key and its value in Base64, apart by commas. */
    private static function name(Request $request): string
    {
        foreach (explode(',', self::header($request, 'Upload-Metadata')) as $pair) {
            [$key, $value] = explode(' ', trim($pair)) + ['', ''];
            if ($key === 'filename') {
                return (string) base64_decode($value, true);
            }
        }

        return '';
    }

    private static function header(Request $request, string $name): string
    {
        $said = $request->header($name);

        return is_string($said) ? $said : '';
    }

    private static function say(string $message, int $status): JsonResponse
    {
        return response()->json(['message' => $message], $status, self::TUS);
    }
}
