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

    /** The same in other words. */
    public function of(string $title, string $text): self
    {
        return new self($this->code, $this->level, $title, $text, $this->remedy, $this->others);
    }

    /**
     * @param  list<self>  $findings
     * @return list<self> those that weigh the same in their order
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
            'remedy' => $this->remedy?->toArray(),
            'others' => array_map(fn (Remedy $one): array => $one->toArray(), $this->others),
        ];
    }
}
