<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Language\Known;
use Planisher\Language\Offer;
use Planisher\Language\Says;
use Planisher\Reading\Chart\ChartItem;

/**
 * What is said of captions, lettering and marks: each block that is spoken of with its looks. Looks that nothing was said for are those
 * of the block that is chosen, else of the one that is there; a look that it can't have is told.
 */
final class Blocks
{
    /** What a block of each kind may be told: keys of its form in an order file, and steps from what it is now. */
    private const LOOKS = [
        'caption' => ['parts', 'face', 'height', 'colour', 'align', 'where', 'inSurplus', 'scale', 'times', 'away'],
        'lettering' => [
            ...['text', 'face', 'height', 'colour', 'weight', 'slant', 'align', 'where'],
            ...['scale', 'times', 'moveX', 'moveY', 'away', 'more'],
        ],
        'overlays' => ['picture', 'where', 'offset', 'width', 'strength', 'scale', 'times', 'fade', 'away', 'more'],
        'screenCopy' => ['picture', 'where', 'offset', 'width', 'strength', 'scale', 'fade'],
    ];

    private const NAMES = ['caption' => 'A caption', 'lettering' => 'Lettering', 'overlays' => 'A mark', 'screenCopy' => 'A mark'];

    private const SAID = [
        Says::CAPTION => 'caption',
        Says::LETTERING => 'lettering',
        Says::MARK => 'overlays',
        Says::SCREEN_MARK => 'screenCopy',
    ];

    /** Where words stand on a picture, as parts of its width and height. */
    private const PLACES = ['top' => 0.07, 'bottom' => 0.93, 'left' => 0.06, 'right' => 0.94];

    /** Of what is there and says none itself */
    private const CAPTION_HEIGHT = '3 mm';

    private const LETTERING_HEIGHT = '9 mm';

    private const MARK_WIDTH = '18 %';

    private readonly ?string $chosenKind;

    private readonly int $chosenAt;

    /** @var list<array{string, array<string, mixed>, ChartItem}> what they are, what is said of them */
    private array $said = [];

    /** @var list<array{array<string, mixed>, ChartItem}> looks that nothing they are of was said for */
    private array $loose = [];

    /** @var array<string, mixed> a merge patch of the line */
    private array $change = [];

    /**
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form; empty where there is none yet
     * @param  ?string  $chosen  the block of it that is chosen: caption, lettering.0, overlays.1
     */
    public function __construct(private readonly Known $known, private readonly array $on, ?string $chosen)
    {
        $this->chosenKind = $chosen === null ? null : (string) strtok($chosen, '.');
        $this->chosenAt = (int) substr((string) strrchr((string) $chosen, '.'), 1);
    }

    /**
     * Takes out of a wish what it says of blocks.
     *
     * @return array<string, mixed> what else it says
     */
    public function take(ChartItem $wish): array
    {
        $change = $wish->change;
        foreach (self::SAID as $key => $kind) {
            if (array_key_exists($key, $change)) {
                $this->begin($kind, $change[$key], $wish);
            }
        }
        if (isset($change[Says::STYLE])) {
            $last = array_key_last($this->said);
            if ($last === null) {
                $this->loose[] = [$change[Says::STYLE], $wish];
            } else {
                [$kind, $block] = $this->said[$last];
                $this->said[$last][1] = self::styled($block, self::fitting($kind, $change[Says::STYLE], $wish), $wish);
            }
        }
        // “No lettering” of the block that is chosen takes that one away.
        if ($this->chosenKind !== null && array_key_exists($this->chosenKind, $change) && ($change[$this->chosenKind] ?? []) === []) {
            $this->said[] = [$this->chosenKind, ['away' => true], $wish];
            unset($change[$this->chosenKind]);
        }

        return array_diff_key($change, self::SAID, [Says::STYLE => true]);
    }

    /** Whether a block was spoken of. */
    public function isBegun(): bool
    {
        return $this->said !== [];
    }

    /**
     * @return array<string, mixed> a merge patch of the line
     */
    public function settled(): array
    {
        $this->placeLoose();
        foreach ($this->said as [$kind, $block, $wish]) {
            match ($kind) {
                'caption' => $this->caption($block, $wish),
                'lettering' => $this->lettering($block, $wish),
                default => $this->overlay($kind, $block, $wish),
            };
        }

        return $this->change;
    }

    private function begin(string $kind, mixed $of, ChartItem $wish): void
    {
        $last = end($this->said);
        if ($last !== false && $last[0] === $kind && ($of === null || $of === [])) {
            return; // more of the same
        }
        $block = match ($kind) {
            'caption' => $of === [] ? [] : ['parts' => $of],
            'lettering' => $of === null ? [] : ['text' => $of],
            default => ['picture' => $of],
        };
        // Looks that stood before what they are of: “in white: …”, “7 pt caption”.
        foreach ($this->loose as [$style, $by]) {
            $block = self::styled($block, self::fitting($kind, $style, $by), $by);
        }
        $this->loose = [];
        $this->said[] = [$kind, $block, $wish];
    }

    /**
     * @param  array<string, mixed>  $block
     * @param  array<string, mixed>  $style
     * @return array<string, mixed>
     */
    private static function styled(array $block, array $style, ChartItem $wish): array
    {
        foreach ($style as $key => $value) {
            if (isset($block[$key]) && $block[$key] !== $value && $key !== 'where') {
                $wish->doubt('This says something else than what stands before it; the later one was taken.');
            }
        }
        $isRow = in_array($block['where'] ?? '', ['top', 'bottom'], true);
        if ($isRow && in_array($style['where'] ?? '', ['left', 'right'], true)) {
            $style['where'] = "{$block['where']}-{$style['where']}"; // “above, right”
        }

        return [...$block, ...$style];
    }

    private function placeLoose(): void
    {
        if ($this->loose === []) {
            return;
        }
        $there = array_values(
            array_filter(['lettering', 'caption', 'overlays'], fn (string $kind): bool => ($this->on[$kind] ?? []) !== []),
        );
        $kind = $this->chosenKind ?? (count($there) === 1 ? $there[0] : null);
        $block = [];
        foreach ($this->loose as [$style, $by]) {
            if (isset($style['times']) && $this->chosenKind === null) {
                $by->doubt('As what? Say how much it is to be.');
            } elseif ($kind !== null) {
                $block = self::styled($block, self::fitting($kind, $style, $by), $by);
            } elseif (array_keys($style) !== ['scale'] || preg_match('/er\b/i', $by->words) === 1) {
                // “something big” says nothing of lettering, “bigger” may be said of the print
                $by->doubt(...self::unplaced($style));
            }
        }
        if ($kind !== null && $block !== []) {
            $this->said[] = [$kind, $block, $this->loose[0][1]];
        }
        $this->loose = [];
    }

    /**
     * @param  array<string, mixed>  $style
     * @return array{string, list<Offer>}
     */
    private static function unplaced(array $style): array
    {
        if (isset($style['moveY']) && $style['moveY'] < 0) {
            $offers = [new Offer('show more of the bottom', 'show more of the bottom'), new Offer('raise it', 'raise it a bit')];
        } elseif (isset($style['moveY'])) {
            $offers = [new Offer('show more of the top', 'show more of the top')];
        }

        return isset($offers)
            ? ['What is to be moved: the picture within its crop, or on its paper?', $offers]
            : ['Of what is that said?', []];
    }

    /**
     * Of looks those that a block of a kind can have; the others are told where they were said.
     *
     * @param  array<string, mixed>  $style
     * @return array<string, mixed>
     */
    private static function fitting(string $kind, array $style, ChartItem $by): array
    {
        $fitting = array_intersect_key($style, array_flip(self::LOOKS[$kind]));
        count($fitting) === count($style) || $by->doubt(self::NAMES[$kind].' has no such look.');
        isset($fitting['times']) && ($fitting['scale'] = $fitting['times']);

        return $fitting;
    }

    /** @param  array<string, mixed>  $block */
    private function caption(array $block, ChartItem $wish): void
    {
        $there = is_array($this->on['caption'] ?? null) ? $this->on['caption'] : [];
        if (! isset($block['parts']) && $there === []) {
            $wish->doubt('What is the caption to say?', [new Offer('the file name', 'caption with the file name')]);

            return;
        }
        if (isset($block['away'])) {
            $this->change['caption'] = null;

            return;
        }
        $where = (string) ($block['where'] ?? '');
        $change = array_intersect_key($block, array_flip(['parts', 'face', 'height', 'colour', 'align', 'inSurplus']));
        $change += array_filter([
            'where' => match (true) {
                str_starts_with($where, 'top') => 'above',
                str_starts_with($where, 'bottom') => 'below',
                default => null,
            },
            'align' => match (true) {
                str_contains($where, 'left') => 'left',
                str_contains($where, 'right') => 'right',
                $where === 'centre' => 'middle',
                default => null,
            },
        ]);
        if (isset($block['scale'])) {
            $change['height'] = self::scaled((string) ($there['height'] ?? self::CAPTION_HEIGHT), (float) $block['scale']);
        }
        if (strtolower((string) ($change['colour'] ?? '')) === '#ffffff' && ($this->on['paperColour'] ?? '#ffffff') === '#ffffff') {
            $wish->doubt('White on white paper can’t be seen. As lettering on the picture?', [
                new Offer('lettering on the picture', "lettering {$wish->words}"),
            ]);
        }
        $this->change['caption'] = $there === [] || isset($block['parts']) ? [...$there, ...$change] : $change;
    }

    /** @param  array<string, mixed>  $block */
    private function lettering(array $block, ChartItem $wish): void
    {
        $said = $this->change['lettering'] ?? null;
        $all = is_array($said) ? $said : (array) ($this->on['lettering'] ?? []);
        $isChosen = $this->chosenKind === 'lettering';
        $begun = self::begun((string) ($block['text'] ?? ''), $all);
        if ($begun !== null) {
            unset($block['text']);
        }
        $isNew = isset($block['text']) && (isset($block['more']) || ! $isChosen);
        $at = $begun ?? ($isChosen ? $this->chosenAt : 0);
        $isChosen = $isChosen || $begun !== null;
        if (! $isNew && ! isset($all[$at])) {
            $wish->doubt('What is to be written?');

            return;
        }
        if (! $isNew && ! $isChosen && count($all) > 1) {
            $wish->doubt('Which of the blocks of lettering? Choose it on the drawing, then say it again.');

            return;
        }
        if (isset($block['away'])) {
            unset($all[$at]);
            $this->change['lettering'] = array_values($all);

            return;
        }
        $isBeside = isset($block['more']) || is_array($said);
        $isOther = $isNew && ! $isBeside && count($all) === 1; // “change the text to …”: other words, as they look now
        $next = self::lettered($isNew && ! $isOther ? [] : $all[$at], $block);
        if (! $isNew) {
            $all[$at] = $next;
            $this->change['lettering'] = array_values($all);

            return;
        }
        if (! $isBeside && count($all) > 1) {
            $wish->doubt('Instead of what is written there, or besides? It was taken as another block.');
            $isBeside = true;
        }
        $this->change['lettering'] = [...$isBeside ? $all : [], $next];
    }

    /**
     * The block whose beginning was said, as a sentence says it: “The first day at the mo…”.
     *
     * @param  array<int, array<string, mixed>>  $all
     */
    private static function begun(string $text, array $all): ?int
    {
        if (! str_ends_with($text, '…')) {
            return null;
        }
        $start = mb_substr($text, 0, -1);
        foreach ($all as $i => $block) {
            if (str_starts_with(str_replace("\n", ' / ', (string) $block['text']), $start)) {
                return $i;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $now
     * @param  array<string, mixed>  $block
     * @return array<string, mixed>
     */
    private static function lettered(array $now, array $block): array
    {
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
        if (isset($block['scale'])) {
            $next['height'] = self::scaled((string) ($now['height'] ?? self::LETTERING_HEIGHT), (float) $block['scale']);
        }

        return $next;
    }

    /**
     * A mark over the picture, or over its screen copy alone.
     *
     * @param  array<string, mixed>  $block
     */
    private function overlay(string $kind, array $block, ChartItem $wish): void
    {
        $isOfLine = $kind === 'overlays';
        $there = $isOfLine ? $this->on['overlays'] ?? [] : $this->on['screenCopy']['overlays'] ?? [];
        $said = $isOfLine ? $this->change['overlays'] ?? null : $this->change['screenCopy']['overlays'] ?? null;
        $all = (array) ($said ?? $there);
        $at = $isOfLine && $this->chosenKind === 'overlays' && ! isset($block['more']) ? $this->chosenAt : $this->meant($all, $block);
        $next = array_intersect_key($block, array_flip(['picture', 'where', 'offset', 'width', 'strength']));
        $now = $at === null ? [] : $all[$at] ?? [];
        if (isset($block['scale'])) {
            $next['width'] = self::scaled((string) ($now['width'] ?? self::MARK_WIDTH), (float) $block['scale']);
        }
        if (isset($block['fade'])) {
            $next['strength'] = round(min(1.0, (float) ($now['strength'] ?? 1) * $block['fade']), 2);
        }
        if ($now !== [] && isset($block['away'])) {
            unset($all[$at]);
        } elseif ($now !== []) {
            $all[$at] = [...$now, ...array_diff_key($next, ['picture' => true])];
        } elseif (isset($next['picture'])) {
            $all[] = $next;
        } else {
            $wish->doubt('Of which mark is that said?');

            return;
        }
        $all = array_values($all);
        $isOfLine ? ($this->change['overlays'] = $all) : ($this->change['screenCopy'] = ['overlays' => $all]);
    }

    /**
     * The mark that is spoken of, among those that are there.
     *
     * @param  array<int, array<string, mixed>>  $all
     * @param  array<string, mixed>  $block
     */
    private function meant(array $all, array $block): ?int
    {
        if (isset($block['more'])) {
            return null;
        }
        foreach ($all as $i => $there) {
            $isUsual = count($all) === 1 && ($block['picture'] ?? '') === ($this->known->marks[0] ?? '');
            if (! isset($block['picture']) || ($there['picture'] ?? '') === $block['picture'] || $isUsual) {
                return $i;
            }
        }

        return null;
    }

    /** A length or a share, so many times as large. */
    private static function scaled(string $figure, float $by): string
    {
        return preg_match('/^([\d.]+)\s*(.*)$/', $figure, $m) === 1 ? round((float) $m[1] * $by, 2)." {$m[2]}" : $figure;
    }
}
