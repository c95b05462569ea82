<?php

declare(strict_types=1);

namespace Planisher\Reading;

use Planisher\Finish\LinePictures;

/** A line of an order as somebody's words were read. */
final readonly class ReadPrint
{
    /**
     * @param  array<string, mixed>  $wanted  its order-file form; without a size it can't be on an order yet
     * @param  ?string  $remark  words that were not understood, or aren't done here
     * @param  bool  $isSure  everything was understood, in one way only
     * @param  bool  $isWhole  it has all that a line needs
     * @param  ?string  $forLab  what the lab is to be told
     */
    public function __construct(
        public array $wanted,
        public ?string $remark,
        public bool $isSure,
        public bool $isWhole,
        public ?string $forLab = null,
    ) {}

    /** @param  list<string>  $pictures  in its places, in their order */
    public function holding(array $pictures): self
    {
        $wanted = LinePictures::put($this->wanted, $pictures);

        return new self($wanted, $this->remark, $this->isSure, $this->isWhole, $this->forLab);
    }

    public function unsure(): self
    {
        return new self($this->wanted, $this->remark, false, $this->isWhole, $this->forLab);
    }
}
