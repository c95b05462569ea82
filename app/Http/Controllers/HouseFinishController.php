<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\HouseFinish;
use App\Models\Line;
use App\Models\Order;
use App\Orders\LineChanger;
use App\Orders\StaleLine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\Rule;
use Planisher\House\Choice;
use Planisher\House\HouseFinish as Finish;

final class HouseFinishController
{
    public function index(): JsonResponse
    {
        return response()->json(['finishes' => HouseFinish::query()->get()->sortBy('name')->map(self::shown(...))->values()->all()]);
    }

    /** What a line has chosen, each choice in words, to keep some of it. */
    public function choices(Line $line): JsonResponse
    {
        return response()->json(['choices' => array_filter(Finish::from($line->line(), Choice::cases())->words())]);
    }

    public function store(Request $request): JsonResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60', 'unique:house_finishes,name'],
            'line' => ['required', 'integer', 'exists:lines,id'],
            'choices' => ['required', 'array', 'min:1'],
            'choices.*' => [Rule::enum(Choice::class)],
        ], ['name.required' => 'Give it a name.', 'name.unique' => 'There is a house finish of this name already.', 'choices.*' => 'Keep at least one choice.']);
        $line = Line::query()->findOrFail($given['line']);
        $finish = HouseFinish::query()->create([
            'name' => trim($given['name']),
            'finish' => Finish::from($line->line(), array_map(Choice::from(...), $given['choices']))->toArray(),
        ]);

        return response()->json(self::shown($finish), 201);
    }

    /** Another name, or fewer choices. */
    public function update(Request $request, HouseFinish $finish): JsonResponse
    {
        $given = $request->validate([
            'name' => ['sometimes', 'required', 'string', 'max:60', Rule::unique('house_finishes', 'name')->ignore($finish->id)],
            'choices' => ['sometimes', 'array', 'min:1'],
            'choices.*' => [Rule::in($finish->finish['choices'])],
        ], ['name.required' => 'Give it a name.', 'name.unique' => 'There is a house finish of this name already.', 'choices.min' => 'One choice has to stay; remove the finish instead.']);
        if (isset($given['choices'])) {
            $finish->finish = $finish->houseFinish()->only(array_map(Choice::from(...), $given['choices']))->toArray();
        }
        $finish->name = trim($given['name'] ?? $finish->name);
        $finish->save();

        return response()->json(self::shown($finish));
    }

    public function destroy(HouseFinish $finish): Response
    {
        $finish->delete();

        return response()->noContent();
    }

    /** Gives a finish to some lines of an order, as far as their lab has what it asks for. */
    public function give(Request $request, Order $order, HouseFinish $finish): JsonResponse
    {
        $given = $request->validate(['lines' => ['required', 'array', 'max:1000'], 'lines.*.id' => ['required', 'integer'], 'lines.*.version' => ['required', 'integer']]);
        $left = [];
        $missed = [];
        foreach ($given['lines'] as ['id' => $id, 'version' => $version]) {
            $line = $order->lines()->whereKey($id)->firstOrFail();
            [$change, $lacking] = $finish->houseFinish()->give($order->lab->labCard(), $line->line()->make);
            $left = array_values(array_unique([...$left, ...$lacking]));
            try {
                LineChanger::patch($line, (int) $version, $change);
            } catch (StaleLine) {
                $missed[] = "Line {$line->number} was changed in another window meanwhile; it was left as it is.";
            }
        }

        return response()->json(['leftOut' => $left, 'missed' => $missed]);
    }

    /** @return array<string, mixed> */
    private static function shown(HouseFinish $finish): array
    {
        return ['id' => $finish->id, 'name' => $finish->name, 'choices' => $finish->houseFinish()->words()];
    }
}
