<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\Finishes;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;

/** One print as far as it is known while a message is read: each of its values knows which words it came from. */
final class Draft
{
    public ?string $picture = null;

    public ?Size $size = null;

    /** @var list<ChartItem> words that its size and pictures came of, whose doubts are its own */
    public array $from = [];

    public int $copies = 1;

    /** How many was said of it by itself */
    public bool $isCounted = false;

    /** @var list<ChartItem> */
    public array $wishes = [];

    /** @var list<string> */
    public array $remarks = [];

    public bool $isAsked = false;

    /** It shares a sheet with others */
    public ?int $sheet = null;

    /** @var array<string, mixed> what is wanted of that sheet */
    public array $sheetWishes = [];

    /** Pictures that its sheet has places for, where it is one that others fill with it */
    public ?int $places = null;

    public function __construct(public readonly int $line) {}

    /**
     * Whether none of several prints has a picture.
     *
     * @param  list<Draft>  $made
     */
    public static function areOfNone(array $made): bool
    {
        return $made !== [] && array_filter($made, fn (Draft $draft): bool => $draft->picture !== null) === [];
    }

    /** The finish that it is made into. */
    public function make(): string
    {
        $make = Finishes::USUAL;
        foreach ($this->wishes as $wish) {
            $make = is_string($wish->change['make'] ?? null) ? $wish->change['make'] : $make;
        }

        return $make;
    }
}
