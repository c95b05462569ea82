<?php

declare(strict_types=1);

namespace Planisher\Words;

use Planisher\Colour\Rgb;
use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;

/**
 * A block of words wanted on the picture or on its paper. Its place, in fractions of the paper, is the middle of its height,
 * and of its lines the left end, the middle or the right end, as they are aligned.
 */
final readonly class Lettering
{
    /** Letters of it that a sentence shows. */
    private const LONGEST_START = 24;

    private const USUAL_HEIGHT = '9 mm';

    /**
     * @param  string  $text  one or more lines
     * @param  ?Length  $widest  lines longer than this are broken at words; null for never
     */
    private function __construct(
        public string $text,
        public Face $face,
        public TypeHeight $height,
        public Rgb $colour,
        public Style $style,
        public Align $align,
        public float $x,
        public float $y,
        public ?Length $widest,
    ) {}

    /** @throws OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object(['text', 'face', 'height', 'colour', 'weight', 'slant', 'align', 'x', 'y', 'widest']);
        $widest = $node->maybe('widest')?->length();
        if ($widest?->nanometres === 0) {
            throw $node->need('widest')->unexpected('a width above 0');
        }

        return new self(
            WordText::fromNode($node->need('text'), hasLines: true),
            $node->maybe('face')?->choice(Face::class) ?? Face::LETTERING,
            TypeHeight::fromNode($node->maybe('height'), self::USUAL_HEIGHT),
            $node->maybe('colour')?->colour() ?? Rgb::black(),
            Style::of(
                $node->maybe('weight')?->oneOf(['normal', 'bold']) === 'bold',
                $node->maybe('slant')?->oneOf(['upright', 'italic']) === 'italic',
            ),
            $node->maybe('align')?->choice(Align::class) ?? Align::Middle,
            $node->maybe('x')?->number(0, 1) ?? 0.5,
            $node->maybe('y')?->number(0, 1) ?? 0.5,
            $widest,
        );
    }

    /** Its beginning, for a sentence. */
    public function start(): string
    {
        return mb_strimwidth(str_replace("\n", ' / ', $this->text), 0, self::LONGEST_START, '…');
    }

    /** @return array<string, mixed> as in the order file, without what differs from no default */
    public function toArray(): array
    {
        return array_filter(
            [
                'text' => $this->text,
                'face' => $this->face->value,
                'height' => (string) $this->height,
                'colour' => (string) $this->colour,
                'weight' => $this->style->isBold() ? 'bold' : null,
                'slant' => $this->style->isItalic() ? 'italic' : null,
                'align' => $this->align->value,
                'x' => $this->x,
                'y' => $this->y,
                'widest' => $this->widest === null ? null : (string) $this->widest,
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
