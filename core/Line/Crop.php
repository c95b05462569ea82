<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\Window;

/** The size that was ordered, which way up it is used, and which part of the picture is wanted on it. */
final readonly class Crop
{
    /**
     * @param  ?Window  $window  null for the one that keeps in what must stay in
     * @param  bool  $follows  the size from something else that the line says
     * @param  ?Size  $asked  as it was written, where the lab calls it otherwise
     */
    private function __construct(
        public Size $size,
        public Turn $turn,
        public ?Window $window,
        public bool $follows = false,
        public ?Size $asked = null,
    ) {}

    /** The same on the size that the lab lists for it. */
    public function takenAs(Size $listed): self
    {
        return new self($listed, $this->turn, $this->window, $this->follows, $this->size);
    }

    /** Of a size that follows from something else: which way up it is follows, too. */
    public static function following(Size $size, ?Window $window, ?Turn $turn = null): self
    {
        $lies = $size->width->nanometres > $size->height->nanometres;

        return new self($size, $turn ?? ($lies ? Turn::Landscape : Turn::Portrait), $window, true);
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(JsonNode $line): self
    {
        $window = $line->maybe('window');

        return new self(
            $line->need('size')->size(),
            $line->maybe('turn')?->choice(Turn::class) ?? Turn::Auto,
            $window === null ? null : Window::fromNode($window),
        );
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter(
            [
                'size' => $this->follows ? null : (string) ($this->asked ?? $this->size),
                'turn' => $this->follows || $this->turn === Turn::Auto ? null : $this->turn->value,
                'window' => $this->window?->toArray(),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
