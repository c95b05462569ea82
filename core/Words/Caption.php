<?php

declare(strict_types=1);

namespace Planisher\Words;

use Planisher\Colour\Rgb;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/** A line of small type wanted beside the image: in the border, or in the surplus that is trimmed away. */
final readonly class Caption
{
    private const USUAL_HEIGHT = '3 mm';

    private const MOST_PARTS = 12;

    /**
     * @param  non-empty-list<CaptionPart|string>  $parts  a string is free text
     * @param  bool  $isAbove  the image, not below it
     * @param  bool  $inSurplus  of a larger sheet, to be trimmed away
     */
    private function __construct(
        public array $parts,
        public Face $face,
        public TypeHeight $height,
        public Rgb $colour,
        public bool $isAbove,
        public Align $align,
        public bool $inSurplus,
    ) {}

    /** @throws OrderFileError */
    public static function fromNode(?JsonNode $node): ?self
    {
        if ($node === null) {
            return null;
        }
        $node->object(['parts', 'face', 'height', 'colour', 'where', 'align', 'inSurplus']);

        return new self(
            array_map(
                fn (JsonNode $part): CaptionPart|string => is_array($part->raw())
                    ? WordText::fromNode($part->object(['text'])->need('text'), hasLines: false)
                    : $part->choice(CaptionPart::class),
                $node->need('parts')->items(1, self::MOST_PARTS),
            ),
            $node->maybe('face')?->choice(Face::class) ?? Face::CAPTIONS,
            TypeHeight::fromNode($node->maybe('height'), self::USUAL_HEIGHT),
            $node->maybe('colour')?->colour() ?? Rgb::black(),
            $node->maybe('where')?->oneOf(['below', 'above']) === 'above',
            $node->maybe('align')?->choice(Align::class) ?? Align::Left,
            $node->maybe('inSurplus')?->bool() ?? false,
        );
    }

    /**
     * @param  list<CaptionPart|string>  $parts
     * @return list<string|array{text: string}> as in the order file
     */
    public static function partsToArray(array $parts): array
    {
        return array_map(
            fn (CaptionPart|string $part): string|array => $part instanceof CaptionPart ? $part->value : ['text' => $part],
            $parts,
        );
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        return [
            'parts' => self::partsToArray($this->parts),
            'face' => $this->face->value,
            'height' => (string) $this->height,
            'colour' => (string) $this->colour,
            'where' => $this->isAbove ? 'above' : 'below',
            'align' => $this->align->value,
            'inSurplus' => $this->inSurplus,
        ];
    }
}
