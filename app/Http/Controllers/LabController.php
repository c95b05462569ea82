<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\UploadName;
use App\Labs\ProfileStore;
use App\Models\Lab;
use App\Models\LabProfile;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Planisher\Colour\Space;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Look\Gamut;
use Planisher\Imaging\PictureRefused;
use Planisher\Lab\LabCard;
use Planisher\Lab\Paper;
use Planisher\OrderFile\Node;
use Planisher\Telling\GamutTold;

final class LabController
{
    private const KEPT_SECONDS = 2_592_000;

    public function __construct(private readonly ProfileStore $store, private readonly Profiles $profiles) {}

    private const CHANGEABLE = ['papers', 'takesPaperProfiles', 'colour', 'formats', 'quality', 'bits', 'ppi', 'minimumPpi'];

    public function index(): JsonResponse
    {
        return response()->json(['labs' => Lab::query()->with('profiles')->get()->sortBy('name')->map($this->shown(...))->values()->all()]);
    }

    /** The papers of a lab card, and how it wants its files. */
    public function update(Request $request, Lab $lab): JsonResponse
    {
        $given = $request->validate([
            'papers' => ['sometimes', 'array'],
            'takesPaperProfiles' => ['sometimes', 'boolean'],
            'seen' => ['present', 'array'],
        ]);

        return DB::transaction(function () use ($lab, $given, $request): JsonResponse {
            /** @var Lab $now */
            $now = Lab::query()->with('profiles')->whereKey($lab->id)->lockForUpdate()->firstOrFail();
            if (self::papers($now->labCard()) != $given['seen']) {
                return response()->json(
                    ['message' => 'The lab card was changed in another window meanwhile. Look at it as it is now.'],
                    409,
                );
            }
            $card = [...$now->card, ...$request->only(self::CHANGEABLE)];
            $now->update(['card' => LabCard::fromNode(Node::root($card))->toArray()]);

            return response()->json($this->shown($now));
        });
    }

    /** Takes an ICC profile up onto the lab card. */
    public function profile(Request $request, Lab $lab): JsonResponse
    {
        $file = $request->file('profile');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            return response()->json(['message' => 'The upload broke off. Nothing was kept; try it again.'], 422);
        }
        $name = UploadName::of($file, 'profile', ['icc', 'icm']);
        try {
            $held = $this->store->take($lab, $file->getRealPath(), $name);
        } catch (PictureRefused $e) {
            return response()->json(['message' => "“{$name}” wasn’t taken: {$e->getMessage()}"], 422);
        }

        return response()->json(['file' => $held->file, 'description' => $held->description], 201);
    }

    /** @return array<string, mixed> */
    private function shown(Lab $lab): array
    {
        $lab->load('profiles');
        $card = $lab->labCard();
        $srgb = Gamut::of(Space::Srgb, $this->profiles);

        return [
            'id' => $lab->id,
            'name' => $lab->name,
            'colour' => $card->colour->value,
            'ppi' => $card->resolution->typed(),
            'minimumPpi' => $card->minimumPpi,
            'formats' => array_map(fn ($format): string => $format->value, $card->formats),
            'quality' => $card->quality,
            'bits' => $card->bits,
            'sizes' => array_map(fn ($size): string => $size->label(), $card->sizes),
            'canvas' => $card->canvas->isSaid ? $card->canvas->depth->label() : null,
            'largestPiece' => $card->largestPiece?->label(),
            'takesPaperProfiles' => $card->takesPaperProfiles,
            'papers' => self::papers($card),
            'linesOn' => (object) self::linesOn($lab, $card),
            'disagreements' => $card->disagreements(),
            'profiles' => $lab->profiles
                ->map(
                    fn (LabProfile $held): array => [
                        'file' => $held->file,
                        'description' => $held->description,
                        'gamut' => $this->gamut($held),
                        'beside' => GamutTold::beside($this->gamut($held), $srgb, Space::Srgb->value),
                    ],
                )
                ->all(),
            'spaces' => array_map(
                fn (Space $space): array => ['name' => $space->value, 'gamut' => Gamut::of($space, $this->profiles)],
                Space::cases(),
            ),
        ];
    }

    /** @return list<array<string, string>> */
    private static function papers(LabCard $card): array
    {
        return array_map(fn (Paper $paper): array => $paper->toArray(), $card->papers);
    }

    /**
     * How many lines that aren't made yet are to be printed on each paper.
     *
     * @return array<string, int>
     */
    private static function linesOn(Lab $lab, LabCard $card): array
    {
        $counts = Line::query()
            ->whereIn('order_id', Order::query()->where('lab_id', $lab->id)->select('id'))
            ->where('state', '!=', Line::MADE)
            ->selectRaw("coalesce(json_value(wanted, '$.paper'), ?) as paper, count(*) as many", [$card->paper(null)->name ?? ''])
            ->groupBy('paper')
            ->pluck('many', 'paper');

        return array_map(fn (Paper $paper): int => (int) ($counts[$paper->name] ?? 0), array_column($card->papers, null, 'name'));
    }

    /** @return list<array{float, float}> */
    private function gamut(LabProfile $held): array
    {
        return Cache::remember("gamut-{$held->sha256}", self::KEPT_SECONDS, fn (): array => Gamut::of($held->profile(), $this->profiles));
    }
}
