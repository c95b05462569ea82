<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\SeenVersion;
use App\Making\ExportFolder;
use App\Models\Studio;
use App\Models\User;
use App\People\Me;
use App\People\PasswordLink;
use App\People\Sessions;
use App\Pictures\Folder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rules\Password as PasswordRule;
use Planisher\Finish\LineReader;
use Planisher\Line\NamePattern;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** The studio itself: what it is called, what it measures in, what it usually does, where its files lie. */
final class StudioController
{
    private const COLUMNS = [
        'name' => 'name',
        'unit' => 'unit',
        'exportFolder' => 'export_folder',
        'picturesFolder' => 'pictures_folder',
    ];

    public function show(): JsonResponse
    {
        return response()->json(self::view(Studio::current()));
    }

    /** What is left out stays. */
    public function update(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'name' => ['sometimes', 'required', 'string', 'max:120'],
                'unit' => ['sometimes', 'in:in,cm'],
                'usual' => ['sometimes', 'nullable', 'array'],
                'exportFolder' => ['sometimes', 'nullable', 'string', 'max:400'],
                'picturesFolder' => ['sometimes', 'nullable', 'string', 'max:400'],
            ],
            ['name.required' => 'Give the studio a name.'],
        );
        $studio = Studio::query()->first() ?? Studio::query()->create(['id' => 1]);

        return SeenVersion::change($request, $studio, 'The studio', self::view(...), fn (Studio $now): null => self::fill($now, $given));
    }

    /** @param  array{name?: string, unit?: string, usual?: ?array<mixed>, exportFolder?: ?string, picturesFolder?: ?string}  $given */
    private static function fill(Studio $studio, array $given): null
    {
        foreach (self::COLUMNS as $key => $column) {
            if (array_key_exists($key, $given)) {
                $isFolder = str_ends_with($column, '_folder') && is_string($given[$key]);
                $studio->setAttribute($column, $isFolder ? (rtrim($given[$key], '/') ?: '/') : $given[$key]);
            }
        }
        if (array_key_exists('usual', $given)) {
            $studio->usual = self::usual((array) ($given['usual'] ?? []));
        }
        self::folders($studio);
        $studio->save();

        return null;
    }

    /** Opens an empty instance: the studio, and the first person of it. */
    public function first(Request $request): JsonResponse
    {
        $given = $request->validate(
            [
                'studio' => ['required', 'string', 'max:120'],
                'name' => ['required', 'string', 'max:120'],
                'email' => ['required', 'string', 'max:200', 'email'],
                'password' => ['required', 'string', 'max:200', PasswordRule::min(PeopleController::LEAST_LETTERS)],
                'unit' => ['required', 'in:in,cm'],
            ],
            ['studio.required' => 'Say what the studio is called.', 'unit.*' => 'Choose inches or centimetres.'] + PeopleController::WRONG,
        );
        $person = DB::transaction(function () use ($given): ?User {
            // two who open it at once: the row that both would write is written once
            if (User::query()->lockForUpdate()->exists() || Studio::query()->lockForUpdate()->exists()) {
                return null;
            }
            Studio::query()->create(['id' => 1, 'name' => trim($given['studio']), 'unit' => $given['unit']]);

            return User::query()->create(['name' => trim($given['name']), 'email' => $given['email'], 'password' => $given['password']]);
        });
        if ($person === null) {
            return response()->json(['message' => 'This studio was opened already. Sign in.'], 409);
        }
        Sessions::begin($request, $person);

        return response()->json(Me::of($person), 201);
    }

    /** @return StudioShape */
    private static function view(Studio $studio): array
    {
        return [
            'version' => $studio->version,
            'name' => $studio->name,
            'unit' => $studio->unitSaid(),
            'usual' => (object) ($studio->usual ?? []),
            'usualNames' => NamePattern::fromNode(isset($studio->usual['name']) ? JsonNode::root($studio->usual['name']) : null)->toArray(),
            'exportFolder' => $studio->export_folder,
            'picturesFolder' => $studio->pictures_folder,
            'people' => array_map(
                fn (User $person): array => [
                    'id' => $person->id,
                    'name' => $person->name,
                    'email' => $person->email,
                    'isMe' => $person->id === Auth::id(),
                ],
                array_values(User::all()->sortBy('name')->all()),
            ),
            'canMail' => PasswordLink::canBeMailed(),
        ];
    }

    /**
     * @param  array<mixed>  $given
     * @return ?array{name?: NameForm, output?: OutputForm}
     *
     * @throws OrderFileError
     */
    private static function usual(array $given): ?array
    {
        $line = LineReader::read(
            JsonNode::root(['size' => '8 x 10 in'] + array_intersect_key($given, ['name' => 1, 'output' => 1])),
        )->toArray();

        return array_intersect_key($line, ['name' => 1, 'output' => 1], array_filter($given)) ?: null;
    }

    private static function folders(Studio $studio): void
    {
        $refuse = fn (string $key, ?string $why) => $why === null || throw new OrderFileError($key, '', '', $why);
        if ($studio->isDirty('export_folder') && $studio->export_folder !== null) {
            $refuse('exportFolder', ExportFolder::trouble($studio->export_folder));
        }
        if ($studio->isDirty('pictures_folder') && $studio->pictures_folder !== null) {
            $refuse('picturesFolder', Folder::trouble($studio->pictures_folder));
        }
        [$out, $in] = array_map(fn (?string $folder): string => ($folder === null ? '' : (realpath($folder) ?: $folder)).'/', [
            $studio->export_folder,
            $studio->pictures_folder,
        ]);
        if ($out !== '/' && $in !== '/' && (str_starts_with($in, $out) || str_starts_with($out, $in))) {
            $refuse(
                $studio->isDirty('pictures_folder') ? 'picturesFolder' : 'exportFolder',
                'Pictures can’t be taken from the folder that made files are put into: prints would be printed again. '.
                    'Choose two folders apart.',
            );
        }
    }
}
