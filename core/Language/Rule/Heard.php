<?php

declare(strict_types=1);

namespace Planisher\Language\Rule;

use Planisher\Language\Known;
use Planisher\Language\Words\Typed;
use Planisher\Measure\Length;
use Planisher\Measure\Size;

/** What was heard at the typed places of a rule, and what it is said of. */
final readonly class Heard
{
    /**
     * @param  array<string, array{Typed, string}>  $typed  by the place's name, with its words as they were written
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?string  $make  what it is made into, where that is known
     */
    public function __construct(
        private array $typed,
        public Known $known,
        public array $on,
        public ?string $make,
        private string $written,
    ) {}

    public function has(string $name): bool
    {
        return isset($this->typed[$name]);
    }

    /** As it was written at a place; all of it with slips of the pen put right. */
    public function words(?string $name = null): string
    {
        return $name === null ? $this->written : $this->typed[$name][1] ?? '';
    }

    public function value(string $name): mixed
    {
        return ($this->typed[$name][0] ?? null)?->value;
    }

    /** A length as the order file has it: “1/4 in”. */
    public function length(string $name = 'length'): string
    {
        return (string) $this->value($name);
    }

    public function count(string $name = 'count'): int
    {
        return (int) $this->value($name);
    }

    public function number(string $name = 'number'): float
    {
        return (float) $this->value($name);
    }

    /** Of a whole, 0 to 1. */
    public function share(string $name = 'share'): float
    {
        return max(0.0, min(1.0, (float) $this->value($name)));
    }

    public function colour(string $name = 'colour'): string
    {
        return (string) $this->value($name);
    }

    public function text(string $name = 'text'): string
    {
        return trim((string) $this->value($name), " \t\n\"'“”‘’„.,;:");
    }

    public function size(string $name = 'size'): ?Size
    {
        $size = $this->value($name);

        return $size instanceof Size ? $size : null;
    }

    public function isSaidOfLine(): bool
    {
        return $this->on !== [];
    }

    /** Whether the picture it is said of lies; null where that isn't known. */
    public function isLandscape(): ?bool
    {
        $pixels = is_string($this->on['picture'] ?? null) ? $this->known->pixels[$this->on['picture']] ?? null : null;

        return $pixels === null ? null : $pixels[0] >= $pixels[1];
    }

    /** What the line has there now, by its path: “panels.gap”. */
    public function now(string $path): mixed
    {
        $now = $this->on;
        foreach (explode('.', $path) as $key) {
            if (! is_array($now) || ! array_key_exists($key, $now)) {
                return null;
            }
            $now = $now[$key];
        }

        return $now;
    }

    /** A length that the line has now, so many times as long, and so much more. */
    public function changed(string $path, float $times = 1.0, ?string $more = null): ?string
    {
        $now = $this->now($path);
        if (! is_string($now)) {
            return null;
        }
        try {
            $length = Length::parse($now, $this->known->unit);
        } catch (\Planisher\Measure\MeasureError) {
            return null;
        }
        $nanometres = $length->nanometres * $times;
        if ($more !== null) {
            $sign = str_starts_with($more, '-') ? -1 : 1;
            $nanometres += $sign * Length::parse(ltrim($more, '-'), $this->known->unit)->nanometres;
        }

        return (string) Length::exact((int) max(0, round($nanometres)), $length->unit);
    }
}
