<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/** Reads a TIFF directory's tags (TIFF 6.0, section 2); an Exif segment is one, too. */
final class TiffDirectory
{
    public const WIDTH = 256;

    public const HEIGHT = 257;

    public const BITS = 258;

    public const X_RESOLUTION = 282;

    public const RESOLUTION_UNIT = 296;

    public const PROFILE = 34675;

    private const TYPE_BYTES = [1 => 1, 2 => 1, 3 => 2, 4 => 4, 5 => 8, 7 => 1];

    /** @var array<int, array{type: int, count: int, value: string}> */
    private array $entries = [];

    private const MOST_PAGES = 100;

    private int $next = 0;

    private string $long = 'V';

    private string $short = 'v';

    /** @param  \Closure(int, int): string  $read so many bytes at an offset */
    public function __construct(private readonly \Closure $read)
    {
        $head = ($this->read)(0, 8);
        if (str_starts_with($head, 'MM')) {
            [$this->long, $this->short] = ['N', 'n'];
        } elseif (! str_starts_with($head, 'II')) {
            throw new Unreadable('Its TIFF header is missing.');
        }
        $at = $this->number($this->long, substr($head, 4));
        $count = $this->number($this->short, ($this->read)($at, 2));
        $entries = ($this->read)($at + 2, 12 * $count);
        $this->next = $this->following($at, $count);
        foreach (str_split($entries, 12) as $entry) {
            if (strlen($entry) === 12) {
                $this->entries[$this->number($this->short, $entry)] = [
                    'type' => $this->number($this->short, substr($entry, 2)),
                    'count' => $this->number($this->long, substr($entry, 4)),
                    'value' => substr($entry, 8),
                ];
            }
        }
    }

    /** How many directories follow one another, this one counted. */
    public function pages(): int
    {
        [$pages, $at] = [1, $this->next];
        while ($at > 0 && $pages < self::MOST_PAGES) {
            $at = $this->following($at, $this->number($this->short, ($this->read)($at, 2)));
            $pages++;
        }

        return $pages;
    }

    /** Where the next directory lies; 0 for none, and where there is no room for one. */
    private function following(int $at, int $count): int
    {
        $offset = ($this->read)($at + 2 + 12 * $count, 4);

        return strlen($offset) < 4 ? 0 : $this->number($this->long, $offset);
    }

    public function int(int $tag): ?int
    {
        $bytes = $this->bytes($tag);

        return $bytes === null ? null : $this->number($this->entries[$tag]['type'] === 3 ? $this->short : $this->long, $bytes);
    }

    /** X resolution in pixels per inch; null when the tags are missing or without unit. */
    public function ppi(): ?float
    {
        $bytes = $this->bytes(self::X_RESOLUTION);
        if ($bytes === null || strlen($bytes) < 8) {
            return null;
        }
        $value = $this->number($this->long, $bytes) / max(1, $this->number($this->long, substr($bytes, 4)));

        return match ($this->int(self::RESOLUTION_UNIT) ?? 2) {
            2 => $value,
            3 => $value * 2.54,
            default => null,
        };
    }

    public function bytes(int $tag): ?string
    {
        $entry = $this->entries[$tag] ?? null;
        if ($entry === null) {
            return null;
        }
        $length = (self::TYPE_BYTES[$entry['type']] ?? 1) * $entry['count'];

        return $length <= 4 ? substr($entry['value'], 0, $length) : ($this->read)($this->number($this->long, $entry['value']), $length);
    }

    private function number(string $how, string $bytes): int
    {
        return strlen($bytes) < ($how === $this->long ? 4 : 2) ? throw new Unreadable('A directory of its tags is cut off.') : (int) unpack($how, $bytes)[1];
    }
}
