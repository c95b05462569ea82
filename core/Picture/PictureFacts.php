<?php

declare(strict_types=1);

namespace Planisher\Picture;

use Planisher\Colour\Channels;
use Planisher\Colour\TaggedColour;
use Planisher\OrderFile\JsonNode;

/**
 * What is known of a picture without decoding it. Width and height are in pixels as displayed,
 * the Exif orientation applied; a width above 0 and at most 100 000.
 */
final readonly class PictureFacts
{
    /**
     * @param  string  $sha256  of the file's bytes, in hex
     * @param  int  $orientation  Exif tag Orientation, 1 to 8
     * @param  int  $bits  per sample: 8, 12 or 16
     * @param  ?string  $profile  the embedded profile's description; null when there is none
     * @param  ?string  $profileFlaw  why the embedded profile can't be used; null when it can or there is none
     * @param  list<MustStayIn>  $mustStayIn  marked by the photographer
     * @param  ?string  $contrast  its contrast map, where somebody has looked
     * @param  bool  $isPerceptualOnly  its profile can be read by the perceptual intent only
     * @param  ?TaggedColour  $tagged  what its tags say of its colours, where it has no profile
     * @param  int  $page  of a TIFF, the one that is printed, from 0
     * @param  int  $pages  how many it has
     * @param  int  $extra  channels beside its colours and its transparency, which are left out
     * @param  bool  $isSigned  its samples are stored as signed numbers
     * @param  bool  $isUnusual  laid out in a way that only the general reader takes: TIFFs of 12 bits, or tiled in planes
     * @param  bool  $isSeeThrough  some of it is transparent, as far as somebody has looked
     * @param  int  $warnings  of the decoder, when all of it was read
     * @param  ?Exposure  $exposure  as the camera wrote it; null where it says nothing
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
        public bool $isPerceptualOnly = false,
        public ?TaggedColour $tagged = null,
        public int $page = 0,
        public int $pages = 1,
        public int $extra = 0,
        public bool $isSigned = false,
        public bool $isUnusual = false,
        public bool $isSeeThrough = false,
        public int $warnings = 0,
        public ?Exposure $exposure = null,
    ) {}

    /** The file name without its ending. */
    public function stem(): string
    {
        return pathinfo($this->name, PATHINFO_FILENAME);
    }

    /** The same with some of it changed, by name. */
    public function with(mixed ...$changed): self
    {
        return new self(...[...get_object_vars($this), ...$changed]);
    }

    /** Whether it comes with colours of its own: a profile that can be used, or tags, or Lab. */
    public function saysItsColours(): bool
    {
        return ($this->profile !== null && $this->profileFlaw === null) || $this->tagged !== null || $this->channels === Channels::Lab;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            ...get_object_vars($this),
            'format' => $this->format->value,
            'channels' => $this->channels->value,
            'mustStayIn' => array_map(fn (MustStayIn $area): array => $area->toArray(), $this->mustStayIn),
            'tagged' => $this->tagged?->toArray(),
            'exposure' => $this->exposure?->toArray(),
        ];
    }

    /** @param  array<string, mixed>  $stored as toArray gave it */
    public static function fromArray(array $stored): self
    {
        return new self(
            ...[
                ...$stored,
                'format' => PictureFormat::from($stored['format']),
                'channels' => Channels::from($stored['channels']),
                'mustStayIn' => MustStayIn::listFromNode(JsonNode::root($stored['mustStayIn'] ?? [])),
                'tagged' => isset($stored['tagged']) ? TaggedColour::fromArray($stored['tagged']) : null,
                'exposure' => isset($stored['exposure']) ? Exposure::fromArray($stored['exposure']) : null,
            ],
        );
    }
}
