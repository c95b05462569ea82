<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** One thing seen before it goes: a stable code, how much it weighs, plain words with their figures. */
final readonly class Finding
{
    private function __construct(
        public string $code,
        public Level $level,
        public string $title,
        public string $text,
        public ?Remedy $remedy,
    ) {}

    public static function fine(string $code, string $title, string $text): self
    {
        return new self($code, Level::Fine, $title, $text, null);
    }

    public static function look(string $code, string $title, string $text, ?Remedy $remedy = null): self
    {
        return new self($code, Level::Look, $title, $text, $remedy);
    }

    public static function stops(string $code, string $title, string $text, ?Remedy $remedy = null): self
    {
        return new self($code, Level::Stops, $title, $text, $remedy);
    }

    /** The same with another way out. */
    public function with(Remedy $remedy): self
    {
        return new self($this->code, $this->level, $this->title, $this->text, $remedy);
    }

    /** The same in other words. */
    public function of(string $title, string $text): self
    {
        return new self($this->code, $this->level, $title, $text, $this->remedy);
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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'code' => $this->code,
            'level' => $this->level->value,
            'title' => $this->title,
            'text' => $this->text,
            'remedy' => $this->remedy === null ? null : ['label' => $this->remedy->label, 'change' => $this->remedy->change],
        ];
    }
}
