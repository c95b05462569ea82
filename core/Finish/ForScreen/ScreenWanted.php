<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Lab\LabCard;
use Planisher\Line\ForScreens;
use Planisher\Line\InSeveralFiles;
use Planisher\Measure\PixelSize;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\Window;
use Planisher\Screen\ScreenCopy;

/** What is wanted of a copy of a picture for a screen: so long a side, or an exact shape with a window of its own. */
final readonly class ScreenWanted implements ForScreens, InSeveralFiles
{
    /** Its file's name always says so. */
    private const IN_NAMES = 'screen';

    /**
     * @param  int  $longSide  in pixels, at most; means nothing where there is a shape
     * @param  ?Window  $window  of a shape; null for the one that keeps in what must stay in
     */
    private function __construct(public int $longSide, public ?PixelSize $shape, public ?Window $window) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $line): self
    {
        $shape = $line->maybe('shape');
        $longSide = $line->maybe('longSide');
        if ($shape !== null && $longSide !== null) {
            throw $longSide->unexpected('nothing, since a shape is given; give one of both');
        }
        $window = $line->maybe('window');

        return new self(
            $longSide?->int(1, PixelSize::MOST) ?? ScreenCopy::USUAL_SIDE,
            $shape?->measured(PixelSize::parse(...)),
            $window === null ? null : Window::fromNode($window),
        );
    }

    public function label(int $copies): string
    {
        return (new ScreenFinish())->label($copies);
    }

    public function inWords(): string
    {
        return 'a screen copy'.($this->shape === null ? " of {$this->longSide} px" : " of {$this->shape->label()}");
    }

    public function apart(LabCard $lab): array
    {
        return [self::IN_NAMES];
    }

    public function toArray(): array
    {
        return array_filter(
            [
                'longSide' => $this->shape === null ? $this->longSide : null,
                'shape' => $this->shape === null ? null : (string) $this->shape,
                'window' => $this->window?->toArray(),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
