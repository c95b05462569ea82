<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Finding\CutLittle;
use Planisher\Finding\MarkedStaysIn;
use Planisher\Finish\Finish;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Measure\Unit;
use Planisher\Naming\FileName;
use Planisher\OrderFile\Node;
use Planisher\Plan\Plan;
use Planisher\Plan\Situation;
use Planisher\Studio\Desk;

/** A copy of a picture for a screen, which never goes to the lab. */
final class ScreenFinish implements Finish
{
    public const NAME = 'screen-copy';

    public function name(): string
    {
        return self::NAME;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'screen copy' : 'screen copies';
    }

    public function keys(): array
    {
        return ScreenWanted::KEYS;
    }

    public function places(array $wanted): array
    {
        return [['picture']];
    }

    public function wanted(Node $line): ScreenWanted
    {
        return ScreenWanted::fromNode($line);
    }

    public function crop(Node $line): null
    {
        return null;
    }

    public function plan(Line $line, array $pictures, LabCard $lab, FileName $name, Desk $desk): ?Plan
    {
        return $pictures[0] === null ? null : ScreenPlanner::plan($line, $pictures[0], $lab, $name, $desk);
    }

    public function checks(): array
    {
        return [
            new NotLarger(),
            new MarkedStaysIn(),
            new CutLittle(fn (Situation $at): bool => ScreenWanted::of($at->line)?->shape === null),
        ];
    }

    public function cells(Situation $at): null
    {
        return null;
    }

    public function needsListedSize(): bool
    {
        return false;
    }

    public function needsSize(): bool
    {
        return false;
    }

    public function said(): ScreenSaid
    {
        return new ScreenSaid();
    }

    public function drawn(): ScreenDrawn
    {
        return new ScreenDrawn();
    }

    public function choices(): array
    {
        return [];
    }

    public function rules(): array
    {
        return ScreenRules::all();
    }

    public function calledIn(): array
    {
        return [];
    }

    public function completed(array $change, array $on, Unit $unit): array
    {
        return $change;
    }
}
