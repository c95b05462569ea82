<?php

declare(strict_types=1);

namespace Planisher\Reading;

use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Language\Foreign\Tongue;
use Planisher\Language\Known;
use Planisher\Language\Offer;
use Planisher\Language\Says;
use Planisher\Language\Words\PictureNames;
use Planisher\Line\OneSide;
use Planisher\Measure\Size;
use Planisher\Reading\Chart\ChartItem;
use Planisher\Reading\Chart\ItemKind;
use Planisher\Reading\Discourse\Contrast;
use Planisher\Reading\Discourse\Maker;
use Planisher\Reading\Discourse\Outputs;
use Planisher\Reading\Discourse\Reasons;
use Planisher\Reading\Discourse\Settler;

/** Words that are said of a line that is there: what they change of it, by the rules that a client's list is read by. */
final readonly class SaidWish
{
    private const SHARED = 'shared-sheet';

    /**
     * @param  array<string, mixed>  $change  a merge patch of a line's order-file form
     * @param  ?int  $gather  how many share a sheet, 0 for all; null where nothing is said of that
     * @param  ?string  $gatherOn  the sheet that they share, as an order file has it; null where it isn't said
     */
    private function __construct(public array $change, public ?int $gather, public ?string $gatherOn, public ReadLine $line) {}

    /**
     * @param  list<string>|PictureNames  $pictures  names of the order's pictures, in its order; of many lines they are looked through once
     * @param  array<string, mixed>  $on  the line it is said of, in its order-file form
     * @param  ?string  $chosen  the block of it that is chosen: caption, lettering.0, overlays.1
     */
    public static function read(string $text, Known $known, array|PictureNames $pictures, array $on = [], ?string $chosen = null): self
    {
        $text = mb_check_encoding($text, 'UTF-8') ? $text : (string) \UConverter::transcode($text, 'UTF-8', 'UTF-8');
        if (strlen($text) > TooMuch::LONGEST_LINE) {
            $all = new ChartItem(ItemKind::Unknown, 0, strlen($text), why: TooMuch::ofLine($text));

            return new self([], null, null, new ReadLine(1, $text, [$all]));
        }
        $names = $pictures instanceof PictureNames ? $pictures : new PictureNames($pictures);
        $items = (new Reader($known, $names, language: Tongue::of($text)))->items($text, $on);
        $line = new ReadLine(1, $text, $items);
        Reasons::passed($items, isOfLine: true);
        $left = Contrast::settled($items, $on);
        [$wishes, $change] = self::values($left, $on);
        $change = Settler::merged(Settler::change($wishes, $known, $on, $chosen), $change);
        $change = Settler::completed($change, $on, $wishes, $known->unit);
        [$change, $gather, $sheet] = self::special($change, $on, $wishes);
        self::remade($change, $on, $items, $line);
        $isNothing = $change === [] && $gather === null && $line->isSure();
        if ($isNothing && ! self::isRead($left)) {
            $line->doubt('Nothing of this was understood.');
        } elseif ($isNothing && array_filter($left, fn (ChartItem $item): bool => $item->kind === ItemKind::Remark) === []) {
            $line->doubt('This changes nothing of the line. What is it to be?');
        }
        if (($change['copies'] ?? 1) === 0) {
            $line->doubt('A line of 0 prints can’t be made. Remove the line, if none are wanted.');
        }

        return new self($change, $gather, $sheet, $line);
    }

    /**
     * What was said and changes nothing is told, where that isn't so already.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     */
    private static function unchanged(array &$change, array $on, ReadLine $line): void
    {
        if (isset($change['lettering'], $on['lettering']) && $change['lettering'] == $on['lettering']) {
            unset($change['lettering']);
            $isSaid = array_filter((array) $on['lettering'], fn (array $block): bool => str_contains($line->text, (string) $block['text']));
            $isSaid === [] && $line->doubt('What is to be otherwise about the lettering?');
        }
        $isShared = ($on['make'] ?? null) === self::SHARED;
        $isOfEach = preg_match('/\b(?:under|on|over|below|to|for) (?:each|every)\b|(?:\d|in|cm|mm|")\s*each\b/i', $line->text) === 1;
        $isCountOfEach = array_filter($line->items, fn (ChartItem $of): bool => $of->kind === ItemKind::Each || $of->isEach) !== [];
        $isOfThem = preg_match('/\b(?:of (?:them|these|those|it)|off|prints?)\b/i', $line->text) === 1;
        if ($isShared && isset($change['copies']) && ($isCountOfEach || ($isOfThem && stripos($line->text, 'sheet') === false))) {
            $line->doubt('So many sheets, or so many of each print on it? Choose a print, or say it of the sheet.');
        }
        if ($isShared && $isOfEach && array_intersect_key($change, ['size' => 1, 'caption' => 1, 'lettering' => 1]) !== []) {
            unset($change['size']);
            $line->doubt('That is said of each print on the sheet. Choose one of them, or say it of the sheet.');
        }
        if ($isShared && array_intersect_key($change, ['border' => 1, 'fit' => 1, 'keyline' => 1, 'picture' => 1]) !== []) {
            $line->doubt('That is said of a print on the sheet. Choose the one that is meant.');
        }
    }

    /**
     * That something becomes another thing has to be said: “2 in deep” alone makes no canvas of a print.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     * @param  list<ChartItem>  $items
     */
    private static function remade(array &$change, array $on, array $items, ReadLine $line): void
    {
        self::unchanged($change, $on, $line);
        $make = $change['make'] ?? null;
        $now = $on === [] ? null : (string) ($on['make'] ?? Finishes::USUAL);
        if (! is_string($make) || $now === null || $make === $now || $make === Finishes::USUAL) {
            return;
        }
        if ($now !== Finishes::USUAL && preg_match('/\b(?:instead|rather|not|becomes?|make it|made into|turn)\b/iu', $line->text) !== 1) {
            $line->doubt('Is it to become something else: '.(Finishes::named($make)?->label(1) ?? $make).'?');
        }
        foreach ($items as $item) {
            if (
                ($item->change['make'] ?? null) === $make &&
                (array_diff_key($item->change, ['make' => true]) === [] ||
                    preg_match('/'.strtok($make, '-').'|tych|panel|split/iu', $item->words) === 1)
            ) {
                return;
            }
        }
        $what = Finishes::named($make)?->label(1) ?? $make;
        $line->doubt("Is it to become something else ({$what})? Nothing else says so.");
    }

    /**
     * What is no wish of the line's finish: how many, in which size, of which picture.
     *
     * @param  list<ChartItem>  $items
     * @param  array<string, mixed>  $on
     * @return array{list<ChartItem>, array<string, mixed>}
     */
    private static function values(array $items, array $on): array
    {
        [$wishes, $change] = [[], []];
        $places = array_values($items);
        // “Also 5x7”, “and a 5x7”, “5x7 too”
        $isBesides =
            ($places[0] ?? null)?->kind === ItemKind::And ||
            in_array(($places[0] ?? null)?->words, ['also', 'Also'], true) ||
            array_filter(
                $places,
                fn (ChartItem $of): bool => $of->kind === ItemKind::Also ||
                    ($of->kind === ItemKind::Same && $of->value === 'line') ||
                    preg_match('/\b(?:once|one) more\b/i', $of->words) === 1,
            ) !== [] ||
            preg_match('/^again$/i', ($places[0] ?? null)->words ?? '') === 1;
        foreach ($places as $i => $item) {
            $next = $places[$i + 1] ?? null;
            switch ($item->kind) {
                case ItemKind::Wish:
                    $wishes[] = $item;
                    break;
                case ItemKind::Remark:
                    $item->change === [] || ($wishes[] = $item);
                    break;
                case ItemKind::Size:
                    if ($isBesides) {
                        $item->doubt('That is another print. Add a line for it.');
                    } elseif (isset($change['size'])) {
                        $item->doubt('Two sizes: which of them?');
                    } else {
                        $change['size'] = (string) $item->size;
                    }
                    break;
                case ItemKind::Count:
                    $item->isBare &&
                        $next?->kind !== ItemKind::Size &&
                        $item->doubt("Is that {$item->count} prints?", [new Offer("{$item->count} prints", "{$item->count} prints")]);
                    $isMore = preg_match('/\b(?:more|another|extra|additional)\b/i', $item->words) === 1;
                    if (
                        $isMore &&
                        array_filter($places, fn (ChartItem $of): bool => $of->kind === ItemKind::Wish && $of->change !== []) !== []
                    ) {
                        $item->doubt('Another print that is otherwise? Add a line for it.');
                    }
                    if (isset($change['copies'])) {
                        $item->doubt('How many, this or that?');
                    }
                    $change['copies'] = (int) $item->count;
                    break;
                case ItemKind::Pictures:
                    count($item->names()) > 1 && $item->doubt('A line has one picture; the first was taken.');
                    $item->names() === [] || ($change['picture'] = $item->names()[0]);
                    break;
                case ItemKind::Same:
                    $item->value === 'line' || $item->doubt('The same as what?');
                    $isOfOther = array_filter($places, fn (ChartItem $of): bool => $of->kind === ItemKind::Pictures) !== [];
                    $isOfOther && $item->doubt('Is this line to be of that picture, or another line besides?');
                    break;
                case ItemKind::Rest:
                case ItemKind::Place:
                case ItemKind::Or:
                    $item->doubt('Of a line that is there, this can’t be said.');
                    break;
                default:
            }
        }
        if (($on['make'] ?? '') === 'screen-copy') {
            unset($change['size']);
        }

        return [$wishes, $change];
    }

    /**
     * What of it is more than a change of the line by itself.
     *
     * @param  array<string, mixed>  $change
     * @param  array<string, mixed>  $on
     * @param  list<ChartItem>  $wishes
     * @return array{array<string, mixed>, ?int, ?string}
     */
    private static function special(array $change, array $on, array $wishes): array
    {
        $gather = $change[Says::GATHER]['many'] ?? null;
        $sheet = $change[Says::GATHER]['on'] ?? null;
        if ($gather === 0 && $sheet !== null && ($on['make'] ?? '') === self::SHARED) {
            [$change['size'], $gather, $sheet] = [$sheet, null, null]; // they share a sheet already
        }
        $last = $wishes === [] ? null : $wishes[count($wishes) - 1];
        if (isset($change[Says::ON_SHEET])) {
            $size = (string) $change[Says::ON_SHEET];
            if ($gather !== null) {
                $sheet = $size;
            } elseif (($on['make'] ?? '') === self::SHARED) {
                isset($change['size']) && $last?->doubt('That is said of prints on the sheet. Choose the one that is meant.');
                $change['size'] = $size;
            } elseif (isset($change[Says::IS_SHARED]) && ((int) ($change['copies'] ?? ($on['copies'] ?? 1))) > 1) {
                [$gather, $sheet] = [0, $size];
            } else {
                $change['carrier'] = $size;
                [$carrier, $print] = [Size::parse($size), $change['size'] ?? ($on['size'] ?? null)];
                if (is_string($print) && ! OneSide::isOne($print) && ! $carrier->holds(Size::parse($print))) {
                    $last?->doubt(Maker::tooSmall($carrier));
                }
            }
        }
        $sheet ??= isset($change[Says::GATHER]['isOne']) ? CombinesPrints::ONE : null;
        if (isset($change[Says::FRAME])) {
            $last?->doubt('That is the size of a frame or mount. What is wanted of the print?');
        }
        if (isset($change[Says::SIZE])) {
            $change['size'] = $change[Says::SIZE];
        }
        if (isset($change[Says::SCREEN])) {
            $of = $change[Says::SCREEN];
            if (
                ($change['make'] ?? ($on['make'] ?? '')) === 'screen-copy' ||
                (! isset($on['size']) && ! isset($change['size']) && ($on['make'] ?? null) === null)
            ) {
                $change += ['make' => 'screen-copy'];
                ($on['make'] ?? null) === 'screen-copy' && ($change = array_diff_key($change, ['make' => 1]));
                $change += array_intersect_key($of, ['longSide' => 1, 'shape' => 1]);
                isset($of['shape'], $on['longSide']) && ($change['longSide'] = null);
                isset($of['longSide'], $on['shape']) && ($change['shape'] = null);
            } else {
                $change = Outputs::besides($change, $on, $last);
            }
        }
        foreach (isset($change['screenCopy']) && ! isset($change['screenCopy']['quality']) ? $wishes : [] as $wish) {
            isset($wish->change['output']['quality']) && $wish->doubt('Of the copy for screens, or of the print’s file?');
        }
        $change = array_filter($change, fn (string $key): bool => $key[0] !== '#', ARRAY_FILTER_USE_KEY);
        $change = Outputs::withoutQuality($change, $on, $last);

        return [$change, $gather, $sheet];
    }

    /** @param  list<ChartItem>  $items */
    private static function isRead(array $items): bool
    {
        $says = fn (ChartItem $item): bool => ($item->kind === ItemKind::Wish && array_keys($item->change) !== [Says::STYLE]) ||
            $item->kind === ItemKind::Remark;

        return array_filter($items, $says) !== [];
    }
}
