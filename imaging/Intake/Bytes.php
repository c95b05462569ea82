<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

/** A file read in pieces at places; what lies beyond its end is empty, and nothing longer than asked is ever held. */
final class Bytes
{
    private const MOST = 16_000_000;

    /** @var resource */
    private $file;

    public readonly int $size;

    public function __construct(string $path)
    {
        $this->file = fopen($path, 'rb') ?: throw new \RuntimeException("{$path} can’t be opened.");
        $this->size = (int) filesize($path);
    }

    public function __destruct()
    {
        fclose($this->file);
    }

    public function at(int $place, int $length): string
    {
        if ($place < 0 || $length <= 0 || $place >= $this->size) {
            return '';
        }
        fseek($this->file, $place);

        return (string) stream_get_contents($this->file, min($length, self::MOST));
    }

    /** How often some bytes stand from a place on. */
    public function count(string $needle, int $from): int
    {
        $found = 0;
        $before = '';
        fseek($this->file, $from);
        while (($chunk = (string) fread($this->file, 1 << 20)) !== '') {
            $found += substr_count($before.$chunk, $needle);
            $before = substr($chunk, 1 - strlen($needle));
        }

        return $found;
    }
}
