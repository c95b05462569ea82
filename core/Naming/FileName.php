<?php

declare(strict_types=1);

namespace Planisher\Naming;

/** What the files of a line are called, as they will come out: one, or several that are told apart. */
final readonly class FileName
{
    /**
     * @param  list<string>  $stems  without the ending, in the order of the plan's files
     * @param  bool  $shortened  whether parts were cut to the lab's length
     * @param  list<string>  $copies  of copies for a screen, with their endings
     * @param  bool  $numberedApart  whether a number was added because another line came out the same
     */
    public function __construct(
        public array $stems,
        public string $extension,
        public bool $shortened = false,
        public bool $numberedApart = false,
        public array $copies = [],
    ) {}

    /**
     * @param  non-empty-list<string>  $files  with their endings
     * @param  list<string>  $copies  so, too
     */
    public static function ofFiles(array $files, array $copies = []): self
    {
        return new self(
            array_map(fn (string $file): string => pathinfo($file, PATHINFO_FILENAME), $files),
            pathinfo($files[0], PATHINFO_EXTENSION),
            copies: $copies,
        );
    }

    /** @return list<string> with their endings */
    public function files(): array
    {
        return array_map(fn (string $stem): string => "{$stem}.{$this->extension}", $this->stems);
    }

    /** The longest, ending included. */
    public function length(): int
    {
        return max(array_map(strlen(...), $this->files()));
    }

    /** For people: the name, or the first and how many more. */
    public function label(): string
    {
        $more = count($this->stems) - 1;

        return $this->stems[0].($more === 0 ? '' : " and {$more} more");
    }

    public function __toString(): string
    {
        $more = count($this->stems) - 1;

        return $this->files()[0].($more === 0 ? '' : " and {$more} more");
    }
}
