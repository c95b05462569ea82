<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SeenLines;
use App\Http\SeenVersion;
use App\Lines\LineChanger;
use App\Lines\StaleLine;
use App\Models\HouseFinish;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Planisher\Finish\Choice;
use Planisher\House\Choices;
use Planisher\House\HouseFinishSpec as Finish;

final class HouseFinishController
{
    public function __construct(private readonly LineChanger $changer) {}

    public function index(): JsonResponse
    {
        return response()->json(['finishes' => HouseFinish::query()->get()->sortBy('name')->map(self::shown(...))->values()->all()]);
    }

    /** What a line has chosen, each choice in words, to keep some of it. */
    public function choices(Line $line): JsonResponse
    {
        return response()->json(['choices' => (object) array_filter(Finish::from($line->line(), Choices::all())->words())]);
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:60', 'unique:house_finishes,name'],
                'line' => ['required', 'integer', 'exists:lines,id'],
                'choices' => ['required', 'array', 'min:1'],
                'choices.*' => [Rule::in(Choices::names())],
            ],
            [
                'name.required' => 'Give it a name.',
                'name.unique' => 'There is a house finish of this name already.',
                'choices.*' => 'Keep at least one choice.',
            ],
        );
        $line = Line::query()->findOrFail((int) $given['line']);
        $finish = HouseFinish::query()->create([
            'name' => trim($given['name']),
            'finish' => Finish::from($line->line(), self::named($given['choices']))->toArray(),
        ]);

        return response()->json(self::shown($finish), 201);
    }

    /** Another name, or fewer choices. */
    public function update(Request $request, HouseFinish $finish): JsonResponse
    {
        $given = $request->validate(
            [
                'name' => ['sometimes', 'required', 'string', 'max:60', Rule::unique('house_finishes', 'name')->ignore($finish->id)],
                'choices' => ['sometimes', 'array', 'min:1'],
                'choices.*' => [Rule::in($finish->finish['choices'])],
            ],
            [
                'name.required' => 'Give it a name.',
                'name.unique' => 'There is a house finish of this name already.',
                'choices.min' => 'One choice has to stay; remove the finish instead.',
            ],
        );
        $change = function (HouseFinish $now) use ($given): null {
            if (isset($given['choices'])) {
                $now->finish = $now->houseFinish()->only(self::named($given['choices']))->toArray();
            }
            $now->name = trim($given['name'] ?? $now->name);

            return null;
        };

        return SeenVersion::change($request, $finish, "“{$finish->name}”", self::shown(...), $change);
    }

    public function destroy(HouseFinish $finish): Response
    {
        $finish->delete();

        return response()->noContent();
    }

    /** Gives a finish to some lines of an order, as far as their lab has what it asks for. */
    public function give(Request $request, Order $order, HouseFinish $finish): JsonResponse
    {
        $given = $request->validate([
            'lines' => ['required', 'array', 'max:1000'],
            ...SeenLines::EACH,
        ]);
        $left = [];
        $missed = [];
        foreach ($given['lines'] as ['id' => $id, 'version' => $version]) {
            $line = $order->lines()->whereKey($id)->firstOrFail();
            [$change, $lacking] = $finish->houseFinish()->give($order->lab->labCard(), $line->line()->make);
            $left = array_values(array_unique([...$left, ...$lacking]));
            try {
                $this->changer->change($line, (int) $version, $change);
            } catch (StaleLine) {
                $missed[] = "Line {$line->number} was changed in another window meanwhile; it was left as it is.";
            }
        }

        return response()->json(['leftOut' => $left, 'missed' => $missed]);
    }

    /**
     * @param  list<string>  $names
     * @return non-empty-list<Choice>
     */
    private static function named(array $names): array
    {
        return array_values(array_filter(array_map(Choices::named(...), $names))) ?: abort(422, 'Keep at least one choice.');
    }

    /** @return HouseFinishShape */
    private static function shown(HouseFinish $finish): array
    {
        $kept = $finish->houseFinish();

        return [
            'id' => $finish->id,
            'version' => $finish->version,
            'name' => $finish->name,
            'choices' => (object) $kept->words(),
            'isSheet' => $kept->hasPlaces(),
        ];
    }
}
