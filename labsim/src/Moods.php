<?php

declare(strict_types=1);

namespace LabSim;

/** What it was told on its page to do badly, and how often still. */
final class Moods
{
    public const ALL = [
        'slow' => 'take a second for every megabyte',
        'drop' => 'break the connection in the middle of a file',
        'power' => 'lose power in the middle of a file',
        'refuse' => 'refuse a file',
        'error' => 'answer 500',
        'nonsense' => 'answer nonsense',
        'silent' => 'not answer for a minute',
        'late' => 'take long to say what it thinks',
        'twice' => 'give two receipts',
        'other' => 'give the receipt of another parcel',
        'altered' => 'give a receipt that somebody altered',
    ];

    public function __construct(private readonly Store $store) {}

    public function set(string $mood, int $times): void
    {
        $this->store->change('moods', 'now', fn (array $held): array => [...$held, $mood => $times]);
    }

    /** @return array<string, int> */
    public function now(): array
    {
        return array_filter($this->store->get('moods', 'now') ?? []);
    }

    /** Whether it is to do so now; it is used up by one. */
    public function takes(string $mood): bool
    {
        if (($this->now()[$mood] ?? 0) < 1) {
            return false;
        }
        $takes = false;
        $this->store->change('moods', 'now', function (array $held) use ($mood, &$takes): array {
            $takes = ($held[$mood] ?? 0) > 0;

            return [...$held, $mood => max(0, ($held[$mood] ?? 0) - 1)];
        });

        return $takes;
    }
}
