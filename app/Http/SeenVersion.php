<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What several people may change at once: a change says which version it saw, and one that saw another than it is now isn't made. */
final class SeenVersion
{
    /**
     * @template T of Model
     *
     * @param  T  $model  with a version
     * @param  string  $what  it is, as a sentence begins
     * @param  callable(T): mixed  $show  as its page gets it
     * @param  callable(T): (JsonResponse|null)  $change  of it as it is now; an answer tells why it isn't changed
     */
    public static function change(Request $request, Model $model, string $what, callable $show, callable $change): JsonResponse
    {
        $request->validate(['version' => ['sometimes', 'integer']]);

        return DB::transaction(function () use ($request, $model, $what, $show, $change): JsonResponse {
            /** @var T $now */
            $now = $model->newQuery()->whereKey($model->getKey())->lockForUpdate()->firstOrFail();
            if ($request->has('version') && $request->integer('version') !== (int) $now->getAttribute('version')) {
                $words =
                    "{$what} was changed in another window meanwhile, and your change was not saved. ".
                    'Look at what it is now, then save again if you still want it.';

                return response()->json(['message' => $words, 'now' => $show($now)], 409);
            }
            $refused = $change($now);
            if ($refused !== null) {
                return $refused;
            }
            $now->setAttribute('version', (int) $now->getAttribute('version') + 1)->save();

            return response()->json($show($now->refresh()));
        });
    }
}
