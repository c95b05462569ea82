<?php

declare(strict_types=1);

namespace Planisher\Language;

/** Words that may be put in the place of words that weren't clear. */
final readonly class Offer
{
    /**
     * @param  string  $label  for people
     * @param  string  $with  the words that say it
     * @param  ?string  $picture  the name of the picture that they mean, where they mean one
     */
    public function __construct(public string $label, public string $with, public ?string $picture = null) {}

    /** @return array{label: string, with: string, picture: ?string} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'with' => $this->with, 'picture' => $this->picture];
    }
}
