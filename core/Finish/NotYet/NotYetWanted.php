<?php

declare(strict_types=1);

namespace Planisher\Finish\NotYet;

use Planisher\Lab\LabCard;
use Planisher\Line\Wanted;

/** Something an order file may ask for and this version can't make: the line is stopped and says so. */
final readonly class NotYetWanted implements Wanted
{
    /** @param  string  $what  “a shared sheet” */
    public function __construct(private string $what, private string $one, private string $many) {}

    public function label(int $copies): string
    {
        return $copies === 1 ? $this->one : $this->many;
    }

    public function inWords(): string
    {
        return $this->what;
    }

    public function pictures(?string $picture): array
    {
        return [$picture];
    }

    public function notYet(): string
    {
        return $this->what;
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

    public function toArray(): array
    {
        return [];
    }
}
