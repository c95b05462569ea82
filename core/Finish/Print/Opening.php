<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Measure\Box;
use Planisher\Measure\Length;
use Planisher\Measure\Size;
use Planisher\Measure\Unit;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\PictureFacts;

/** What a mount, or a frame in front of a print, shows of it: the image goes on behind its edge, all round. */
final readonly class Opening
{
    /** @param  Length  $cover  by how much the image goes on behind the mount, on each side */
    private function __construct(public Size $size, public Length $cover) {}

    /** So that a print that is laid in a little askew shows no white (common practice, no source) */
    public static function usualCover(): Length
    {
        return Length::of('3', Unit::Millimetre);
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(?JsonNode $node): ?self
    {
        $node?->object(['size', 'cover']);

        return $node === null ? null : new self($node->need('size')->size(), $node->maybe('cover')?->length() ?? self::usualCover());
    }

    /** The opening, the way up that its paper lies; on square paper as the picture does. */
    public function on(Size $paper, PictureFacts $picture): Size
    {
        $lies = $paper->isSquare() ? $picture->width > $picture->height : $paper->width->nanometres > $paper->height->nanometres;

        return $lies ? $this->size->landscape() : $this->size->portrait();
    }

    /** @return array{int, int} sides of the image behind it, in nanometres */
    public function image(Size $opening): array
    {
        $beyond = 2 * $this->cover->nanometres;

        return [$opening->width->nanometres + $beyond, $opening->height->nanometres + $beyond];
    }

    /** Where it lies before an image: in its middle. */
    public static function before(Box $image, Size $opening): Box
    {
        [$width, $height] = [$opening->width->nanometres, $opening->height->nanometres];

        return new Box($image->x + intdiv($image->width - $width, 2), $image->y + intdiv($image->height - $height, 2), $width, $height);
    }

    public function label(): string
    {
        return $this->size->label().($this->cover->equals(self::usualCover()) ? '' : ", with {$this->cover->label()} behind it");
    }

    /** @return array<string, string> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return [
            'size' => (string) $this->size,
            ...$this->cover->equals(self::usualCover()) ? [] : ['cover' => (string) $this->cover],
        ];
    }
}
