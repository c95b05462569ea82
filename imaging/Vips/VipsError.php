<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What libvips said when a call failed, in its own words. */
final class VipsError extends \RuntimeException
{
    /** What its readers of pictures begin their lines with; all else is about what was asked of it. */
    private const READERS =
        '/^(?:\w+: )?(?:VipsJpeg|\w*jpegload\w*|pngload\w*|vipspng|libspng\w*|tiffload\w*|TIFF(?!Write|Append)\w*|webp\w*|heif\w*|'.
        'magick\w*|VipsForeignLoad\w*|\w*2vips|unix|wbuffer)\b/mi';

    private const CUT_OFF = '/premature end|read error|not enough|truncated|corrupt/i';

    /** Whether a picture's file is to blame; what is read in the wrong order, or asked for where nothing is, is our own fault. */
    public function isOfAPicture(): bool
    {
        $said = $this->getMessage();

        return ! str_contains($said, 'out of order') && (preg_match(self::READERS, $said) === 1 || $this->isCutOff());
    }

    /** Whether a file ended before its picture did, or was altered in the middle. */
    public function isCutOff(): bool
    {
        return preg_match(self::CUT_OFF, $this->getMessage()) === 1 && ! str_contains($this->getMessage(), 'out of order');
    }

    public static function fileNotMade(string $saver): self
    {
        return new self("{$saver}: the file can’t be made");
    }

    public static function noMemory(string $type): self
    {
        return new self("There is no memory left for a {$type}.");
    }

    public static function inCall(string $call, string $said): self
    {
        return new self("{$call}: {$said}");
    }

    public static function notInstalled(\Throwable $why): self
    {
        return new self('libvips can’t be used. Install Debian’s package libvips42 and set ffi.enable=1. '.$why->getMessage());
    }

    public static function notStarted(string $said): self
    {
        return new self('libvips did not start: '.$said);
    }
}
