<?php

declare(strict_types=1);

namespace Planisher\Drawing;

use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;

/** The dimensions of a drawing, the outermost first. Lengths that were typed show as they were typed. */
final class Dimensions
{
    /** @var list<Dimension> */
    private array $all = [];

    public function __construct(private readonly Size $ordered) {}

    /** @return list<Dimension> of an ordered size without a picture yet */
    public static function ofSize(Size $ordered): array
    {
        return (new self($ordered))->ordered()->all();
    }

    /** @return list<Dimension> that measure something */
    public function all(): array
    {
        return array_values(array_filter($this->all, fn (Dimension $d): bool => $d->to - $d->from > 0.0001));
    }

    /** Of the ordered size itself. */
    public function ordered(): self
    {
        [$width, $height] = [$this->ordered->width, $this->ordered->height];

        return $this->size('paper-width', true, 0, $width->nanometres, true, $width->label())->size(
            'paper-height',
            false,
            0,
            $height->nanometres,
            true,
            $height->label(),
        );
    }

    /**
     * @param  int  $from  in nanometres from the paper's corner
     * @param  ?string  $label  as it was typed; null for the length
     */
    public function size(string $name, bool $across, int $from, int $to, bool $canBeTyped, ?string $label = null): self
    {
        return $this->add($name, $across, false, $from, $to, $canBeTyped, $label);
    }

    /** One of several that lie beside each other. */
    public function margin(string $name, bool $across, int $from, int $to, bool $canBeTyped, ?string $label = null): self
    {
        return $this->add($name, $across, true, $from, $to, $canBeTyped, $label);
    }

    private function add(string $name, bool $across, bool $isMargin, int $from, int $to, bool $canBeTyped, ?string $label): self
    {
        $label ??= Length::ofNanometres($to - $from, $this->ordered->width->unit)->label();
        $mm = fn (int $nanometres): float => $nanometres / Unit::Millimetre->nanometres();
        $this->all[] = new Dimension($name, $label, $across, $isMargin, $mm($from), $mm($to), $canBeTyped);

        return $this;
    }
}
