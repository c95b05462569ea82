<?php

declare(strict_types=1);

namespace Planisher\Overlay;

use Planisher\Measure\Figure;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** A mark wanted over the image: the studio's own, an ornament, a frame. A PNG with transparency, named by its file. */
final readonly class Overlay
{
    private const USUAL_OFFSET = '4 mm';

    private const USUAL_WIDTH = '18 %';

    /**
     * @param  Reach  $offset  from the edges of the image that its place names
     * @param  Reach  $width  its height follows; of one over the whole image both are the image's
     * @param  float  $strength  0 to 1: how much of it is seen
     */
    private function __construct(
        public string $picture,
        public OverlayPlace $where,
        public Reach $offset,
        public Reach $width,
        public float $strength,
    ) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['picture', 'where', 'offset', 'width', 'strength']);
        $width = Reach::fromNode($node->maybe('width'), self::USUAL_WIDTH);
        if ($width->on(1_000_000) === 0) {
            throw $node->need('width')->unexpected('a width above 0');
        }

        return new self(
            $node->need('picture')->string(),
            $node->maybe('where')?->choice(OverlayPlace::class) ?? OverlayPlace::BottomRight,
            Reach::fromNode($node->maybe('offset'), self::USUAL_OFFSET),
            $width,
            $node->maybe('strength')?->number(0, 1) ?? 1.0,
        );
    }

    /** What it is called: its file's name without the ending. */
    public function name(): string
    {
        return pathinfo($this->picture, PATHINFO_FILENAME);
    }

    /** “halloway mark at its bottom right, 18 % wide, at 70 %” */
    public function inWords(): string
    {
        return "“{$this->name()}” {$this->placed()}";
    }

    /** “at its bottom right, 18 % wide, at 70 %” */
    public function placed(): string
    {
        return $this->where->label().
            ($this->where === OverlayPlace::Whole ? '' : ", {$this->width->label()} wide").
            ($this->strength < 1 ? ', at '.Figure::percent($this->strength) : '');
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        return [
            'picture' => $this->picture,
            'where' => $this->where->value,
            'offset' => (string) $this->offset,
            'width' => (string) $this->width,
            'strength' => $this->strength,
        ];
    }
}
