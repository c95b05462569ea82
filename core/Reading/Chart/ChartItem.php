<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

use Planisher\Language\Offer;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Words\Named;
use Planisher\Measure\Size;

/** Words of one line, and what they are. */
final class ChartItem
{
    /** As the value of a word that isn't passed over */
    public const ASKED = 'asked';

    /**
     * @param  int  $at  in bytes from the line's start
     * @param  array<string, mixed>  $change  what a wish changes of a line
     * @param  ?string  $why  what isn't sure about it
     * @param  list<Offer>  $offers  other words for it
     * @param  mixed  $value  what it says beside: how many, of what
     * @param  bool  $isBare  a number without a frame that says what it is
     */
    public function __construct(
        public ItemKind $kind,
        public readonly int $at,
        public readonly int $length,
        public ?int $count = null,
        public readonly ?Size $size = null,
        public array $change = [],
        public readonly ?Named $named = null,
        public ?string $why = null,
        public array $offers = [],
        public mixed $value = null,
        public readonly bool $isEach = false,
        public readonly bool $isBare = false,
        public readonly ?ReadingRule $rule = null,
        public string $words = '',
    ) {}

    /** @param  list<Offer>  $offers */
    public function doubt(string $why, array $offers = []): void
    {
        if ($this->why === null) {
            $this->why = $why;
            $this->offers = $offers ?: $this->offers;
        }
    }

    /**
     * A word that nobody knows, and that is asked even where it could be a mere reason.
     *
     * @param  list<Offer>  $offers
     */
    public function ask(string $why, array $offers = []): void
    {
        [$this->why, $this->offers, $this->value] = [$why, $offers, self::ASKED];
    }

    /** What it says, in words, for whom the colours of a line say nothing: “size: 8 × 10 in”. */
    public function role(): ?string
    {
        return match ($this->kind) {
            ItemKind::Count => "how many: {$this->count}",
            ItemKind::Size => 'size: '.($this->size?->label() ?? $this->words),
            ItemKind::Pictures => (count($this->names()) === 1 ? 'picture: ' : 'pictures: ').implode(', ', $this->names()),
            ItemKind::Sum => 'how many in all',
            ItemKind::All, ItemKind::Rest, ItemKind::Same, ItemKind::Place => 'which pictures',
            ItemKind::Not, ItemKind::Instead => 'what is not wanted',
            ItemKind::Wish => preg_match('/\d/', $this->words) === 1 ? 'what is wanted, no number of prints' : 'what is wanted',
            default => null,
        };
    }

    /** The same at another place. */
    public function placed(int $at, int $length): self
    {
        return new self(...['at' => $at, 'length' => $length] + get_object_vars($this));
    }

    /**
     * @param  list<self>  $items
     * @return list<self> so many bytes further on
     */
    public static function moved(array $items, int $by): array
    {
        return $by === 0 ? $items : array_map(fn (self $item): self => $item->placed($item->at + $by, $item->length), $items);
    }

    /** Whether it waits for an answer; a remark is only told. */
    public function is(ItemKind ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true);
    }

    public function isAsked(): bool
    {
        return $this->why !== null && $this->kind !== ItemKind::Remark;
    }

    public function isDash(): bool
    {
        return $this->kind === ItemKind::Stop && in_array($this->words, ['-', '–', '—'], true);
    }

    /** Said of prints that come besides: “two more” */
    public function isMore(): bool
    {
        return preg_match('/\b(?:more|extra|another|spare|further)\b/iu', $this->words) === 1;
    }

    /** It says nothing of prints. */
    public function pass(): void
    {
        $this->kind = ItemKind::Passed;
        $this->why = null;
    }

    public function end(): int
    {
        return $this->at + $this->length;
    }

    /** @return list<string> pictures by name */
    public function names(): array
    {
        return $this->named->names ?? [];
    }
}
