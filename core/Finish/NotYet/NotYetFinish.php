<?php

declare(strict_types=1);

namespace Planisher\Finish\NotYet;

use Planisher\Finish\Drawn;
use Planisher\Finish\Finish;
use Planisher\Finish\Said;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Measure\MeasureError;
use Planisher\Naming\FileName;
use Planisher\OrderFile\Node;
use Planisher\Phrase\Segments;
use Planisher\Plan\Layout;
use Planisher\Plan\Plan;
use Planisher\Plan\Situation;
use Planisher\Studio\Desk;

/** Holds the place of a finish that an order file may name and this version can't make. Adding it takes its entry out of Finishes. */
final class NotYetFinish implements Drawn, Finish, Said
{
    /** @param  list<string>  $keys  of an order file's line that it will read */
    public function __construct(
        private readonly string $name,
        private readonly array $keys,
        private readonly string $what,
        private readonly string $one,
        private readonly string $many,
    ) {}

    public function name(): string
    {
        return $this->name;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? $this->one : $this->many;
    }

    public function keys(): array
    {
        return $this->keys;
    }

    public function places(array $wanted): array
    {
        return [['picture']];
    }

    public function wanted(Node $line): NotYetWanted
    {
        return new NotYetWanted($this->what, $this->one, $this->many);
    }

    public function crop(Node $line): null
    {
        return null;
    }

    public function plan(Line $line, array $pictures, LabCard $lab, FileName $name, Desk $desk): ?Plan
    {
        return null;
    }

    public function checks(): array
    {
        return [];
    }

    public function cells(Situation $at): null
    {
        return null;
    }

    public function needsListedSize(): bool
    {
        return false;
    }

    public function said(): Said
    {
        return $this;
    }

    public function drawn(): Drawn
    {
        return $this;
    }

    public function choices(): array
    {
        return [];
    }

    public function madeOf(Situation $at): ?array
    {
        return null;
    }

    public function size(Situation $at): string
    {
        return 'no size';
    }

    public function words(Segments $sentence, Situation $at): void {}

    public function addable(Situation $at): array
    {
        return [];
    }

    public function short(Situation $at): string
    {
        return 'no size';
    }

    public function facts(Situation $at): array
    {
        return [];
    }

    public function dimensions(Layout $layout): array
    {
        return [];
    }

    public function typed(Line $line, Layout $layout, string $name, string $typed): array
    {
        throw new MeasureError('This line has no drawing.');
    }

    public function uses(?Situation $at): array
    {
        return [];
    }

    public function parts(?Situation $at): array
    {
        return [];
    }

    public function hung(Layout $layout): array
    {
        return [$layout->sheet, [[$layout->sheet, $layout->sheet]]];
    }
}
