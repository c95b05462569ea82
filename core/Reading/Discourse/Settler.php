<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\CompletesWishes;
use Planisher\Finish\Finishes;
use Planisher\Language\Known;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Measure\Unit;
use Planisher\Reading\Chart\ChartItem;

/** What several wishes change of one line, put together; where two of them say different things, that is a question. */
final class Settler
{
    private const SIDES = ['top', 'right', 'bottom', 'left'];

    /** @var array<string, mixed> a merge patch of the line */
    private array $change = [];

    /** @var array<string, array{mixed, ChartItem}> what was said of each path, and by what */
    private array $said = [];

    private readonly Blocks $blocks;

    /** The wish that was taken last */
    private ?ChartItem $last = null;

    /**
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?string  $chosen  the block of it that is chosen: caption, lettering.0, overlays.1
     */
    private function __construct(private readonly Known $known, private readonly array $on, ?string $chosen)
    {
        $this->blocks = new Blocks($known, $on, $chosen);
    }

    /**
     * @param  list<ChartItem>  $wishes  in their order; doubts are told at them
     * @param  array<string, mixed>  $on
     * @return array<string, mixed> a merge patch of the line, with those special keys that concern more than its own
     */
    public static function change(array $wishes, Known $known, array $on = [], ?string $chosen = null): array
    {
        $settler = new self($known, $on, $chosen);
        foreach ($wishes as $wish) {
            $settler->take($wish);
        }

        return self::merged($settler->change, $settler->blocks->settled());
    }

    /**
     * What finishes can only tell when all was heard.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on  the line it is said of; empty where there is none yet
     * @param  list<ChartItem>  $wishes  doubted where it isn't sure: the last of them
     * @return array<string, mixed>
     */
    public static function completed(array $change, array $on, array $wishes, Unit $unit): array
    {
        foreach (Finishes::all() as $finish) {
            $completed = $finish instanceof CompletesWishes ? $finish->completed($change, $on, $unit) : $change;
            $isUnsure = $completed instanceof Unsure;
            $isUnsure && end($wishes) !== false && end($wishes)->doubt($completed->why, $completed->offers);
            $change = $isUnsure ? $completed->change : $completed;
        }

        return $change;
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>
     */
    public static function merged(array $one, array $other): array
    {
        foreach ($other as $key => $value) {
            $both =
                is_array($value) &&
                is_array($one[$key] ?? null) &&
                ! array_is_list($value) &&
                ! (array_is_list($one[$key]) && $one[$key] !== []);
            $one[$key] = $both
                ? self::merged($one[$key], $value)
                : ($value === [] && is_array($one[$key] ?? null) && $key !== 'lettering' && $key !== 'overlays'
                    ? $one[$key]
                    : $value);
        }

        return $one;
    }

    private function take(ChartItem $wish): void
    {
        if ($this->isPlaceOfBlock($wish)) {
            $wish->change = [Says::STYLE => ['align' => 'middle']];
        }
        $change = $this->isColourOfLine($wish) ? ['keyline' => $wish->change[Says::STYLE]] : $this->blocks->take($wish);
        $this->last = $wish;
        $change = $this->printedOn($change);
        if (isset($this->change['options'], $change['options'])) {
            $change['options'] = array_values(array_unique([...$this->change['options'], ...$change['options']]));
            unset($this->said['options']);
        }
        if (is_array($change['border'] ?? null) || (isset($change['border']) && is_array($this->change['border'] ?? null))) {
            $change['border'] = $this->border($change['border']);
            unset($this->change['border']);
            $this->said = array_filter($this->said, fn (string $path): bool => ! str_starts_with($path, 'border'), ARRAY_FILTER_USE_KEY);
        }
        foreach (self::flat($change) as $path => $value) {
            $this->held((string) $path, $value, $wish);
        }
        $this->change = self::merged($this->change, $change);
    }

    /** “‘For Mum’, centred”: behind words or a mark it is said of them, and not of the picture on its paper. */
    private function isPlaceOfBlock(ChartItem $wish): bool
    {
        return $wish->change === ['raise' => null] &&
            $this->blocks->isBegun() &&
            preg_match('/\b(?:paper|sheet|print|image|picture|it)\b/iu', $wish->words) !== 1;
    }

    /** “A thin line, red” */
    private function isColourOfLine(ChartItem $wish): bool
    {
        $line = $this->last?->change['keyline'] ?? null;

        return is_array($line) &&
            ! isset($line['colour']) &&
            array_keys($wish->change) === [Says::STYLE] &&
            array_keys($wish->change[Says::STYLE]) === ['colour'];
    }

    private function held(string $path, mixed $value, ChartItem $wish): void
    {
        foreach ($value === [] ? [] : $this->said as $other => [$of]) {
            $isSame = $path === $other;
            $isPart = $of !== [] && (str_starts_with("{$path}.", "{$other}.") || str_starts_with("{$other}.", "{$path}."));
            $differs = $isSame && $of !== $value && ! (is_numeric($of) && is_numeric($value) && (float) $of === (float) $value);
            if (
                ($differs && ! self::isFiner($of, $value)) ||
                ($isPart && ! $isSame && (! is_array($of) || ! is_array($value)) && $of !== null)
            ) {
                $wish->doubt('This says something else than what stands before it; the later one was taken.');
            }
        }
        $against = ['fit' => ['whole' => 'window.tight'], 'window.tight' => ['*' => 'fit']];
        $other = $against[$path]['*'] ?? ($against[$path][is_string($value) ? $value : ''] ?? null);
        if ($other !== null && isset($this->said[$other]) && ($other !== 'fit' || $this->said['fit'][0] === 'whole')) {
            $wish->doubt('Closer, and all of it: which of the two?');
        }
        $this->said[$path] = [$value, $wish];
    }

    /** “A triptych, with a wide middle”: the later says more of the same. */
    private static function isFiner(mixed $one, mixed $other): bool
    {
        return is_array($one) &&
            is_array($other) &&
            count($one) === count($other) &&
            count(array_unique(array_map(strval(...), $one))) === 1;
    }

    /**
     * Sides that were said one by one, put to those that were said before or are there.
     *
     * @return string|array<string, string>|null
     */
    private function border(mixed $border): string|array|null
    {
        $before = $this->change['border'] ?? ($this->on['border'] ?? null);
        $all = fn (mixed $of): array => is_string($of) ? array_fill_keys(self::SIDES, $of) : (is_array($of) ? $of : []);
        if (is_string($border)) {
            // “6 at the top, 5 cm all round”: what was said of one side stays.
            $said =
                is_array($this->change['border'] ?? null) && isset($this->said['border.top']) + isset($this->said['border.bottom']) < 2
                    ? $this->change['border']
                    : [];

            return $said === [] ? $border : [...$all($border), ...$said];
        }
        if (! is_array($border)) {
            return null;
        }
        $rest = $border['rest'] ?? null;
        unset($border['rest']);
        $sides =
            $rest === null
                ? $all($before)
                : array_fill_keys(
                    array_diff(
                        self::SIDES,
                        array_keys($border),
                        array_keys(is_array($this->change['border'] ?? null) ? $this->change['border'] : []),
                    ),
                    $rest,
                ) + $all($this->change['border'] ?? null);
        $sides = [...$sides, ...$border];

        return array_intersect_key(array_replace(array_flip(self::SIDES), $sides), $sides);
    }

    /**
     * “Three panels on canvas”: made into the one, printed on the other.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     */
    private function printedOn(array $change): array
    {
        [$one, $other] = [$this->change['make'] ?? null, $change['make'] ?? null];
        if ($one === null || $other === null || $one === $other) {
            return $change;
        }
        if ($this->known->lab->product($other) !== null && array_diff_key($change, ['make' => true]) === []) {
            return ['product' => $other];
        }
        if ($this->known->lab->product($one) !== null && (Finishes::named($one)?->keys()->in($this->change) ?? []) === []) {
            unset($this->change['make'], $this->said['make']);
            $this->change['product'] = $one;
        }

        return $change;
    }

    /**
     * @param  array<string, mixed>  $change
     * @return array<string, mixed> by path; an empty object is itself
     */
    private static function flat(array $change, string $under = ''): array
    {
        $flat = [];
        foreach ($change as $key => $value) {
            $flat +=
                is_array($value) && $value !== [] && ! array_is_list($value)
                    ? self::flat($value, "{$under}{$key}.")
                    : ["{$under}{$key}" => $value];
        }

        return $flat;
    }
}
