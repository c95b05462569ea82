<?php

declare(strict_types=1);

namespace App\Views;

use App\Errors\Gone;
use App\Errors\NotPossible;
use Planisher\Colour\PaperProfile;
use Planisher\Finding\WordsOnPaper;
use Planisher\Line\LineChange;
use Planisher\Order\WorkedLine;
use Planisher\Plan\Plan;

/** A line as it is looked at: its plan's hash stands in the address, so that what is answered never changes. */
final readonly class ViewedLine
{
    private function __construct(public WorkedLine $worked, public Plan $plan, public string $hash, public ?PaperProfile $paper) {}

    /**
     * @throws Gone when the line is another by now
     * @throws NotPossible when there is more on it than is drawn
     */
    public static function of(WorkedLine $worked, string $hash): self
    {
        $plan = $worked->plan;
        ($plan !== null && $plan->hash() === $hash) || throw new Gone('The line has changed meanwhile.');

        $tooMuch = array_column($worked->findings, null, 'code')[WordsOnPaper::TOO_MUCH] ?? null;
        $tooMuch === null || throw new NotPossible($tooMuch->inWords());

        return new self($worked, $plan, $hash, $worked->lab->paperProfile($worked->line->paper));
    }

    /** The same line with something changed that is not kept, on the same paper. */
    public function changedBy(LineChange $change): self
    {
        $plan = $this->worked->at->planChangedBy($change) ?? $this->plan;

        return new self($this->worked, $plan, $plan->hash(), $this->paper);
    }

    /** The same for the same plan on the same paper. */
    public function onPaper(): string
    {
        return "{$this->hash}-".($this->paper->sha256 ?? 'file');
    }
}
