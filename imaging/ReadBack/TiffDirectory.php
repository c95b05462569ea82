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

    public const COMPRESSION = 259;

    public const PHOTOMETRIC = 262;

    public const CAPTION = 270;

    public const ORIENTATION = 274;

    public const SAMPLES = 277;

    public const STRIP_ROWS = 278;

    public const PLANES = 284;

    public const TILE_WIDTH = 322;

    public const TILE_HEIGHT = 323;

    public const EXTRA_SAMPLES = 338;

    public const SAMPLE_FORMAT = 339;

    public const COPYRIGHT = 33432;

    public const EXIF = 34665;

    private const INSIDE = 330;

    private const TYPE_BYTES = [1 => 1, 2 => 1, 3 => 2, 4 => 4, 5 => 8, 6 => 1, 7 => 1, 8 => 2, 9 => 4, 10 => 8, 11 => 4, 12 => 8, 13 => 4];

    /** No tag that is read here is longer; a file that claims so is not believed. */
    private const LONGEST = 16_000_000;

    /** @var array<int, array{type: int, count: int, value: string}> */
    private array $entries = [];

    private const MOST_PAGES = 100;

    private int $next = 0;

    private string $long = 'V';

    private string $short = 'v';

    /**
     * @param  \Closure(int, int): string  $read  so many bytes at an offset
     * @param  ?int  $at  where the directory lies; null for the first
     *
     * @throws Unreadable
     */
    public function __construct(private readonly \Closure $read, ?int $at = null)
    {
        $head = ($this->read)(0, 8);
        if (str_starts_with($head, 'MM')) {
            [$this->long, $this->short] = ['N', 'n'];
        } elseif (! str_starts_with($head, 'II')) {
            throw new Unreadable('Its TIFF header is missing.');
        }
        $at ??= $this->number($this->long, substr($head, 4));
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
        return count($this->all());
    }

    /** This directory and those that follow one another behind it. @return non-empty-list<self> */
    public function all(): array
    {
        [$all, $seen] = [[$this], []];
        for ($at = $this->next; $at > 0 && ! isset($seen[$at]) && count($all) < self::MOST_PAGES; $at = $all[count($all) - 1]->next) {
            $seen[$at] = true;
            $all[] = new self($this->read, $at);
        }

        return $all;
    }

    /** The directories that this one points into itself: smaller pictures, or a sensor's samples (tag SubIFDs). @return list<self> */
    public function inside(): array
    {
        return array_map(fn (int $at): self => new self($this->read, $at), array_slice($this->ints(self::INSIDE), 0, self::MOST_PAGES));
    }

    /** The directory that a tag points to, such as Exif's. */
    public function behind(int $tag): ?self
    {
        $at = $this->int($tag);

        return $at === null ? null : new self($this->read, $at);
    }

    /** A text (ASCII) as it stands, without the zeros at its end. */
    public function text(int $tag): ?string
    {
        $bytes = $this->bytes($tag);

        return $bytes === null ? null : rtrim($bytes, "\0");
    }

    /** @return list<int> */
    public function ints(int $tag): array
    {
        $isShort = ($this->entries[$tag]['type'] ?? 0) === 3;
        $numbers = str_split((string) $this->bytes($tag), $isShort ? 2 : 4);

        return array_values(
            array_map(
                fn (string $one): int => $this->number($isShort ? $this->short : $this->long, $one),
                array_filter($numbers, fn (string $one): bool => $one !== ''),
            ),
        );
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

        return $bytes === null
            ? null
            : match ($this->entries[$tag]['type']) {
                1, 7 => ord($bytes),
                3 => $this->number($this->short, $bytes),
                default => $this->number($this->long, $bytes),
            };
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

        if ($length > self::LONGEST) {
            return null;
        }

        return $length <= 4 ? substr($entry['value'], 0, $length) : ($this->read)($this->number($this->long, $entry['value']), $length);
    }

    private function number(string $how, string $bytes): int
    {
        return strlen($bytes) < ($how === $this->long ? 4 : 2)
            ? throw new Unreadable('A directory of its tags is cut off.')
            : (int) unpack($how, $bytes)[1];
    }
}
