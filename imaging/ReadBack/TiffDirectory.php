<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/**
 * Reads a TIFF directory's tags (TIFF 6.0, section 2; BigTIFF, where offsets and counts have 8 bytes); an Exif segment is one, too.
 */
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

    private const TYPE_BYTES = [
        1 => 1,
        2 => 1,
        3 => 2,
        4 => 4,
        5 => 8,
        6 => 1,
        7 => 1,
        8 => 2,
        9 => 4,
        10 => 8,
        11 => 4,
        12 => 8,
        13 => 4,
        16 => 8,
        17 => 8,
        18 => 8,
    ];

    /** No tag that is read here is longer; a file that claims so is not believed. */
    private const LONGEST = 16_000_000;

    /** @var array<int, array{type: int, count: int, value: string}> */
    private array $entries = [];

    private const MOST_PAGES = 100;

    private const MOST_ENTRIES = 65_535;

    private int $next = 0;

    private string $long = 'V';

    private string $short = 'v';

    /** How offsets and counts of values are written, and in how many bytes. */
    private string $offset = 'V';

    private int $wide = 4;

    private const BIG = 43;

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
            throw Unreadable::withoutTiffHeader();
        }
        $isBig = $this->number($this->short, substr($head, 2)) === self::BIG;
        [$this->offset, $this->wide] = $isBig ? [$this->long === 'V' ? 'P' : 'J', 8] : [$this->long, 4];
        $at ??= $this->number($this->offset, ($this->read)($this->wide, $this->wide));
        [$how, $head] = $isBig ? [$this->offset, 8] : [$this->short, 2]; // of how many entries there are
        $count = min(self::MOST_ENTRIES, max(0, $this->number($how, ($this->read)($at, $head))));
        $length = $isBig ? 20 : 12;
        $this->next = $this->following($at + $head + $length * $count);
        foreach (str_split(($this->read)($at + $head, $length * $count), $length) as $entry) {
            if (strlen($entry) === $length) {
                $this->entries[$this->number($this->short, $entry)] = [
                    'type' => $this->number($this->short, substr($entry, 2)),
                    'count' => $this->number($this->offset, substr($entry, 4)),
                    'value' => substr($entry, 4 + $this->wide),
                ];
            }
        }
    }

    /** How many directories follow one another, this one counted. */
    public function pages(): int
    {
        return count($this->all());
    }

    /**
     * This directory and those that follow one another behind it.
     *
     * @return non-empty-list<self>
     */
    public function all(): array
    {
        [$all, $seen] = [[$this], []];
        for ($at = $this->next; $at > 0 && ! isset($seen[$at]) && count($all) < self::MOST_PAGES; $at = $all[count($all) - 1]->next) {
            $seen[$at] = true;
            $all[] = new self($this->read, $at);
        }

        return $all;
    }

    /**
     * The directories that this one points into itself: smaller pictures, or a sensor's samples (tag SubIFDs).
     *
     * @return list<self>
     */
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
        [$how, $bytes] = $this->written($this->entries[$tag]['type'] ?? 0);
        $numbers = str_split((string) $this->bytes($tag), max(1, $bytes));

        return array_values(
            array_map(fn (string $one): int => $this->number($how, $one), array_filter($numbers, fn (string $one): bool => $one !== '')),
        );
    }

    /** Where the next directory lies; 0 for none, and where there is no room for one. */
    private function following(int $at): int
    {
        $offset = ($this->read)($at, $this->wide);

        return strlen($offset) < $this->wide ? 0 : $this->number($this->offset, $offset);
    }

    /**
     * How a whole number of a type is written, and in how many bytes.
     *
     * @return array{string, int}
     */
    private function written(int $type): array
    {
        return match ($type) {
            1, 7 => ['C', 1],
            3 => [$this->short, 2],
            16, 18 => [$this->long === 'V' ? 'P' : 'J', 8],
            default => [$this->long, 4],
        };
    }

    public function int(int $tag): ?int
    {
        $bytes = $this->bytes($tag);

        return $bytes === null ? null : $this->number($this->written($this->entries[$tag]['type'])[0], $bytes);
    }

    /**
     * A fraction of whole numbers (RATIONAL) as it stands.
     *
     * @return ?array{int, int}
     */
    public function fraction(int $tag): ?array
    {
        $bytes = $this->bytes($tag);

        return $bytes === null || strlen($bytes) < 8
            ? null
            : [$this->number($this->long, $bytes), $this->number($this->long, substr($bytes, 4))];
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
        if ($entry['count'] < 0 || $entry['count'] > self::LONGEST) {
            return null;
        }
        $length = (self::TYPE_BYTES[$entry['type']] ?? 1) * $entry['count'];

        return $length <= $this->wide
            ? substr($entry['value'], 0, $length)
            : ($this->read)($this->number($this->offset, $entry['value']), $length);
    }

    private function number(string $how, string $bytes): int
    {
        return strlen($bytes) < ['C' => 1, 'v' => 2, 'n' => 2, 'V' => 4, 'N' => 4, 'P' => 8, 'J' => 8][$how]
            ? throw Unreadable::directoryCutOff()
            : (int) ((array) unpack($how, $bytes))[1];
    }
}
