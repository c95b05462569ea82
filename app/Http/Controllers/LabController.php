<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Files\UploadName;
use App\Http\SeenVersion;
use App\Http\Uploaded;
use App\Labs\CardFile;
use App\Labs\CardStore;
use App\Labs\LabView;
use App\Labs\ProfileStore;
use App\Models\Lab;
use App\Models\Order;
use App\Models\Parcel;
use App\Models\Studio;
use App\Orders\WhatChanges;
use App\Parcels\LabAddress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Planisher\Lab\LabCard;
use Planisher\Lab\Requirements\RequirementsPage;
use Planisher\Lab\Requirements\Understood;
use Planisher\Lab\Text\CardDraft;
use Planisher\Naming\SafeText;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\PictureRefused;

final class LabController
{
    public function __construct(
        private readonly ProfileStore $store,
        private readonly LabView $view,
        private readonly WhatChanges $changes,
    ) {}

    public function index(): JsonResponse
    {
        $labs = Lab::query()
            ->with('profiles')
            ->withCount(['orders' => fn ($order) => $order->whereNull('put_away_at')])
            ->get()
            ->sortBy('name')
            ->values();

        return response()->json(['labs' => $labs->map(LabView::row(...))->all(), 'fields' => LabView::fields()]);
    }

    public function show(Lab $lab): JsonResponse
    {
        return response()->json($this->view->page($lab));
    }

    public function store(Request $request): JsonResponse
    {
        $draft = $this->draft($request, null);

        return $draft->errors !== [] ? self::wrong($draft) : response()->json(['id' => CardStore::add($draft->card)->id], 201);
    }

    /** Where its parcels are sent, and with what key; no address hands them over by hand. The key is never told again. */
    public function service(Request $request, Lab $lab): JsonResponse
    {
        $given = $request->validate(
            ['url' => ['present', 'nullable', 'string', 'max:200', 'url:http,https'], 'key' => ['nullable', 'string', 'max:200']],
            ['url.url' => 'Write the whole address, such as https://lab.example.'],
        );
        if ($given['url'] !== null && ($given['key'] ?? null) === null && $lab->service_key === null) {
            return response()->json(
                ['message' => 'Give the key that the lab gave you.', 'errors' => ['key' => ['Give the key that the lab gave you.']]],
                422,
            );
        }
        $trouble = $given['url'] === null ? null : LabAddress::trouble($given['url']);
        if ($trouble !== null) {
            return response()->json(['message' => $trouble, 'errors' => ['url' => [$trouble]]], 422);
        }
        $change = function (Lab $now) use ($given): null {
            $now->fill(
                $given['url'] === null
                    ? ['service_url' => null, 'service_key' => null]
                    : ['service_url' => rtrim($given['url'], '/'), 'service_key' => $given['key'] ?? $now->service_key],
            );

            return null;
        };

        return SeenVersion::change($request, $lab, 'The lab card', $this->view->page(...), $change);
    }

    /** Puts a card, as it was filled in, in place of what it is; passed lines that change by it are opened again. */
    public function update(Request $request, Lab $lab): JsonResponse
    {
        $request->validate(['version' => ['required', 'integer']]);
        $draft = $this->draft($request, $lab);
        if ($draft->errors !== []) {
            return self::wrong($draft);
        }

        return DB::transaction(function () use ($request, $lab, $draft): JsonResponse {
            /** @var Lab $now */
            $now = Lab::query()->with('profiles')->whereKey($lab->id)->lockForUpdate()->firstOrFail();
            if ($now->version !== $request->integer('version')) {
                return response()->json(
                    [
                        'message' => 'The lab card was changed in another window meanwhile. Look at it as it is now.',
                        'now' => $this->view->page($now),
                    ],
                    409,
                );
            }
            $keep = fn () => $now->update(['name' => $draft->card['name'], 'card' => $draft->card, 'version' => $now->version + 1]);
            $this->changes->keep(self::card($draft, $now), WhatChanges::ordersOf($lab->id), $keep);

            return response()->json($this->view->page($now));
        });
    }

    /** What a card would be as it is filled in, and which lines come out otherwise by it. Nothing is kept. */
    public function tried(Request $request): JsonResponse
    {
        $request->validate(['id' => ['nullable', 'integer']]);
        $lab = $request->filled('id') ? Lab::query()->with('profiles')->findOrFail($request->integer('id')) : null;
        $draft = $this->draft($request, $lab);
        $card = $draft->errors === [] ? self::card($draft, $lab) : null;

        return response()->json([
            'errors' => (object) $draft->errors,
            'told' => (object) $draft->told,
            'sizes' => array_map(LabView::size(...), $card->sizes ?? []),
            'disagreements' => $card?->disagreements() ?? [],
            'lines' => $card === null || $lab === null ? [] : $this->changes->under($card, WhatChanges::ordersOf($lab->id)),
        ]);
    }

    /** Reads a lab's own page of requirements, as text. Nothing is kept. */
    public function read(Request $request): JsonResponse
    {
        $given = $request->validate(
            ['text' => ['required', 'string', 'max:'.RequirementsPage::LONGEST]],
            ['text.max' => 'That is longer than any page: 60 000 letters at most.'],
        );
        $page = RequirementsPage::read($given['text'], Studio::current()->unit);

        return response()->json([
            'understood' => array_map(fn (Understood $one): array => get_object_vars($one), $page->understood),
            'rest' => $page->rest,
        ]);
    }

    public function copy(Lab $lab): JsonResponse
    {
        $copy = CardStore::add(['name' => "{$lab->name}, copy"] + $lab->labCard()->toArray());
        foreach ($lab->profiles as $profile) {
            $copy->profiles()->create($profile->only(['file', 'sha256', 'description']));
        }

        return response()->json(['id' => $copy->id], 201);
    }

    public function destroy(Lab $lab): JsonResponse|Response
    {
        $open = Order::query()->where('lab_id', $lab->id)->whereNull('put_away_at')->pluck('number');
        if ($open->isNotEmpty()) {
            $few = $open->take(3)->implode(', ').($open->count() > 3 ? ' and '.($open->count() - 3).' more' : '');

            return response()->json(
                ['message' => "{$lab->name} has open orders: {$few}. Give them another lab or put them away first."],
                422,
            );
        }
        if (Parcel::query()->where('lab_id', $lab->id)->exists()) {
            return response()->json(['message' => "Parcels went to {$lab->name}. It is kept as long as their orders are."], 422);
        }
        if (Order::withTrashed()->where('lab_id', $lab->id)->exists()) {
            return response()->json(
                ['message' => "Orders that were put away or removed still go to {$lab->name}. It is kept as long as they are."],
                422,
            );
        }
        $lab->delete();

        return response()->noContent();
    }

    public function export(Lab $lab): Response
    {
        $name = (SafeText::of($lab->name) ?: 'lab').'.json';

        return response(CardFile::write($lab), 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
        ]);
    }

    public function import(Request $request): JsonResponse
    {
        $file = Uploaded::file($request, 'card');
        abort_if($file->getSize() > 5_000_000, 422, 'The file is larger than any lab card. Nothing was kept.');

        return response()->json(['id' => CardStore::add(CardFile::read((string) $file->get()))->id], 201);
    }

    /** Takes an ICC profile up onto the lab card. */
    public function profile(Request $request, Lab $lab): JsonResponse
    {
        $file = Uploaded::file($request, 'profile');
        $name = UploadName::of($file, 'profile', ['icc', 'icm']);
        try {
            $held = $this->store->take($lab, $file->getRealPath(), $name);
        } catch (PictureRefused $e) {
            return response()->json(['message' => "“{$name}” wasn’t taken: {$e->getMessage()}"], 422);
        }

        return response()->json(['file' => $held->file, 'description' => $held->description], 201);
    }

    private function draft(Request $request, ?Lab $lab): CardDraft
    {
        $given = $request->validate([
            'texts' => ['present', 'array'],
            'texts.*' => ['nullable', 'string', 'max:20000'],
            'products' => ['nullable', 'array', 'max:40'],
            'products.*.*' => ['nullable', 'string', 'max:20000'],
            'papers' => ['nullable', 'array', 'max:40'],
        ]);
        $texts = array_map(fn (?string $typed): string => mb_scrub((string) $typed), $given['texts']);
        $products = isset($given['products'])
            ? array_map(
                fn (array $typed): array => array_map(fn (?string $text): string => mb_scrub((string) $text), $typed),
                array_values((array) $given['products']),
            )
            : null;
        $papers = $request->has('papers') ? array_values((array) $request->input('papers')) : null;
        $card = $lab === null ? ['name' => '', 'sizes' => []] : $lab->labCard()->toArray();
        $draft = CardDraft::read(
            $card,
            $texts + ($lab === null ? ['name' => '', 'sizes' => ''] : []),
            $products,
            $papers,
            Studio::current()->unit,
        );
        $isTaken = Lab::query()
            ->where('name', $draft->card['name'])
            ->when($lab !== null, fn ($query) => $query->whereKeyNot($lab?->id))
            ->exists();

        return $isTaken
            ? $draft->refusing('name', "There is a lab called “{$draft->card['name']}” already. Give this one another name.")
            : $draft;
    }

    private static function card(CardDraft $draft, ?Lab $lab): LabCard
    {
        $card = LabCard::fromNode(JsonNode::root($draft->card));

        return $lab === null ? $card : $card->knowing($lab->labCard()->profiles);
    }

    private static function wrong(CardDraft $draft): JsonResponse
    {
        return response()->json(
            ['message' => array_values($draft->errors)[0], 'errors' => array_map(fn (string $said): array => [$said], $draft->errors)],
            422,
        );
    }
}
