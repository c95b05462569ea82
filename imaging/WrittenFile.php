<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\Files\CannotWrite;
use Planisher\Plan\PlannedFile;

/** A file that is written beside its final name, and is being read back. */
final class WrittenFile
{
    private ?FinishedFile $made = null;

    /**
     * @param  \Closure(): FinishedFile  $end  waits for the read-back and gives it its name
     * @param  \Closure(): void  $clear  takes away what wasn't given one
     */
    public function __construct(public readonly PlannedFile $file, private readonly \Closure $end, private readonly \Closure $clear) {}

    public function __destruct()
    {
        ($this->clear)();
    }

    /**
     * Gives it its name, once every figure of it is as planned.
     *
     * @throws CannotWrite
     */
    public function end(): FinishedFile
    {
        return $this->made ??= ($this->end)();
    }
}
