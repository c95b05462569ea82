<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Colour\Channels;
use Planisher\OrderFile\Node;

/**
 * What is known of a picture without decoding it. Width and height are in pixels as displayed,
 * the Exif orientation applied; a width above 0 and at most 100 000.
 */
final readonly class PictureFacts
{
    /**
     * @param  string  $sha256  of the file's bytes, in hex
     * @param  int  $orientation  Exif tag Orientation, 1 to 8
     * @param  int  $bits  per sample: 8, 16 or 32
     * @param  ?string  $profile  the embedded profile's description; null when there is none
     * @param  ?string  $profileFlaw  why the embedded profile can't be used; null when it can or there is none
     * @param  list<MustStayIn>  $mustStayIn  marked by the photographer
     * @param  ?string  $contrast  its contrast map, where somebody has looked
     */
    public function __construct(
        public string $name,
        public string $sha256,
        public int $bytes,
        public PictureFormat $format,
        public int $width,
        public int $height,
        public int $orientation,
        public Channels $channels,
        public int $bits,
        public bool $alpha,
        public ?string $profile,
        public ?string $profileFlaw,
        public array $mustStayIn = [],
        public ?string $contrast = null,
    ) {}

    /** The file name without its ending. */
    public function stem(): string
    {
        return pathinfo($this->name, PATHINFO_FILENAME);
    }

    /** @param  list<MustStayIn>  $areas */
    public function keeping(array $areas): self
    {
        return new self(...[...get_object_vars($this), 'mustStayIn' => $areas]);
    }

    public function looked(string $contrast): self
    {
        return new self(...[...get_object_vars($this), 'contrast' => $contrast]);
    }

    public function named(string $name): self
    {
        return self::fromArray(['name' => $name] + $this->toArray());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...get_object_vars($this),
            'format' => $this->format->value,
            'channels' => $this->channels->value,
            'mustStayIn' => array_map(fn (MustStayIn $area): array => $area->toArray(), $this->mustStayIn),
        ];
    }

    /** @param  array<string, mixed>  $stored as toArray gave it */
    public static function fromArray(array $stored): self
    {
        return new self(...[
            ...$stored,
            'format' => PictureFormat::from($stored['format']),
            'channels' => Channels::from($stored['channels']),
            'mustStayIn' => MustStayIn::listFromNode(Node::root($stored['mustStayIn'] ?? [])),
        ]);
    }
}
