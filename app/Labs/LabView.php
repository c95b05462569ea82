<?php

declare(strict_types=1);

namespace App\Labs;

use App\Models\Lab;
use App\Models\LabProfile;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Facades\Cache;
use Planisher\Colour\Space;
use Planisher\Description\GamutDescription;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Inspect\Gamut;
use Planisher\Lab\LabCard;
use Planisher\Lab\Paper;
use Planisher\Lab\Text\CardDraft;
use Planisher\Lab\Text\CardField;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\State\LineState;

/** A lab card as its page gets it: what it says, its fields as text, and how far its papers' colours go. */
final class LabView
{
    private const KEPT_SECONDS = 2_592_000;

    public function __construct(private readonly Profiles $profiles) {}

    /** @return LabRowShape in one row of the list */
    public static function row(Lab $lab): array
    {
        $card = $lab->labCard();

        return [
            'id' => $lab->id,
            'name' => $lab->name,
            'sizes' => array_map(self::size(...), $card->sizes),
            'colour' => $card->colour->value,
            'papers' => array_map(fn (Paper $paper): string => $paper->name, $card->papers),
            'orders' => (int) $lab->getAttribute('orders_count'),
        ];
    }

    /** @return LabPageShape */
    public function page(Lab $lab): array
    {
        $lab->load('profiles');
        $card = $lab->labCard();
        $srgb = Gamut::of(Space::Srgb, $this->profiles);

        return [
            'id' => $lab->id,
            'name' => $lab->name,
            'version' => $lab->version,
            'sizes' => array_map(self::size(...), $card->sizes),
            ...CardDraft::texts($card),
            'fields' => self::fields(),
            'papers' => array_map(fn (Paper $paper): array => $paper->toArray(), $card->papers),
            'linesOn' => (object) self::linesOn($lab, $card),
            'usedBy' => Order::query()->where('lab_id', $lab->id)->whereNull('put_away_at')->count(),
            'disagreements' => $card->disagreements(),
            'service' => ['url' => $lab->service_url, 'hasKey' => $lab->service_key !== null],
            'profiles' => array_map(
                fn (LabProfile $held): array => [
                    'file' => $held->file,
                    'description' => $held->description,
                    'gamut' => $this->gamut($held),
                    'beside' => GamutDescription::beside($this->gamut($held), $srgb, Space::Srgb->value),
                ],
                array_values($lab->profiles->all()),
            ),
            'spaces' => array_map(
                fn (Space $space): array => ['name' => $space->value, 'gamut' => Gamut::of($space, $this->profiles)],
                Space::cases(),
            ),
        ];
    }

    /** @return list<CardFieldShape> what each field is called, is for, and is where nothing is said */
    public static function fields(): array
    {
        return array_map(
            fn (CardField $field): array => [
                'name' => $field->value,
                'label' => $field->label(),
                'purpose' => $field->purpose(),
                'start' => $field->start(),
                'choices' => $field->choices(),
            ],
            CardField::cases(),
        );
    }

    /** @return array{label: string, width: float, height: float} in mm, upright */
    public static function size(Size $size): array
    {
        $upright = $size->portrait();

        return [
            'label' => $size->label(),
            'width' => $upright->width->in(Unit::Millimetre),
            'height' => $upright->height->in(Unit::Millimetre),
        ];
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
            ->where('state', '!=', LineState::Made)
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
