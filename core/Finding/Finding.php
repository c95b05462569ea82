<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** One thing seen before it goes: a stable code, how much it weighs, plain words with their figures. */
final readonly class Finding
{
    /** @param  list<Remedy>  $others  further ways out, where there are several */
    private function __construct(
        public string $code,
        public Severity $level,
        public string $title,
        public string $text,
        public ?Remedy $remedy,
        public array $others = [],
    ) {}

    public static function fine(string $code, string $title, string $text): self
    {
        return new self($code, Severity::Fine, $title, $text, null);
    }

    public static function look(string $code, string $title, string $text, ?Remedy $remedy = null): self
    {
        return new self($code, Severity::Warning, $title, $text, $remedy);
    }

    public static function stops(string $code, string $title, string $text, ?Remedy $remedy = null): self
    {
        return new self($code, Severity::Error, $title, $text, $remedy);
    }

    /**
     * The same with these ways out, the likeliest first.
     *
     * @param  list<?Remedy>  $remedies  null for none
     */
    public function mendedBy(array $remedies): self
    {
        $all = array_values(array_filter($remedies));

        return new self($this->code, $this->level, $this->title, $this->text, $all[0] ?? null, array_slice($all, 1));
    }

    /** In one: its title and its text. */
    public function inWords(): string
    {
        return "{$this->title}. {$this->text}";
    }

    /** What it is known by where it was said yes to: by all that it says, so that what has become worse is looked at anew. */
    public function key(): string
    {
        return hash('xxh128', "{$this->code} {$this->inWords()}");
    }

    /**
     * @param  list<string>  $keys  of findings that were said yes to
     * @return self itself, where this is none of them
     */
    public function settledBy(array $keys): self
    {
        return $this->level === Severity::Warning && in_array($this->key(), $keys, true)
            ? new self($this->code, Severity::Settled, $this->title, $this->text, $this->remedy, $this->others)
            : $this;
    }

    /** The same in other words. */
    public function of(string $title, string $text): self
    {
        return new self($this->code, $this->level, $title, $text, $this->remedy, $this->others);
    }

    /**
     * @param  list<self>  $findings
     * @return ($findings is non-empty-list<self> ? non-empty-list<self> : list<self>) those that weigh the same in their order
     */
    public static function worstFirst(array $findings): array
    {
        usort($findings, fn (self $a, self $b): int => $a->level->rank() <=> $b->level->rank());

        return $findings;
    }

    /** @return FindingShape */
    public function toArray(): array
    {
        return [
            'code' => $this->code,
            'level' => $this->level->value,
            'title' => $this->title,
            'text' => $this->text,
            'alike' => Alike::words($this),
            'remedy' => $this->remedy?->toArray(),
            'others' => array_map(fn (Remedy $one): array => $one->toArray(), $this->others),
        ];
    }
}
