<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

use Planisher\Colour\Channels;

/**
 * A JPEG read to its very end by libjpeg's own program, beside what else is done with it. libvips stops at the last row, and never
 * learns of bits that are left over behind it: a sign that some in the middle were lost or altered. Reading all bits at an eighth of
 * the size costs about a ninth of what its proxies cost (docs/imaging.md).
 */
final class SecondReader
{
    /** djpeg and jpegtran end with it where the file was read but something in it was odd (jerror.h, EXIT_WARNING). */
    private const WARNED = 2;

    /** @param  resource  $process */
    private function __construct(private $process) {}

    public static function begin(string $path, Channels $channels): ?self
    {
        $program =
            $channels === Channels::Cmyk
                ? ['jpegtran', '-maxmemory', '100M', '-outfile', '/dev/null', $path] // djpeg writes no CMYK
                : ['djpeg', '-scale', '1/8', '-grayscale', '-outfile', '/dev/null', $path];
        $nothing = ['file', '/dev/null', 'r+'];
        $process = @proc_open($program, [$nothing, $nothing, $nothing], $pipes);

        return $process === false ? null : new self($process);
    }

    /** Waits for its end: whether it found something odd. What it can't read at all is for others to judge. */
    public function hasWarned(): bool
    {
        return proc_close($this->process) === self::WARNED;
    }
}
