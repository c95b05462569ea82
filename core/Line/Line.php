<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Colour\ToneCurve;
use Planisher\Measure\Length;
use Planisher\Naming\NamePattern;
use Planisher\OrderFile\Node;
use Planisher\Picture\PictureFacts;

/** One thing ordered: a picture, a size, a finish, a quantity. What is wanted, before any arithmetic. */
final readonly class Line
{
    private const KEYS = [
        'make', 'picture', 'subject', 'copies', ...Crop::KEYS, ...PrintFinish::KEYS,
        'canvas', 'panels', 'sheet', 'longSide', 'product', 'paper', 'viewedFrom', 'output', 'forPaper', 'name',
    ];

    public const MOST_COPIES = 9999;

    /**
     * @param  ?string  $picture  a file name; null while none is chosen
     * @param  ?Crop  $crop  null for what can't be made yet
     * @param  ?PrintFinish  $print  null unless that is what it is made into; so with canvas and panels
     * @param  ?string  $product  what the lab prints it on, by the lab's name
     * @param  ?string  $paper  by the lab's name; null for its first
     * @param  ?Length  $viewedFrom  where it will be looked at from; null for from its own diagonal
     * @param  list<string>  $ignored  keys that say nothing of what it is made into
     * @param  list<string>  $notYet  what is asked for and can't be made yet, in words
     */
    private function __construct(
        public Make $make,
        public ?string $picture,
        public ?string $subject,
        public int $copies,
        public ?Crop $crop,
        public ?PrintFinish $print,
        public ?CanvasFinish $canvas,
        public ?PanelsFinish $panels,
        public ?string $product,
        public ?string $paper,
        public ToneCurve $forPaper,
        public ?Length $viewedFrom,
        public Output $output,
        public NamePattern $name,
        public array $ignored,
        public array $notYet,
    ) {}

    /** @throws \Planisher\OrderFile\OrderFileError */
    public static function fromNode(Node $node): self
    {
        $node->object(self::KEYS);
        $make = $node->maybe('make')?->choice(Make::class) ?? Make::Print;

        return new self(
            make: $make,
            picture: $node->maybe('picture')?->string(),
            subject: $node->maybe('subject')?->string(80),
            copies: $node->maybe('copies')?->int(0, self::MOST_COPIES) ?? 1,
            crop: in_array($make, [Make::Print, Make::Canvas, Make::Panels], true) ? Crop::fromNode($node) : null,
            print: $make === Make::Print ? PrintFinish::fromNode($node) : null,
            canvas: $make === Make::Canvas ? CanvasFinish::fromNode($node->maybe('canvas')) : null,
            panels: $make === Make::Panels ? PanelsFinish::fromNode($node->maybe('panels')) : null,
            product: $node->maybe('product')?->string(40),
            paper: $node->maybe('paper')?->string(40),
            forPaper: ForPaper::fromNode($node->maybe('forPaper')),
            viewedFrom: self::distance($node->maybe('viewedFrom')),
            output: Output::fromNode($node->maybe('output')),
            name: NamePattern::fromNode($node->maybe('name')),
            ignored: self::ignored($node, $make),
            notYet: NotYet::in($node),
        );
    }

    /** What the lab prints it on, by the lab's name: as chosen, and a canvas on canvas. */
    public function printedOn(): ?string
    {
        return $this->product ?? ($this->canvas === null ? null : Make::Canvas->value);
    }

    /** What the picture is called: as typed on the line, else from its file name. */
    public function subjectOf(?PictureFacts $picture): string
    {
        $stem = $picture?->stem() ?? pathinfo((string) $this->picture, PATHINFO_FILENAME);

        return $this->subject ?? ucfirst(trim((string) preg_replace('/[\s_-]+/u', ' ', $stem)));
    }

    private static function distance(?Node $node): ?Length
    {
        $distance = $node?->length();
        if ($node !== null && $distance?->nanometres === 0) {
            throw $node->unexpected('a distance above 0');
        }

        return $distance;
    }

    /** @return list<string> */
    private static function ignored(Node $node, Make $make): array
    {
        $of = fn (Make $other, array $keys): array => $make === $other ? [] : $keys;
        $foreign = [...$of(Make::Print, PrintFinish::KEYS), ...$of(Make::Canvas, ['canvas']), ...$of(Make::Panels, ['panels']), ...$of(Make::SharedSheet, ['sheet']), ...$of(Make::ScreenCopy, ['longSide'])];

        return array_values(array_filter($foreign, fn (string $key): bool => $node->maybe($key) !== null));
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter([
            'make' => $this->make->value,
            'picture' => $this->picture,
            'subject' => $this->subject,
            'copies' => $this->copies,
            ...($this->crop?->toArray() ?? []),
            ...($this->print?->toArray() ?? []),
            'canvas' => $this->canvas?->toArray() ?: null,
            'panels' => $this->panels?->toArray(),
            'product' => $this->product,
            'paper' => $this->paper,
            'forPaper' => ForPaper::toArray($this->forPaper) ?: null,
            'viewedFrom' => $this->viewedFrom === null ? null : (string) $this->viewedFrom,
            'output' => $this->output->toArray() ?: null,
            'name' => $this->name->isUsual() ? null : $this->name->toArray(),
        ], fn (mixed $value): bool => $value !== null);
    }
}
