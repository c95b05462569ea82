<?php

declare(strict_types=1);

namespace Planisher\Imaging\Child;

use Planisher\Measure\Figure;

/** A child process that was ended at one of its limits, or came down by itself. The message says which, of “it”. */
final class Stopped extends \RuntimeException
{
    /**
     * @param  bool  $isByTime  whether it may be read where more time is spent
     * @param  bool  $isPassing  whether the machine is to blame, and not what was read
     */
    private function __construct(
        string $message,
        public readonly bool $isByTime = false,
        ?\Throwable $previous = null,
        public readonly bool $isPassing = false,
    ) {
        parent::__construct($message, 0, $previous);
    }

    public static function byTime(Limits $limits): self
    {
        return new self(
            "it takes longer than {$limits->processorSeconds}".Figure::THIN_SPACE.'s to read, and was stopped.',
            isByTime: true,
        );
    }

    /** Its processor time wasn't used up: the machine had too much else to do. */
    public static function byClock(Limits $limits): self
    {
        return new self(
            "the machine had too much else to do: it wasn’t read within {$limits->seconds}".Figure::THIN_SPACE.'s, and was stopped.',
            isByTime: true,
            isPassing: true,
        );
    }

    public static function byMemory(Limits $limits): self
    {
        return new self('it takes more than '.Figure::bytes($limits->bytes).' of memory to read, and was stopped.');
    }

    public static function bySize(Limits $limits): self
    {
        return new self('what is made of it is larger than '.Figure::bytes($limits->fileBytes).', and was stopped.');
    }

    public static function byItself(string $said): self
    {
        return new self('it is packed in a way that its reader doesn’t stand.', previous: new \RuntimeException($said));
    }

    public static function missing(string $program): self
    {
        return new self("{$program} isn’t installed.", isPassing: true);
    }
}
