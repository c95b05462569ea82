<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Colour\ToneCurve;
use Planisher\Lab\LabCard;
use Planisher\Measure\Length;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\PictureFacts;
use Planisher\Screen\ScreenCopy;

/**
 * One thing ordered: pictures, a size, a finish, a quantity. What is wanted, before any arithmetic.
 *
 * @template-covariant W of Wanted = Wanted  what is wanted of the finish that it is made into
 */
final readonly class LineSpec
{
    public const MOST_COPIES = 9999;

    /**
     * @param  string  $make  the finish it is made into, by its name in the order file
     * @param  ?string  $picture  a file name; null while none is chosen
     * @param  ?Crop  $crop  null for what has no size on paper, or none yet
     * @param  ?OneSide  $oneSide  where only one is given; the other follows
     * @param  W  $wanted
     * @param  Additions  $additions  words and overlays on it
     * @param  ?string  $product  what the lab prints it on, by the lab's name
     * @param  ?string  $paper  by the lab's name; null for its first
     * @param  ?string  $mount  what the lab mounts it on, by its name
     * @param  list<string>  $options  what the lab does to it besides, by its names
     * @param  ?Length  $viewedFrom  where it will be looked at from; null for from its own diagonal
     * @param  ?ScreenCopy  $screenCopy  made besides, of what is printed
     * @param  list<string>  $ignored  keys that say nothing of what it is made into
     */
    private function __construct(
        public string $make,
        public ?string $picture,
        public ?string $subject,
        public int $copies,
        public ?Crop $crop,
        public ?OneSide $oneSide,
        public Wanted $wanted,
        public Additions $additions,
        public ?string $product,
        public ?string $paper,
        public ?string $mount,
        public array $options,
        public ToneCurve $forPaper,
        public ?Length $viewedFrom,
        public Output $output,
        public NamePattern $name,
        public ?ScreenCopy $screenCopy,
        public array $ignored,
    ) {}

    /**
     * What all finishes have in common; the rest is read already.
     *
     * @template F of Wanted
     *
     * @param  F  $wanted
     * @param  ?Crop  $crop  null for what has no size on paper
     * @param  list<string>  $ignored  keys of other finishes that are there
     * @return self<F>
     *
     * @throws \Planisher\OrderFile\OrderFileError
     */
    public static function read(JsonNode $node, string $make, Wanted $wanted, ?Crop $crop, ?OneSide $oneSide, array $ignored): self
    {
        return new self(
            make: $make,
            picture: $node->maybe('picture')?->string(),
            subject: $node->maybe('subject')?->string(80),
            copies: $node->maybe('copies')?->int(0, self::MOST_COPIES) ?? 1,
            crop: $crop ?? $oneSide?->crop(null),
            oneSide: $oneSide,
            wanted: $wanted,
            additions: Additions::fromNode($node),
            product: $node->maybe('product')?->string(40),
            paper: $node->maybe('paper')?->string(40),
            mount: $node->maybe('mount')?->string(60),
            options: array_values(
                array_unique(array_map(fn (JsonNode $n): string => $n->string(60), $node->maybe('options')?->items(0, 10) ?? [])),
            ),
            forPaper: ForPaper::fromNode($node->maybe('forPaper')),
            viewedFrom: self::distance($node->maybe('viewedFrom')),
            output: Output::fromNode($node->maybe('output')),
            name: NamePattern::fromNode($node->maybe('name')),
            screenCopy: ! ($wanted instanceof ForScreens) ? ScreenCopy::fromNode($node->maybe('screenCopy')) : null,
            ignored: $ignored,
        );
    }

    /**
     * The same as a print on another's sheet: what is said of that whole sheet holds for it.
     *
     * @return self<W>
     */
    public function on(self $sheet): self
    {
        return $this->with(
            ...[
                ...LineKeys::common()->ofWholeSheets()->in(get_object_vars($sheet)),
                'output' => $sheet->output->resampled(),
                'forPaper' => $this->forPaper->isStraight() ? $sheet->forPaper : $this->forPaper,
                'viewedFrom' => $this->viewedFrom ?? $sheet->viewedFrom,
            ],
        );
    }

    /**
     * The same so many times.
     *
     * @return self<W>
     */
    public function times(int $copies): self
    {
        return $this->with(copies: $copies);
    }

    /**
     * The same, its files named otherwise.
     *
     * @return self<W>
     */
    public function named(NamePattern $name): self
    {
        return $this->with(name: $name);
    }

    /**
     * The same, and a copy for a screen besides; what is one itself has none.
     *
     * @return self<W>
     */
    public function besides(ScreenCopy $copy): self
    {
        return $this->isPrinted() ? $this->with(screenCopy: $copy) : $this;
    }

    /**
     * The same in both sides, where only one was given and the picture says the other.
     *
     * @return self<W>
     */
    public function sizedBy(?PictureFacts $picture): self
    {
        return $this->oneSide === null || $picture === null ? $this : $this->with(crop: $this->oneSide->crop($picture));
    }

    /**
     * The same in the size that the lab lists for it: 10.2 × 15.2 cm is its 4 × 6 in.
     *
     * @return self<W>
     */
    public function listedBy(LabCard $lab): self
    {
        $isPaper = $this->wanted instanceof OnASheet && ! ($this->wanted instanceof OfSeveralPrints);
        $listed = $isPaper && $this->crop !== null && $this->crop->asked === null ? $lab->means($this->crop->size) : null;

        return $listed === null || $listed->sameAs($this->crop->size) ? $this : $this->with(crop: $this->crop->takenAs($listed));
    }

    /** For people: “8 × 10 in”, “12 in wide, 12 × 9 in”; null where it has none, or none yet. */
    public function sizeLabel(): ?string
    {
        $both = $this->crop?->size->label();

        if ($this->crop?->asked !== null && $this->oneSide === null) {
            return "{$this->crop->asked->label()}, the lab’s {$both}";
        }

        return $this->oneSide === null ? $both : $this->oneSide->label().($both === null ? '' : ", so {$both}");
    }

    /** @return self<W> what is wanted of its finish stays */
    private function with(mixed ...$others): self
    {
        /** @var self<W> $with */
        $with = new self(...[...get_object_vars($this), ...$others]);

        return $with;
    }

    /**
     * The names of its pictures, place by place.
     *
     * @return non-empty-list<?string> null where none is chosen
     */
    public function pictures(): array
    {
        return $this->wanted instanceof OfSeveralPictures ? $this->wanted->pictures($this->picture) : [$this->picture];
    }

    /**
     * The size of what is ordered in one.
     *
     * @throws \LogicException of what has none on paper: its finish says so
     */
    public function sized(): Crop
    {
        return $this->crop ?? throw new \LogicException("A line that makes “{$this->make}” has no size on paper.");
    }

    /** What the lab prints it on, by the lab's name: as chosen, or what it is always printed on. */
    public function printedOn(): ?string
    {
        return $this->product ?? ($this->wanted instanceof PrintedOn ? $this->wanted->printedOn() : null);
    }

    /** Whether a lab prints it; else it is for a screen, and never goes to the lab. */
    public function isPrinted(): bool
    {
        return ! ($this->wanted instanceof ForScreens);
    }

    /** Whether it is for a wall: from where it is looked at decides how many pixels are enough, not the lab's least. */
    public function isForTheWall(): bool
    {
        return $this->wanted instanceof ForTheWall;
    }

    /** Whether where it is cut and folded, or what lies where, has to be seen before it is made, whatever is found of it. */
    public function isSeenFirst(): bool
    {
        return $this->wanted instanceof SeenFirst;
    }

    /**
     * What its files are told apart by, in their order; an empty text where there is one.
     *
     * @return non-empty-list<string>
     */
    public function apart(LabCard $lab): array
    {
        return $this->wanted instanceof InSeveralFiles ? $this->wanted->apart($lab) : [''];
    }

    /** What the picture is called: as typed on the line, else from its file name. */
    public function subjectOf(?PictureFacts $picture): string
    {
        $stem = $picture?->stem() ?? pathinfo((string) $this->picture, PATHINFO_FILENAME);

        return $this->subject ?? ucfirst(trim((string) preg_replace('/[\s_-]+/u', ' ', $stem)));
    }

    private static function distance(?JsonNode $node): ?Length
    {
        $distance = $node?->length();
        if ($node !== null && $distance?->nanometres === 0) {
            throw $node->unexpected('a distance above 0');
        }

        return $distance;
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter(
            [
                'make' => $this->make,
                'picture' => $this->picture,
                'subject' => $this->subject,
                'copies' => $this->copies,
                ...$this->oneSide?->toArray() ?? ($this->crop?->toArray() ?? []),
                ...$this->wanted->toArray(),
                ...$this->additions->toArray(),
                'product' => $this->product,
                'paper' => $this->paper,
                'mount' => $this->mount,
                'options' => $this->options ?: null,
                'forPaper' => ForPaper::toArray($this->forPaper) ?: null,
                'viewedFrom' => $this->viewedFrom === null ? null : (string) $this->viewedFrom,
                'output' => $this->output->toArray() ?: null,
                'name' => $this->name->isUsual() ? null : $this->name->toArray(),
                'screenCopy' => $this->screenCopy?->toArray(),
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }
}
