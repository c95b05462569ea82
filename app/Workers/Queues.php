<?php

declare(strict_types=1);

namespace App\Workers;

/** The queues beside the usual one, which workers empty first. */
final class Queues
{
    /** What is looked at beforehand: after the files that somebody waits for. */
    public const LOOKS = 'looks';
}
