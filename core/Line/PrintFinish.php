<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Measure\Size;
use Planisher\OrderFile\Node;
use Planisher\Picture\Window;

/** One picture cropped to fill one piece of paper. */
final readonly class PrintFinish
{
    public const KEYS = ['size', 'turn', 'fit', 'window'];

    public function __construct(public Size $size, public Turn $turn, public Window $window) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(Node $line): self
    {
        return new self(
            $line->need('size')->size(),
            $line->maybe('turn')?->choice(Turn::class) ?? Turn::Auto,
            Window::fromNode($line->maybe('window')),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['size' => (string) $this->size, 'turn' => $this->turn->value, 'window' => $this->window->toArray()];
    }
}
