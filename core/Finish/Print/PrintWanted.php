<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\KeyScope;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\OnASheet;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;

/** What is wanted of a print: how one picture sits on one piece of paper. */
final readonly class PrintWanted implements OnASheet
{
    /**
     * @param  ?ImageSize  $image  null for the largest inside the border
     * @param  ?Opening  $opening  of a mount that it goes behind, which says how large the image is
     * @param  bool  $trimMarks  drawn in the surplus of a carrier
     * @param  Length  $frameCover  what a frame hides all round; checked, never rendered
     */
    private function __construct(
        public Fit $fit,
        public Border $border,
        public ?ImageSize $image,
        public ?Opening $opening,
        public Raise $raise,
        public Rgb $paperColour,
        public ?Keyline $keyline,
        public CarrierWish $carrier,
        public bool $trimMarks,
        public Length $frameCover,
    ) {}

    public static function keys(): LineKeys
    {
        /** @var ?LineKeys $keys */
        static $keys = null;

        return $keys ??= LineKeys::of(
            new LineKey('fit', KeyScope::Cell, 'how it fits'),
            new LineKey('border', KeyScope::Cell),
            new LineKey('image', KeyScope::Cell, 'how large the image is'),
            new LineKey('opening', KeyScope::Cell, 'the opening it is seen through'),
            new LineKey('raise', KeyScope::Cell, 'how high it sits'),
            new LineKey('paperColour', KeyScope::Cell, 'the colour of its paper'),
            new LineKey('keyline', KeyScope::Cell, 'the line round it'),
            new LineKey('carrier', KeyScope::Line),
            new LineKey('trimMarks', KeyScope::Line, 'its trim marks'),
            new LineKey('frameCover', KeyScope::Cell, 'its frame'),
        );
    }

    /** About what a frame's rebate hides (common practice, no source) */
    public static function usualFrameCover(): Length
    {
        return Length::of('5', Unit::Millimetre);
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(JsonNode $line): self
    {
        return new self(
            fit: $line->maybe('fit')?->choice(Fit::class) ?? Fit::Fill,
            border: Border::fromNode($line->maybe('border')),
            image: self::image($line),
            opening: Opening::fromNode($line->maybe('opening')),
            raise: Raise::fromNode($line->maybe('raise')),
            paperColour: $line->maybe('paperColour')?->colour() ?? Rgb::white(),
            keyline: Keyline::fromNode($line->maybe('keyline')),
            carrier: CarrierWish::fromNode($line->maybe('carrier')),
            trimMarks: $line->maybe('trimMarks')?->bool() ?? true,
            frameCover: $line->maybe('frameCover')?->length() ?? self::usualFrameCover(),
        );
    }

    /** What a frame hides of it; of a mount in front of it the opening tells that. */
    public function framed(): Length
    {
        return $this->opening === null ? $this->frameCover : Length::zero(Unit::Millimetre);
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    private static function image(JsonNode $line): ?ImageSize
    {
        $image = ImageSize::fromNode($line->maybe('image'));

        return $image !== null && $line->maybe('opening') !== null
            ? throw $line->need('image')->unexpected('no size of the image beside an opening, which says it')
            : $image;
    }

    public function sheetFor(?Size $asked, LabCard $lab): ?Size
    {
        if ($asked === null) {
            return null;
        }
        $suits = $lab->lists($asked) === null ? $lab->smallestThatHolds($asked) : null;
        $sheet = $this->carrier->auto ? $suits : $this->carrier->size;

        return $sheet === null || ! $sheet->holds($asked) || $sheet->sameAs($asked) ? null : $sheet;
    }

    public function label(int $copies): string
    {
        return (new PrintFinish())->label($copies);
    }

    public function inWords(): string
    {
        return 'a print';
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter(
            [
                'fit' => $this->fit === Fit::Fill ? null : $this->fit->value,
                'border' => $this->border->isNone() ? null : $this->border->toArray(),
                'image' => $this->image?->toArray(),
                'opening' => $this->opening?->toArray(),
                'raise' => $this->raise->isNone() ? null : (string) $this->raise,
                'paperColour' => $this->paperColour->equals(Rgb::white()) ? null : (string) $this->paperColour,
                'keyline' => $this->keyline?->toArray(),
                'carrier' => $this->carrier->auto ? null : (string) $this->carrier,
                'trimMarks' => $this->trimMarks ? null : false,
                'frameCover' => $this->frameCover->equals(self::usualFrameCover()) ? null : (string) $this->frameCover,
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
