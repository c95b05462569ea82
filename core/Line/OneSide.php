<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Ratio;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\Window;

/** One side of what is ordered; the other follows from a ratio, or from the picture as it lies, whichever picture that is. */
final readonly class OneSide
{
    /** In place of a ratio: the picture's own */
    public const OF_PICTURE = 'picture';

    /**
     * @param  ?Ratio  $ratio  width to height; null for the picture's own
     * @param  ?Window  $window  null for the one that keeps in what must stay in
     */
    private function __construct(
        public Length $length,
        public GivenSide $side,
        public ?Ratio $ratio,
        private Turn $turn,
        private ?Window $window,
    ) {}

    /**
     * Of a line whose `size` is one side: “12 in wide”, “10 in high”, “12 in long” (the longer one), “8 in short”.
     *
     * @return ?self null where its size has two sides
     *
     * @throws OrderFileError
     */
    public static function fromNode(JsonNode $line): ?self
    {
        $size = $line->maybe('size');
        $part = self::parts($size?->raw());
        $ratio = $line->maybe('ratio');
        if ($size === null || $part === null) {
            return $ratio === null ? null : throw $ratio->unexpected('no ratio beside a size: it goes with one side, such as "12 in wide"');
        }
        $length = $size->measured(fn (): Length => Length::parse($part[0], $size->bare()));
        if ($length->nanometres === 0) {
            throw $size->unexpected('a length above 0');
        }
        $side = GivenSide::from(strtolower($part[1]));
        $window = $line->maybe('window');

        return new self(
            $length,
            $side,
            $ratio === null || $ratio->raw() === self::OF_PICTURE ? null : self::ratio($ratio),
            $line->maybe('turn')?->choice(Turn::class) ?? Turn::Auto,
            $window === null ? null : Window::fromNode($window),
        );
    }

    /** Whether a size, as it is written, is one side only. */
    public static function isOne(mixed $size): bool
    {
        return self::parts($size) !== null;
    }

    /** @return ?array{string, string} the length and the side */
    private static function parts(mixed $size): ?array
    {
        return is_string($size) && preg_match('/^(.+?)\s*\b(wide|high|long|short)$/iu', trim($size), $part) === 1
            ? [$part[1], $part[2]]
            : null;
    }

    /** @throws OrderFileError */
    private static function ratio(JsonNode $node): Ratio
    {
        $text = $node->string(20);
        try {
            return Ratio::parse($text);
        } catch (MeasureError $e) {
            throw new OrderFileError(
                $node->path(),
                "“{$text}”",
                'two numbers up to '.Ratio::MOST.' to 1, such as "16:9" or "2.39:1", or "'.self::OF_PICTURE.'"',
                $e->getMessage(),
            );
        }
    }

    /**
     * Both sides: exactly, so that the edges are rounded as those of any other size.
     *
     * @return ?Crop null while there is no picture that says the other one
     */
    public function crop(?PictureFacts $picture): ?Crop
    {
        if ($this->ratio === null && $picture === null) {
            return null;
        }
        [$width, $height] = $this->shape($picture);
        $isWidth = $this->side->isWidth($width, $height);
        $follows = (int) round($this->length->nanometres * ($isWidth ? $height / $width : $width / $height));
        $other = Length::ofNanometres(max(1, $follows), $this->length->unit);
        $size = $isWidth ? Size::of($this->length, $other) : Size::of($other, $this->length);
        $suits = $this->turn === Turn::Auto && in_array($this->side, [GivenSide::Long, GivenSide::Short], true);

        // What is so wide or so high isn't turned to suit the picture.
        return Crop::following($size, $this->window, $suits ? Turn::Auto : null);
    }

    /** @return array{int, int} width to height, the way up that is asked for */
    private function shape(?PictureFacts $picture): array
    {
        $shape = [$this->ratio->width ?? ($picture->width ?? 1), $this->ratio->height ?? ($picture->height ?? 1)];

        return match ($this->turn) {
            Turn::Auto => $shape,
            Turn::Portrait => [min($shape), max($shape)],
            Turn::Landscape => [max($shape), min($shape)],
        };
    }

    /** For people: “12 in wide”, “12 in on the long edge at 16:9”. */
    public function label(): string
    {
        return $this->length->label()." {$this->side->label()}".($this->ratio === null ? '' : " at {$this->ratio->typed()}");
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter(
            [
                'size' => "{$this->length} {$this->side->value}",
                'ratio' => $this->ratio === null ? null : $this->ratio->typed(),
                'turn' => $this->turn === Turn::Auto ? null : $this->turn->value,
                'window' => $this->window?->toArray(),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
