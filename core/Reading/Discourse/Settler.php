<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Finish\Finishes;
use Planisher\Language\Known;
use Planisher\Language\Offer;
use Planisher\Language\Says;
use Planisher\Language\Unsure;
use Planisher\Measure\Unit;
use Planisher\Reading\Chart\Item;

/** What several wishes change of one line, put together; where two of them say different things, that is a question. */
final class Settler
{
    private const SIDES = ['top', 'right', 'bottom', 'left'];

    /** Where words stand on a picture: parts of its width and height, and how they are aligned. */
    private const PLACES = ['top' => 0.07, 'bottom' => 0.93, 'left' => 0.06, 'right' => 0.94];

    /** @var array<string, mixed> a merge patch of the line */
    private array $change = [];

    /** @var array<string, array{mixed, Item}> what was said of each path, and by what */
    private array $said = [];

    /** @var list<array{string, array<string, mixed>, Item}> blocks of words and marks: what they are, what is said of them */
    private array $blocks = [];

    /** @var list<array{array<string, mixed>, Item}> looks that nothing they are of was said for */
    private array $loose = [];

    /**
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?string  $chosen  the block of it that is chosen: caption, lettering.0, overlays.1
     */
    private function __construct(private readonly Known $known, private readonly array $on, private readonly ?string $chosen) {}

    /**
     * @param  list<Item>  $wishes  in their order; doubts are told at them
     * @param  array<string, mixed>  $on
     * @return array<string, mixed> a merge patch of the line, with those special keys that concern more than its own
     */
    public static function change(array $wishes, Known $known, array $on = [], ?string $chosen = null): array
    {
        $settler = new self($known, $on, $chosen);
        foreach ($wishes as $wish) {
            $settler->take($wish);
        }

        return $settler->settled();
    }

    /**
     * What finishes can only tell when all was heard.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on  the line it is said of; empty where there is none yet
     * @param  list<Item>  $wishes  doubted where it isn't sure: the last of them
     * @return array<string, mixed>
     */
    public static function completed(array $change, array $on, array $wishes, Unit $unit): array
    {
        foreach (Finishes::all() as $finish) {
            $completed = $finish->completed($change, $on, $unit);
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

    private function take(Item $wish): void
    {
        $change = $wish->change;
        foreach (
            [
                Says::CAPTION => 'caption',
                Says::LETTERING => 'lettering',
                Says::MARK => 'mark',
                Says::SCREEN_MARK => 'screenMark',
            ] as $key => $block
        ) {
            if (array_key_exists($key, $change)) {
                $this->block($block, $change[$key], $wish);
                unset($change[$key]);
            }
        }
        if (isset($change[Says::STYLE])) {
            $last = count($this->blocks) - 1;
            $last >= 0
                ? ($this->blocks[$last][1] = $this->styled($this->blocks[$last][1], $change[Says::STYLE], $wish))
                : ($this->loose[] = [$change[Says::STYLE], $wish]);
            unset($change[Says::STYLE]);
        }
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

    private function held(string $path, mixed $value, Item $wish): void
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
        if (
            $this->known->lab->product($one) !== null &&
            array_intersect_key($this->change, array_flip(Finishes::named($one)?->keys() ?? [])) === []
        ) {
            unset($this->change['make'], $this->said['make']);
            $this->change['product'] = $one;
        }

        return $change;
    }

    private function block(string $kind, mixed $of, Item $wish): void
    {
        $last = end($this->blocks);
        $isMore = $last !== false && $last[0] === $kind && ($of === null || $of === []);
        if ($isMore) {
            return;
        }
        $given = match ($kind) {
            'caption' => $of === [] ? [] : ['parts' => $of],
            'lettering' => $of === null ? [] : ['text' => $of],
            default => ['picture' => $of],
        };
        // Looks that stood before what they are of: “in white: …”, “7 pt caption”.
        foreach ($this->loose as [$style, $by]) {
            $given = $this->styled($given, $style, $by);
        }
        $this->loose = [];
        $this->blocks[] = [$kind, $given, $wish];
    }

    /**
     * @param  array<string, mixed>  $block
     * @param  array<string, mixed>  $style
     * @return array<string, mixed>
     */
    private function styled(array $block, array $style, Item $wish): array
    {
        foreach ($style as $key => $value) {
            if (isset($block[$key]) && $block[$key] !== $value && $key !== 'where') {
                $wish->doubt('This says something else than what stands before it; the later one was taken.');
            }
        }

        if (
            isset($block['where'], $style['where']) &&
            ! str_contains((string) $block['where'], '-') &&
            in_array($style['where'], ['left', 'right'], true) &&
            in_array($block['where'], ['top', 'bottom'], true)
        ) {
            $style['where'] = "{$block['where']}-{$style['where']}"; // “above, right”
        }

        return [...$block, ...$style];
    }

    /** @return array<string, mixed> */
    private function settled(): array
    {
        $this->place();
        foreach ($this->blocks as [$kind, $block, $wish]) {
            match ($kind) {
                'caption' => $this->caption($block, $wish),
                'lettering' => $this->lettering($block, $wish),
                'mark' => $this->overlay($block, $wish, 'overlays'),
                default => $this->overlay($block, $wish, 'screenCopy'),
            };
        }

        return $this->change;
    }

    /** Looks that nothing was said for are those of the block that is chosen, or the one that is there. */
    private function place(): void
    {
        if ($this->loose === []) {
            return;
        }
        $there = array_values(array_filter(['lettering', 'caption', 'overlays'], fn (string $key): bool => ($this->on[$key] ?? []) !== []));
        $of = $this->chosen !== null ? explode('.', $this->chosen)[0] : (count($there) === 1 ? $there[0] : null);
        if ($of === null) {
            foreach ($this->loose as [$style, $by]) {
                if (isset($style['colour']) && ($this->on['keyline'] ?? null) !== null && isset($this->said['keyline.width'])) {
                    $this->change['keyline']['colour'] = $style['colour'];

                    continue;
                }
                if (isset($style['colour']) && isset($this->said['keyline'])) {
                    $this->change['keyline'] = ['colour' => $style['colour']] + (array) $this->change['keyline'];

                    continue;
                }
                // “Something big” in a message says nothing of lettering.
                ($this->on === [] && array_keys($style) === ['scale']) || $by->doubt('Of what is that said?');
            }
            $this->loose = [];

            return;
        }
        $kind = ['lettering' => 'lettering', 'caption' => 'caption', 'overlays' => 'mark'][$of];
        $block = [];
        $loose = $this->loose;
        $this->loose = [];
        foreach ($loose as [$style, $by]) {
            $block = $this->styled($block, $style, $by);
        }
        $this->blocks[] = [$kind, $block, $loose[0][1]];
    }

    /** @param  array<string, mixed>  $block */
    private function caption(array $block, Item $wish): void
    {
        $there = is_array($this->on['caption'] ?? null) ? $this->on['caption'] : [];
        if (! isset($block['parts']) && $there === []) {
            $wish->doubt('What is the caption to say?', [new Offer('the file name', 'caption with the file name')]);

            return;
        }
        $where = (string) ($block['where'] ?? '');
        $change = array_intersect_key($block, array_flip(['parts', 'face', 'height', 'colour', 'align', 'inSurplus']));
        $where === '' ||
            ($change += array_filter([
                'where' => str_starts_with($where, 'top') ? 'above' : (str_starts_with($where, 'bottom') ? 'below' : null),
                'align' => str_contains($where, 'left')
                    ? 'left'
                    : (str_contains($where, 'right')
                        ? 'right'
                        : ($where === 'centre'
                            ? 'middle'
                            : null)),
            ]));
        isset($block['scale']) && ($change['height'] = $this->scaled((string) ($there['height'] ?? '3 mm'), (float) $block['scale']));
        $this->change['caption'] = $there === [] || isset($block['parts']) ? [...$there, ...$change] : $change;
    }

    /** @param  array<string, mixed>  $block */
    private function lettering(array $block, Item $wish): void
    {
        $all = is_array($this->on['lettering'] ?? null) ? $this->on['lettering'] : [];
        $at = $this->chosen !== null && str_starts_with($this->chosen, 'lettering.') ? (int) substr($this->chosen, 10) : 0;
        $isNew = isset($block['text']);
        if (! $isNew && ! isset($all[$at])) {
            $wish->doubt('What is to be written?');

            return;
        }
        $now = $isNew ? [] : $all[$at];
        $next = [...$now, ...array_intersect_key($block, array_flip(['text', 'face', 'height', 'colour', 'weight', 'slant', 'align']))];
        $where = (string) ($block['where'] ?? '');
        foreach (self::PLACES as $side => $part) {
            if (str_contains($where, $side)) {
                $isAcross = in_array($side, ['left', 'right'], true);
                $next[$isAcross ? 'x' : 'y'] = $part;
                $isAcross && ($next += ['align' => $side]);
            }
        }
        $where === 'centre' && ($next = ['x' => 0.5, 'y' => 0.5] + $next);
        foreach (['moveX' => 'x', 'moveY' => 'y'] as $move => $key) {
            isset($block[$move]) && ($next[$key] = round(max(0.0, min(1.0, (float) ($now[$key] ?? 0.5) + $block[$move])), 4));
        }
        isset($block['scale']) && ($next['height'] = $this->scaled((string) ($now['height'] ?? '9 mm'), (float) $block['scale']));
        $before = is_array($this->change['lettering'] ?? null) ? $this->change['lettering'] : ($isNew ? [] : $all);
        $this->change['lettering'] = $isNew ? [...$before, $next] : array_values(array_replace($before ?: $all, [$at => $next]));
    }

    /** @param  array<string, mixed>  $block */
    private function overlay(array $block, Item $wish, string $key): void
    {
        $of = $key === 'overlays' ? $this->on['overlays'] ?? [] : $this->on['screenCopy']['overlays'] ?? [];
        $all = is_array($of) ? $of : [];
        $at = $this->chosen !== null && str_starts_with($this->chosen, 'overlays.') ? (int) substr($this->chosen, 9) : null;
        foreach ($at === null ? $all : [] as $i => $there) {
            $isIt =
                ! isset($block['picture']) ||
                ($there['picture'] ?? '') === $block['picture'] ||
                (count($all) === 1 && ($block['picture'] ?? '') === ($this->known->marks[0] ?? ''));
            $at = $isIt && $at === null ? $i : $at;
        }
        $next = array_intersect_key($block, array_flip(['picture', 'where', 'offset', 'width', 'strength']));
        if (isset($block['scale'])) {
            $next['width'] = ((float) ($all[$at ?? 0]['width'] ?? 18)) * $block['scale'].' %';
        }
        if ($at !== null) {
            unset($next['picture']);
            $all[$at] = [...$all[$at], ...$next];
        } elseif (isset($next['picture'])) {
            $all[] = $next;
        } else {
            $wish->doubt('Of which mark is that said?');

            return;
        }
        $this->change = self::merged(
            $this->change,
            $key === 'overlays' ? ['overlays' => array_values($all)] : ['screenCopy' => ['overlays' => array_values($all)]],
        );
    }

    private function scaled(string $height, float $by): string
    {
        return preg_match('/^([\d.]+)\s*(.*)$/', $height, $m) === 1 ? round((float) $m[1] * $by, 2)." {$m[2]}" : $height;
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
