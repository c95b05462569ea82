<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\PrivateFile;
use App\Files\UploadName;
use App\Http\Uploaded;
use App\Models\Order;
use App\Models\OrderPicture;
use App\Models\Picture;
use App\Pictures\Incoming;
use App\Pictures\PartialUpload;
use App\Pictures\PictureStore;
use App\Pictures\Taking;
use App\Views\KeptFigures;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Planisher\Colour\ColourName;
use Planisher\Colour\Rgb;
use Planisher\Imaging\Inspect\Hints;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\MustStayIn;

final class PictureController
{
    public function __construct(
        private readonly PictureStore $pictures,
        private readonly Taking $taking,
        private readonly Incoming $incoming,
        private readonly KeptFigures $figures,
    ) {}

    public function store(Request $request, Order $order): JsonResponse
    {
        $request->validate(['upload' => ['nullable', 'string', 'regex:/^[0-9a-f]{32}$/']]);
        if ($request->has('upload')) {
            return $this->begun($order, (string) $request->input('upload'));
        }
        $file = Uploaded::file($request, 'picture');

        return $this->taking->answer($order, $file->getRealPath(), UploadName::ofPicture($file->getClientOriginalName()));
    }

    /** One that came in pieces (UploadController), once all of it is here. */
    private function begun(Order $order, string $token): JsonResponse
    {
        $begun = PartialUpload::find($token);
        if ($begun === null || $begun->orderId !== $order->id) {
            return response()->json(['message' => 'Nothing of this upload is here any more. Add the picture again.'], 404);
        }
        if (! $begun->isWhole()) {
            return response()->json(['message' => "“{$begun->name}” isn’t here whole yet. It goes on from where it is."], 409);
        }
        $answer = $this->taking->answer($order, $begun->path(), $begun->name);
        $begun->forget();

        return $answer;
    }

    /** How it went with an upload that a worker reads. */
    public function incoming(Order $order, string $token): JsonResponse
    {
        return response()->json(
            $this->incoming->state($order, $token) ?? abort(404, 'Nothing is known of this upload any more. Add the picture again.'),
        );
    }

    /** Takes a picture off the order; the original stays in the studio's store. */
    public function destroy(Order $order, OrderPicture $picture): Response|JsonResponse
    {
        $lines = $picture->uses();
        if ($lines > 0) {
            return response()->json(
                [
                    'message' => "“{$picture->name}” is used by ".
                        ($lines === 1 ? 'a line' : "{$lines} lines").
                        '. Give them another picture first.',
                ],
                422,
            );
        }
        $picture->delete();

        return response()->noContent();
    }

    public function proxy(string $sha256, string $kind): Response
    {
        return PrivateFile::inline($this->pictures->proxy($sha256, $kind), 'image/jpeg');
    }

    /** What is seen in a picture: its strong colours, and a first suggestion of what must stay in. */
    public function looked(Picture $picture): JsonResponse
    {
        return response()->json(
            $this->figures->of(
                "looked-{$picture->sha256}",
                fn (): array => [
                    'colours' => array_map(
                        fn (Rgb $colour): array => ['code' => (string) $colour, 'name' => ColourName::of($colour)],
                        Hints::strongColours($this->pictures->proxy($picture->sha256, 'thumb')),
                    ),
                    'suggestion' => Hints::suggestion($this->pictures->proxy($picture->sha256, 'screen'))->toArray(),
                ],
            ),
        );
    }

    /** Marks what must stay in. The areas that were seen say whether somebody else has marked meanwhile. */
    public function mark(Request $request, Picture $picture): JsonResponse
    {
        $areas = array_map(
            fn (MustStayIn $area): array => $area->toArray(),
            MustStayIn::listFromNode(JsonNode::root($request->all())->maybe('areas')),
        );
        $seen = array_map(
            fn (MustStayIn $area): array => $area->toArray(),
            MustStayIn::listFromNode(JsonNode::root($request->all())->maybe('seen')),
        );

        return DB::transaction(function () use ($picture, $areas, $seen): JsonResponse {
            /** @var Picture $now */
            $now = Picture::query()->whereKey($picture->id)->lockForUpdate()->firstOrFail();
            $held = array_map(fn (MustStayIn $area): array => $area->toArray(), $now->areas());
            if ($held != $seen) {
                return response()->json(
                    [
                        'message' => 'The picture was marked in another window meanwhile. Look at what is marked now, then mark it again.',
                        'areas' => $held,
                    ],
                    409,
                );
            }
            $now->update(['must_stay_in' => $areas]);

            return response()->json(['areas' => $areas]);
        });
    }
}
