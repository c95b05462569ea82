<?php

declare(strict_types=1);

namespace App\Files;

/** What a look tells of a kept file. */
final readonly class Stamp
{
    /**
     * @param  int  $changedAt  seconds since 1970
     * @param  ?string  $sha256  where the disk keeps sums beside what it keeps
     */
    public function __construct(public int $bytes, public int $changedAt, public ?string $sha256 = null) {}
}
