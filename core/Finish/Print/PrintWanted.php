<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Colour\Rgb;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Line\Wanted;
use Planisher\Measure\Length;
use Planisher\Measure\Unit;
use Planisher\OrderFile\Node;

/** What is wanted of a print: how one picture sits on one piece of paper. */
final readonly class PrintWanted implements Wanted
{
    public const KEYS = ['fit', 'border', 'image', 'raise', 'paperColour', 'keyline', 'carrier', 'trimMarks', 'frameCover'];

    /**
     * @param  ?ImageSize  $image  null for the largest inside the border
     * @param  bool  $trimMarks  drawn in the surplus of a carrier
     * @param  Length  $frameCover  what a frame hides all round; checked, never rendered
     */
    private function __construct(
        public Fit $fit,
        public Border $border,
        public ?ImageSize $image,
        public Raise $raise,
        public Rgb $paperColour,
        public ?Keyline $keyline,
        public CarrierWish $carrier,
        public bool $trimMarks,
        public Length $frameCover,
    ) {}

    /** About what a frame's rebate hides (common practice, no source) */
    public static function usualFrameCover(): Length
    {
        return Length::of('5', Unit::Millimetre);
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(Node $line): self
    {
        return new self(
            fit: $line->maybe('fit')?->choice(Fit::class) ?? Fit::Fill,
            border: Border::fromNode($line->maybe('border')),
            image: ImageSize::fromNode($line->maybe('image')),
            raise: Raise::fromNode($line->maybe('raise')),
            paperColour: $line->maybe('paperColour')?->colour() ?? Rgb::white(),
            keyline: Keyline::fromNode($line->maybe('keyline')),
            carrier: CarrierWish::fromNode($line->maybe('carrier')),
            trimMarks: $line->maybe('trimMarks')?->bool() ?? true,
            frameCover: $line->maybe('frameCover')?->length() ?? self::usualFrameCover(),
        );
    }

    /** Of a line that makes a print. */
    public static function of(Line $line): ?self
    {
        return $line->wanted instanceof self ? $line->wanted : null;
    }

    public function label(int $copies): string
    {
        return (new PrintFinish())->label($copies);
    }

    public function inWords(): string
    {
        return 'a print';
    }

    public function pictures(?string $picture): array
    {
        return [$picture];
    }

    public function printedOn(): ?string
    {
        return null;
    }

    public function isPrinted(): bool
    {
        return true;
    }

    public function isForTheWall(): bool
    {
        return false;
    }

    public function apart(LabCard $lab): array
    {
        return [''];
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter(
            [
                'fit' => $this->fit === Fit::Fill ? null : $this->fit->value,
                'border' => $this->border->isNone() ? null : $this->border->toArray(),
                'image' => $this->image?->toArray(),
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
