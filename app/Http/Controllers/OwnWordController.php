<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SeenVersion;
use App\Models\Order;
use App\Models\OwnWord;
use App\Studio\Taught;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Planisher\Language\OwnWords;

/** The studio's own words: taught at a doubt or on its page, changed and forgotten. */
final class OwnWordController
{
    /** More than a studio would ever look through. */
    private const MOST = 500;

    public function index(): JsonResponse
    {
        return response()->json(['words' => OwnWord::query()->get()->sortBy('words')->map(self::shown(...))->values()->all()]);
    }

    public function store(Request $request): JsonResponse
    {
        $request->validate(['order' => ['nullable', 'integer', 'exists:orders,id']]);
        [$words, $means] = $this->given($request, null);
        if (OwnWord::query()->count() >= self::MOST) {
            throw ValidationException::withMessages(['words' => self::MOST.' own words are kept at most. Forget one first.']);
        }
        $word = OwnWord::query()->updateOrCreate(['words' => $words], ['means' => $means]);

        return response()->json(self::shown($word->refresh()), 201);
    }

    public function update(Request $request, OwnWord $word): JsonResponse
    {
        [, $means] = $this->given($request, $word->words);
        $change = function (OwnWord $now) use ($means): null {
            $now->means = $means;

            return null;
        };

        return SeenVersion::change($request, $word, "“{$word->words}”", self::shown(...), $change);
    }

    public function destroy(OwnWord $word): Response
    {
        $word->delete();

        return response()->noContent();
    }

    /** @return array{string, string} the words and what they mean */
    private function given(Request $request, ?string $words): array
    {
        $request->validate(
            [
                'words' => [$words === null ? 'required' : 'prohibited', 'string', 'max:'.OwnWords::LONGEST],
                'means' => ['present', 'nullable', 'string', 'max:'.OwnWords::LONGEST_MEANING],
            ],
            [
                'words.required' => 'Say which word it is.',
                'words.max' => 'A word, or a few: '.OwnWords::LONGEST.' letters at most.',
                'means.max' => 'Say it in '.OwnWords::LONGEST_MEANING.' letters at most.',
            ],
        );
        $words ??= Taught::tidy($request->string('words')->value());
        $means = trim($request->string('means')->value());
        $order = $request->filled('order') ? Order::query()->find($request->integer('order')) : null;
        $trouble = Taught::trouble($words, $means, $order);

        return $trouble === [] ? [$words, $means] : throw ValidationException::withMessages($trouble);
    }

    /** @return OwnWordShape */
    private static function shown(OwnWord $word): array
    {
        return ['id' => $word->id, 'words' => $word->words, 'means' => $word->means, 'version' => $word->version];
    }
}
