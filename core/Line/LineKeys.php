<?php

declare(strict_types=1);

namespace Planisher\Line;

/** Keys of a line by name: which there are, what each is said of, and what a change of it means. */
final readonly class LineKeys
{
    /** @param  array<string, LineKey>  $all  by name */
    private function __construct(private array $all) {}

    /** What every finish has; each adds keys of its own. */
    public static function common(): self
    {
        /** @var ?self $keys */
        static $keys = null;

        return $keys ??= self::of(
            new LineKey('make', KeyScope::Line, 'what it is made into'),
            new LineKey('picture', KeyScope::Cell),
            new LineKey('subject', KeyScope::Cell),
            new LineKey('copies', KeyScope::Cell, 'how many'),
            new LineKey('size', KeyScope::Cell),
            new LineKey('ratio', KeyScope::Line),
            new LineKey('turn', KeyScope::Cell, 'which way up it is'),
            new LineKey('window', KeyScope::Cell, 'where it is cropped'),
            new LineKey('caption', KeyScope::Cell),
            new LineKey('lettering', KeyScope::Cell),
            new LineKey('overlays', KeyScope::Cell, 'its marks'),
            new LineKey('screenCopy', KeyScope::Line, 'its screen copy', KeyChange::Leaves),
            new LineKey('product', KeyScope::Sheet),
            new LineKey('paper', KeyScope::Sheet),
            new LineKey('mount', KeyScope::Lab, change: KeyChange::Leaves),
            new LineKey('options', KeyScope::Lab, change: KeyChange::Leaves),
            new LineKey('viewedFrom', KeyScope::Cell, 'from where it is looked at'),
            new LineKey('output', KeyScope::Sheet, 'its file'),
            new LineKey('forPaper', KeyScope::Cell, 'how it is lifted for paper'),
            new LineKey('name', KeyScope::Name, change: KeyChange::Remakes),
        );
    }

    public static function of(LineKey ...$keys): self
    {
        return new self(array_combine(array_map(fn (LineKey $key): string => $key->name, $keys), $keys));
    }

    /** These and others. */
    public function and(self ...$others): self
    {
        return new self(array_merge($this->all, ...array_map(fn (self $keys): array => $keys->all, $others)));
    }

    /** @return list<string> */
    public function names(): array
    {
        return array_keys($this->all);
    }

    /** Those that a shared sheet's prints have of their own. */
    public function ofCells(): self
    {
        return $this->those(fn (LineKey $key): bool => $key->scope === KeyScope::Cell);
    }

    /** Those that a shared sheet's prints all have alike. */
    public function ofWholeSheets(): self
    {
        return $this->those(fn (LineKey $key): bool => $key->scope->isOfWholeSheet());
    }

    /** Those of the paper or the piece itself: what is in its file. */
    public function ofSheets(): self
    {
        return $this->those(fn (LineKey $key): bool => $key->scope === KeyScope::Sheet);
    }

    /** What the lab does besides. */
    public function ofLabs(): self
    {
        return $this->those(fn (LineKey $key): bool => $key->scope === KeyScope::Lab);
    }

    /**
     * What of a line is said under these.
     *
     * @param  array<string, mixed>  $line  by key
     * @return array<string, mixed>
     */
    public function in(array $line): array
    {
        return array_intersect_key($line, $this->all);
    }

    /**
     * What of a line is said under others.
     *
     * @param  array<string, mixed>  $line  by key
     * @return array<string, mixed>
     */
    public function notIn(array $line): array
    {
        return array_diff_key($line, $this->all);
    }

    /**
     * Those under which two lines differ, in the order in which they stand there.
     *
     * @param  array<string, mixed>  $before  in their order-file form
     * @param  array<string, mixed>  $after
     * @return list<LineKey>
     */
    public function changed(array $before, array $after): array
    {
        $differ = array_filter(
            $before + $after,
            fn (string $key): bool => ($before[$key] ?? null) != ($after[$key] ?? null),
            ARRAY_FILTER_USE_KEY,
        );

        return array_values(array_map(fn (string $key): LineKey => $this->all[$key], array_keys($differ)));
    }

    /** @param  \Closure(LineKey): bool  $are */
    private function those(\Closure $are): self
    {
        return new self(array_filter($this->all, $are));
    }
}
