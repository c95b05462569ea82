<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\PrivateFile;
use App\Files\UploadName;
use App\Http\Uploaded;
use App\Models\Line;
use App\Models\StudioMark;
use App\Studio\MarkStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Measure\Figure;
use Planisher\Overlay\MarksNamed;
use Planisher\Picture\PictureRefused;
use Planisher\State\LineState;

/** The studio's marks. */
final class MarkController
{
    public function __construct(private readonly MarkStore $marks) {}

    public function index(): JsonResponse
    {
        $uses = self::uses();
        $marks = StudioMark::query()->get()->sortBy('name')->values();

        return response()->json([
            'marks' => $marks->map(fn (StudioMark $mark): array => self::shown($mark, $uses[$mark->name] ?? 0))->all(),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $file = Uploaded::file($request, 'mark');
        $name = UploadName::of($file, 'mark', ['png']);
        try {
            return response()->json(self::shown($this->marks->take($file->getRealPath(), $name), 0), 201);
        } catch (PictureRefused $e) {
            return response()->json(['message' => "“{$name}” wasn’t taken: {$e->getMessage()}"], 422);
        }
    }

    /** Lines that name it say that it is missing from then on. */
    public function destroy(StudioMark $mark): Response
    {
        $mark->delete();

        return response()->noContent();
    }

    public function image(StudioMark $mark): Response
    {
        return PrivateFile::inline($this->marks->path($mark->sha256), 'image/png');
    }

    /** @return StudioMarkShape */
    private static function shown(StudioMark $mark, int $lines): array
    {
        $facts = $mark->pictureFacts();

        return [
            'id' => $mark->id,
            'name' => $mark->name,
            'sha256' => $mark->sha256,
            'width' => $facts->width,
            'height' => $facts->height,
            'size' => Figure::pixels($facts->width, $facts->height),
            'covers' => ! $facts->isSeeThrough,
            'lines' => $lines,
        ];
    }

    /** @return array<string, int> how many lines that aren't made yet name each */
    private static function uses(): array
    {
        $uses = [];
        $wanted = Line::query()->where('state', '!=', LineState::Made)->where('wanted', 'like', '%"overlays"%')->pluck('wanted');
        foreach ($wanted as $line) {
            foreach (MarksNamed::in((array) $line) as $name) {
                $uses[$name] = ($uses[$name] ?? 0) + 1;
            }
        }

        return $uses;
    }
}
