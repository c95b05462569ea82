<?php

declare(strict_types=1);

namespace Planisher\Line;

use Planisher\Naming\NamePattern;
use Planisher\OrderFile\Node;
use Planisher\Picture\PictureFacts;

/** One thing ordered: a picture, a size, a finish, a quantity. What is wanted, before any arithmetic. */
final readonly class Line
{
    private const KEYS = [
        'make', 'picture', 'subject', 'copies', ...PrintFinish::KEYS,
        'canvas', 'panels', 'sheet', 'longSide', 'output', 'forPaper', 'name',
    ];

    public const MOST_COPIES = 9999;

    /**
     * @param  ?string  $picture  a file name; null while none is chosen
     * @param  ?PrintFinish  $print  null for what can't be made yet
     * @param  list<string>  $notYet  what is asked for and can't be made yet, in words
     */
    private function __construct(
        public Make $make,
        public ?string $picture,
        public ?string $subject,
        public int $copies,
        public ?PrintFinish $print,
        public Output $output,
        public NamePattern $name,
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
            print: $make === Make::Print ? PrintFinish::fromNode($node) : null,
            output: Output::fromNode($node->maybe('output')),
            name: NamePattern::fromNode($node->maybe('name')),
            notYet: NotYet::in($node),
        );
    }

    /** What the picture is called: as typed on the line, else from its file name. */
    public function subjectOf(?PictureFacts $picture): string
    {
        $stem = $picture?->stem() ?? pathinfo((string) $this->picture, PATHINFO_FILENAME);

        return $this->subject ?? ucfirst(trim((string) preg_replace('/[\s_-]+/u', ' ', $stem)));
    }

    /** @return array<string, mixed> as in the order file, only what differs from the defaults */
    public function toArray(): array
    {
        return array_filter([
            'make' => $this->make->value,
            'picture' => $this->picture,
            'subject' => $this->subject,
            'copies' => $this->copies,
            ...($this->print?->toArray() ?? []),
            'output' => $this->output->toArray() ?: null,
            'name' => $this->name->isUsual() ? null : $this->name->toArray(),
        ], fn (mixed $value): bool => $value !== null);
    }
}
