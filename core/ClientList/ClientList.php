<?php

declare(strict_types=1);

namespace Planisher\ClientList;

use Planisher\Measure\Unit;
use Planisher\Wish\Known;
use Planisher\Wish\Offer;

/**
 * A client's list, read: line by line, with words that hold over several lines (“all in 4×6:”, “on lustre, please”). Nothing of it is
 * dropped: what was not understood stands in its line, and on the remark of what comes of it.
 */
final readonly class ClientList
{
    /** @param  list<ReadLine>  $lines */
    private function __construct(public array $lines) {}

    /**
     * @param  list<string>  $pictures  names of the order's pictures, in its order
     * @param  list<string>  $chosen  those of them that are meant where nothing is said
     */
    public static function read(string $text, Known $known, array $pictures, array $chosen = []): self
    {
        $names = new PictureWords($pictures);
        $grammar = new Grammar($known, $names, self::unitOfAll($text));
        $lines = [];
        $isParted = false;
        foreach (preg_split('/\R/u', $text) ?: [] as $i => $line) {
            if (FiledLine::is($line)) {
                $lines[] = FiledLine::read($i + 1, $line, $names->all());

                continue;
            }
            [$start, $rest] = self::start(self::isOfColumns($line) ? strtr($line, ',', "\t") : $line);
            $isPolite =
                Polite::isGreeting($rest) || Polite::isParting($rest) || Polite::isHeader($rest) || ($isParted && self::isName($rest));
            $isParted = Polite::isParting($rest) || ($isParted && trim($rest) === '') || ($isParted && self::isName($rest));
            $tokens =
                $isPolite || trim($rest) === '' || self::isUnitOfAll($rest) ? [] : self::moved($grammar->tokens($rest), strlen($start));
            $lines[] = new ReadLine($i + 1, $line, $tokens, $tokens === [] ? [] : Items::of($tokens));
        }
        self::make($lines, new Prints($known), $names, $known, $chosen);
        Gate::message($lines);

        return new self($lines);
    }

    /** @return list<ReadPrint> */
    public function prints(): array
    {
        return array_merge(...array_map(fn (ReadLine $line): array => $line->prints, $this->lines), ...[[]]);
    }

    /**
     * @param  list<ReadLine>  $lines
     * @param  list<string>  $chosen
     */
    private static function make(array $lines, Prints $prints, PictureWords $names, Known $known, array $chosen): void
    {
        $spoken = array_fill_keys(
            array_merge(
                ...array_map(
                    fn (ReadLine $line): array => array_merge(
                        ...array_map(fn (Item $item): array => [...$item->names(), ...$item->excepted], $line->items),
                        ...[[]],
                    ),
                    $lines,
                ),
                ...[[]],
            ),
            true,
        );
        $general = self::general($lines, $known);
        $heading = null;
        $isApart = false;
        $before = []; // pictures spoken of last
        foreach ($lines as $i => $line) {
            if ($line->isBlank()) {
                $isApart = true;
            }
            if ($line->items === [] || isset($general['from'][$i])) {
                continue;
            }
            if (self::heads($lines, $i, $heading !== null && $heading->size !== null && ! $isApart)) {
                [$heading, $isApart] = [$line->items[0], false];

                continue;
            }
            foreach ($line->items as $item) {
                if (! $item->isBegun() && $item->wishes === []) {
                    continue;
                }
                $head = $item->size !== null && $isApart && $heading?->size !== null ? null : $heading;
                $size = $item->size ?? (($head === null ? null : $head->size) ?? $general['size']);
                $pictures = match (true) {
                    $item->pictures !== [] => $item->names(),
                    $item->all?->kind === Kind::Rest => array_values(
                        array_filter($names->all(), fn (string $name): bool => ! isset($spoken[$name])),
                    ),
                    $item->all !== null => $names->all(),
                    $item->same !== null => $before,
                    default => $head?->names() ?: $chosen,
                };
                $pictures = array_values(array_diff($pictures, $item->excepted));
                if ($item->same !== null && $before === []) {
                    $item->same->doubt('The same as which picture?');
                }
                self::ask($item, $size, $pictures);
                $wishes = $head === null ? [] : Changes::of($head->wishes, $known->lab);
                $line->prints = [
                    ...$line->prints,
                    ...$prints->of(
                        $item,
                        $pictures,
                        $size,
                        $item->count ?? $head?->count,
                        Changes::merged($general['change'], $wishes),
                        self::remark($line, $item),
                        $general['isSure'] && ($head === null || $head->isSure()),
                    ),
                ];
                $before = $pictures ?: $before;
            }
        }
    }

    /**
     * What is said of all lines: wishes with nothing to stand with, by an “all” or before everything else.
     *
     * @param  list<ReadLine>  $lines
     * @return array{change: array<string, mixed>, size: ?Token, from: array<int, true>, isSure: bool}
     */
    private static function general(array $lines, Known $known): array
    {
        [$change, $size, $from, $isSure] = [[], null, [], true];
        $isFirst = true;
        $lacksSize = array_filter(
            $lines,
            fn (ReadLine $line): bool => array_filter(
                $line->items,
                fn (Item $item): bool => $item->pictures !== [] && $item->size === null,
            ) !== [],
        );
        $above = null;
        $many = 0;
        foreach ($lines as $i => $line) {
            if (count($line->items) !== 1) {
                $above = $line->items === [] ? $above : $line;
                $many += $line->items === [] ? 0 : 1;
                $isFirst = $isFirst && $line->items === [];

                continue;
            }
            $item = $line->items[0];
            $isOfSize = $item->all?->kind === Kind::All && $item->size !== null && $lacksSize !== [] && ! $line->isHeading();
            $isWish =
                $item->wishes !== [] && $item->pictures === [] && $item->size === null && $item->count === null && $item->same === null;
            if ($isOfSize || ($isWish && ($item->all !== null || ($isFirst && ! $line->isHeading())))) {
                $change = Changes::merged($change, Changes::of($item->wishes, $known->lab));
                $size = $isOfSize ? $item->size : $size;
                $isSure = $isSure && $item->isSure();
                $from[$i] = true;
            } elseif ($isWish && ! $line->isHeading() && $above !== null) {
                if (! $line->isIndented() && $many > 1) {
                    $item->wishes[0]->doubt('It was read as said of the line above only.', [
                        new Offer('of all lines', 'all '.self::words($line, $item->wishes[0])),
                    ]);
                }
                foreach ($above->items as $of) {
                    array_push($of->wishes, ...$item->wishes);
                }
                $from[$i] = true;
            } elseif ($item->isBegun()) {
                $above = $line;
                $many++;
            }
            $isFirst = $isFirst && ! $item->isBegun() && $item->left !== [] && $item->wishes === [];
        }

        return ['change' => $change, 'size' => $size, 'from' => $from, 'isSure' => $isSure];
    }

    /**
     * Whether a line heads those that follow: “8x10:”, or a size by itself above pictures, or a picture above sizes.
     *
     * @param  list<ReadLine>  $lines
     * @param  bool  $isUnderSize  it stands under the heading of a size
     */
    private static function heads(array $lines, int $at, bool $isUnderSize): bool
    {
        $line = $lines[$at];
        $item = $line->items[0];
        if (count($line->items) !== 1 || ! ($item->isBegun() || $item->wishes !== [])) {
            return false;
        }
        $next = null;
        foreach (array_slice($lines, $at + 1) as $other) {
            if ($other->items !== [] && ($other->items[0]->isBegun() || $other->items[0]->wishes !== [])) {
                $next = $other->items[0];
                break;
            }
        }
        if ($next === null) {
            return false;
        }
        $wantsSize = $next->pictures !== [] && $next->size === null;
        $wantsPicture = $next->pictures === [] && $next->size !== null;

        return match (true) {
            $line->isHeading() => $item->pictures === [] ? $next->pictures !== [] : $item->size === null && $wantsPicture,
            $item->size !== null => ! $item->hasPictures() && $item->count === null && $wantsSize,
            default => ! $isUnderSize && $item->pictures !== [] && $item->count === null && $item->wishes === [] && $wantsPicture,
        };
    }

    /**
     * What has to be known before a line can be made is asked for.
     *
     * @param  list<string>  $pictures
     */
    private static function ask(Item $item, ?Token $size, array $pictures): void
    {
        $hasSize =
            $size !== null ||
            array_filter($item->wishes, fn (Token $wish): bool => isset($wish->change['carrier']) || isset($wish->change['make'])) !== [];
        $asked = $item->pictures[0] ?? ($item->all ?? ($item->same ?? $item->count));
        if (! $hasSize && $asked !== null) {
            $asked->doubt('In which size?');
        }
        if ($pictures === [] && $item->isBegun()) {
            ($item->size ?? ($item->all ?? $item->count))?->doubt(
                $item->all === null ? 'Which picture?' : 'There are no pictures in this order yet.',
            );
        }
    }

    private static function remark(ReadLine $line, Item $item): ?string
    {
        $words = array_map(fn (Token $token): string => trim(substr($line->text, $token->at, $token->length)), $item->left);

        return $words === [] ? null : implode('; ', $words);
    }

    private static function words(ReadLine $line, Token $token): string
    {
        return substr($line->text, $token->at, $token->length);
    }

    /**
     * Quotation marks of an e-mail, bullets and numbers before a line, and what follows them.
     *
     * @return array{string, string}
     */
    private static function start(string $line): array
    {
        preg_match(
            '/^(?:\s*(?:>+|[-–—*•·▪‣]\s|\(?\d{1,3}[.)]\s+(?=\S)|\(?[a-z][.)]\s+(?=\S)|\[[ x]?\]))*\s*(?:(?:(?:hi|hello|'.
                'hey|dear)(?:\s+(?!\d)\pL+){1,2}|good (?:morning|afternoon|evening|day)(?:\s+\pL+)?)\s*[,!–-]+\s*)?/iu',
            $line,
            $m,
        );
        $start = $m[0] ?? '';

        return [$start, substr($line, strlen($start))];
    }

    /** Values apart by commas alone, as programs write them: none of these commas is a decimal's. */
    private static function isOfColumns(string $line): bool
    {
        return substr_count($line, ',') > 1 && preg_match('/,\s|\s,/', trim($line)) !== 1;
    }

    private static function isName(string $line): bool
    {
        return preg_match('/^\s*(?:\pL[\pL.’\'-]*\s*){1,4}[,.]?\s*$/u', $line) === 1;
    }

    /** “All sizes in cm” */
    private static function unitOfAll(string $text): ?Unit
    {
        return preg_match('/'.self::UNIT_OF_ALL.'/iu', $text, $m) === 1 ? Unit::spelled($m[1]) : null;
    }

    private const UNIT_OF_ALL =
        '(?:sizes?|measure(?:ment)?s?|dimensions|figures)(?: (?:are|is|all|given|below|in|'.
        'always))* (?:in )(cms?|centimet(?:er|re)s?|inches|mm|millimet(?:er|re)s?)(?!\pL)';

    private static function isUnitOfAll(string $line): bool
    {
        return preg_match('/^\W*(?:all |the |our )*'.self::UNIT_OF_ALL.'(?: please)?\W*$/iu', $line) === 1;
    }

    /**
     * @param  list<Token>  $tokens
     * @return list<Token>
     */
    private static function moved(array $tokens, int $by): array
    {
        return $by === 0 ? $tokens : array_map(fn (Token $token): Token => $token->at($token->at + $by, $token->length), $tokens);
    }
}
