<?php

declare(strict_types=1);

namespace Planisher\Lab;

use Planisher\Colour\PaperProfile;
use Planisher\Colour\ProfileShelf;
use Planisher\Colour\Space;
use Planisher\Measure\Figure;
use Planisher\Measure\Length;
use Planisher\Measure\Resolution;
use Planisher\Measure\Size;
use Planisher\OrderFile\JsonNode;

/** What one lab offers and asks for. */
final readonly class LabCard
{
    /** Sides of a size in two systems differ by so much, in nanometres, where somebody rounded: 1 mm */
    private const ROUNDED = 1_000_000.0;

    /** By this share of a side people take one size for another: 13 × 18 cm and 5 × 7 in (common practice, no source) */
    private const ALIKE = 0.04;

    public const CURRENCY = '€';

    /**
     * @param  non-empty-list<Size>  $sizes  the lab's list
     * @param  Resolution  $resolution  what the lab aims at
     * @param  float  $minimumPpi  the least the lab prints
     * @param  non-empty-list<FileFormat>  $formats  the first is the one used unless a line says otherwise
     * @param  int  $quality  JPEG quality, 1 to 100
     * @param  list<int>  $bits  bits per sample that the lab takes in a TIFF
     * @param  ?Length  $bleed  how much picture the lab wants beyond each edge, to trim away
     * @param  list<Product>  $products  what the lab prints on, where it has limits of its own
     * @param  list<Paper>  $papers  what a line is printed on unless it says otherwise is the first
     * @param  list<SizePrice>  $prices  of single prints, where the card has them
     * @param  string  $currency  that they are in
     * @param  ?int  $maxBytes  the largest file the lab takes
     * @param  int  $nameLength  the longest file name the lab takes, ending included
     */
    public function __construct(
        public string $name,
        public array $sizes,
        public Resolution $resolution,
        public float $minimumPpi,
        public Space $colour,
        public array $formats,
        public int $quality,
        public array $bits,
        public ?Size $largestPiece,
        public ?Length $bleed,
        public CanvasCard $canvas,
        public array $products,
        public array $papers,
        public bool $takesPaperProfiles,
        public array $prices,
        public string $currency,
        public ?int $maxBytes,
        public int $nameLength,
        public ProfileShelf $profiles = new ProfileShelf(),
    ) {}

    /** The same lab with its profiles at hand. */
    public function knowing(ProfileShelf $profiles): self
    {
        return new self(...[...get_object_vars($this), 'profiles' => $profiles]);
    }

    /** The same for what is cut out by hand: it may be of any size, and the lab trims nothing away. */
    public function cutting(Size $size): self
    {
        return new self(...[...get_object_vars($this), 'bleed' => null, 'sizes' => [$size]]);
    }

    /**
     * The card as it is for one product on one paper: with the product's own sizes, papers, pixels, largest piece and prices. Of a product
     * that names no papers it isn't known what it is printed on, unless the line says.
     */
    public function of(?string $product, ?string $paper = null): self
    {
        $own = $this->product($product);
        $papers = array_values(array_filter($this->papers, fn (Paper $of): bool => in_array($of->name, $own->papers ?? [], true)));
        if ($papers === []) {
            $papers = $product !== null && $paper === null ? [] : $this->papers;
        }
        $named = $paper ?? ($papers[0]->name ?? null);
        $prices = $own->prices ?? [] ?: $this->prices;

        return new self(
            ...[
                ...get_object_vars($this),
                'sizes' => $own->sizes ?? [] ?: $this->sizes,
                'papers' => $papers,
                'resolution' => $own->resolution ?? $this->resolution,
                'minimumPpi' => $own->minimumPpi ?? $this->minimumPpi,
                'largestPiece' => $own->largestPiece ?? $this->largestPiece,
                'prices' => [
                    ...array_filter($prices, fn (SizePrice $price): bool => $price->paper !== null && $price->paper === $named),
                    ...array_filter($prices, fn (SizePrice $price): bool => $price->paper === null),
                ],
            ],
        );
    }

    /** What one print of a size costs, whichever way up; null where the card doesn't say. */
    public function priceOf(Size $size): ?Price
    {
        foreach ($this->prices as $price) {
            if ($price->size->sameAs($size)) {
                return new Price((int) round($price->price * 100), $this->currency);
            }
        }

        return null;
    }

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(JsonNode $node): self
    {
        $node->object([
            'name',
            'sizes',
            'ppi',
            'minimumPpi',
            'colour',
            'formats',
            'quality',
            'bits',
            'largestPiece',
            'bleed',
            'canvas',
            'products',
            'papers',
            'takesPaperProfiles',
            'prices',
            'currency',
            'maxBytes',
            'nameLength',
        ]);
        $formats = array_map(fn (JsonNode $n): FileFormat => $n->choice(FileFormat::class), $node->maybe('formats')?->items(1) ?? []);

        $papers = array_map(Paper::fromNode(...), $node->maybe('papers')?->items(0, 40) ?? []);
        $names = array_map(fn (Paper $paper): string => $paper->name, $papers);
        if (count(array_unique($names)) < count($names)) {
            throw $node->need('papers')->unexpected('papers that are told apart by their names');
        }

        $products = array_map(Product::fromNode(...), $node->maybe('products')?->items(0, 40) ?? []);
        $called = array_map(fn (Product $product): string => $product->name, $products);
        if (count(array_unique($called)) < count($called)) {
            throw $node->need('products')->unexpected('products that are told apart by their names');
        }

        return new self(
            name: $node->need('name')->string(),
            sizes: array_map(fn (JsonNode $n): Size => $n->size(), $node->need('sizes')->items(1)),
            resolution: Resolution::perInch((string) ($node->maybe('ppi')?->number(36, 1200) ?? 300)),
            minimumPpi: $node->maybe('minimumPpi')?->number(1, 1200) ?? 100.0,
            colour: $node->maybe('colour')?->choice(Space::class) ?? Space::Srgb,
            formats: $formats ?: [FileFormat::Jpeg],
            quality: $node->maybe('quality')?->int(1, 100) ?? 95,
            bits: array_map(fn (JsonNode $n): int => $n->int(8, 16), $node->maybe('bits')?->items(1) ?? []) ?: [8],
            largestPiece: $node->maybe('largestPiece')?->size(),
            bleed: $node->maybe('bleed')?->length(),
            canvas: CanvasCard::fromNode($node->maybe('canvas')),
            products: $products,
            papers: $papers,
            takesPaperProfiles: $node->maybe('takesPaperProfiles')?->bool() ?? false,
            prices: array_map(SizePrice::fromNode(...), $node->maybe('prices')?->items(0, 400) ?? []),
            currency: $node->maybe('currency')?->string(8) ?? self::CURRENCY,
            maxBytes: $node->maybe('maxBytes')?->int(100_000, 100_000_000_000),
            nameLength: $node->maybe('nameLength')?->int(16, 200) ?? 40,
        );
    }

    /**
     * Where the card contradicts itself, in words; what a line meets of it is found on the line.
     *
     * @return list<string>
     */
    public function disagreements(): array
    {
        $profiled = array_filter($this->papers, fn (Paper $paper): bool => $this->profiles->get($paper->profile) !== null);
        $refused = array_filter(
            $this->papers,
            fn (Paper $paper): bool => $paper->profile !== null && $this->profiles->get($paper->profile) === null,
        );

        return array_values(
            array_filter([
                $this->takesPaperProfiles && $profiled === []
                    ? 'It is said to take files in a paper’s own profile, and none of its papers has one.'
                    : null,
                in_array(16, $this->bits, true) && ! in_array(FileFormat::Tiff, $this->formats, true)
                    ? 'It is said to take 16 bits, and takes no TIFF; a JPEG has 8.'
                    : null,
                $this->minimumPpi > $this->resolution->ppi()
                    ? 'It wants at least '.
                        Figure::decimal($this->minimumPpi, 1).
                        " ppi, and files are made at {$this->resolution->label()}."
                    : null,
                ...$this->listedTwice(),
                ...$this->unknownPapers(),
                ...array_map(
                    fn (Paper $paper): string => "The profile of “{$paper->name}” can’t be used: {$this->profiles->trouble(
                        (string) $paper->profile,
                    )}.",
                    $refused,
                ),
            ]),
        );
    }

    /** @return list<string> */
    private function listedTwice(): array
    {
        $twice = [];
        foreach ($this->sizes as $i => $size) {
            foreach (array_slice($this->sizes, 0, $i) as $before) {
                if ($before->sameAs($size)) {
                    $twice[] = "It lists {$size->label()} twice.";
                }
            }
        }

        return array_values(array_unique($twice));
    }

    /** @return list<string> */
    private function unknownPapers(): array
    {
        $has = fn (?string $name): bool => $name === null || $this->paper($name) !== null;
        $said = [];
        foreach ($this->prices as $price) {
            $said[] = $has($price->paper) ? null : "It has a price on “{$price->paper}”, which is none of its papers.";
        }
        foreach ($this->products as $product) {
            foreach ($product->papers as $paper) {
                $said[] = $has($paper) ? null : "It prints “{$product->name}” on “{$paper}”, which is none of its papers.";
            }
        }

        return array_values(array_unique(array_filter($said)));
    }

    /** The listed size that this is, whichever way up, or null. */
    public function lists(Size $size): ?Size
    {
        foreach ($this->sizes as $listed) {
            if ($listed->sameAs($size)) {
                return $listed;
            }
        }

        return null;
    }

    /** The listed size that this is but for the rounding from one system to the other: 10.2 × 15.2 cm is 4 × 6 in. */
    public function means(Size $size): ?Size
    {
        return $this->lists($size) ?? $this->nearest($size, fn (int $side): float => self::ROUNDED);
    }

    /** The listed size nearest to one that differs from it on every side by less than a few hundredths, or null. */
    public function resembles(Size $size): ?Size
    {
        return $this->means($size) !== null ? null : $this->nearest($size, fn (int $side): float => self::ALIKE * $side);
    }

    /** @param  \Closure(int): float  $most  by how many nanometres a side so long may differ */
    private function nearest(Size $size, \Closure $most): ?Size
    {
        $best = null;
        $mine = $size->portrait();
        foreach ($this->sizes as $listed) {
            $its = $listed->portrait();
            [$across, $down] = [
                abs($its->width->nanometres - $mine->width->nanometres),
                abs($its->height->nanometres - $mine->height->nanometres),
            ];
            $isNear = $across <= $most($its->width->nanometres) && $down <= $most($its->height->nanometres);
            if ($isNear && ($best === null || $across + $down < $best[0])) {
                $best = [$across + $down, $listed];
            }
        }

        return $best[1] ?? null;
    }

    /** The paper of that name, or the lab's first; null when the card names none, or not that one. */
    public function paper(?string $name): ?Paper
    {
        if ($name === null) {
            return $this->papers[0] ?? null;
        }
        foreach ($this->papers as $paper) {
            if ($paper->name === $name) {
                return $paper;
            }
        }

        return null;
    }

    /** The profile of a line's paper, where it is at hand. */
    public function paperProfile(?string $paper): ?PaperProfile
    {
        return $this->profiles->get($this->paper($paper)?->profile);
    }

    /** The largest piece the lab makes of a product, or at all; null when it doesn't say. */
    public function largestPieceOf(?string $product): ?Size
    {
        return $this->product($product)->largestPiece ?? $this->largestPiece;
    }

    /** What the lab prints on of that name, or null. */
    public function product(?string $name): ?Product
    {
        foreach ($this->products as $product) {
            if ($product->name === $name) {
                return $product;
            }
        }

        return null;
    }

    /** The smallest listed sheet, by area, then by the way round it, that holds a size either way up; null when none does. */
    public function smallestThatHolds(Size $size): ?Size
    {
        $holding = array_values(array_filter($this->sizes, fn (Size $listed): bool => $listed->holds($size)));
        usort(
            $holding,
            fn (Size $a, Size $b): int => [$a->areaSquareInches(), $a->width->nanometres + $a->height->nanometres] <=> [
                $b->areaSquareInches(),
                $b->width->nanometres + $b->height->nanometres,
            ],
        );

        return $holding[0] ?? null;
    }

    public function largest(): Size
    {
        $sizes = $this->sizes;
        usort($sizes, fn (Size $a, Size $b): int => $b->areaSquareInches() <=> $a->areaSquareInches());

        return $sizes[0];
    }

    /** @return array<string, mixed> as in the order file */
    public function toArray(): array
    {
        return array_filter(
            [
                'name' => $this->name,
                'sizes' => array_map(strval(...), $this->sizes),
                'ppi' => $this->resolution->typed(),
                'minimumPpi' => $this->minimumPpi,
                'colour' => $this->colour->value,
                'formats' => array_map(fn (FileFormat $f): string => $f->value, $this->formats),
                'quality' => $this->quality,
                'bits' => $this->bits,
                'largestPiece' => $this->largestPiece === null ? null : (string) $this->largestPiece,
                'bleed' => $this->bleed === null ? null : (string) $this->bleed,
                'canvas' => $this->canvas->isSaid ? $this->canvas->toArray() : null,
                'products' => array_map(fn (Product $product): array => $product->toArray(), $this->products) ?: null,
                'papers' => array_map(fn (Paper $paper): array => $paper->toArray(), $this->papers) ?: null,
                'takesPaperProfiles' => $this->takesPaperProfiles ?: null,
                'prices' => array_map(fn (SizePrice $price): array => $price->toArray(), $this->prices) ?: null,
                'currency' => $this->currency === self::CURRENCY ? null : $this->currency,
                'maxBytes' => $this->maxBytes,
                'nameLength' => $this->nameLength,
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
