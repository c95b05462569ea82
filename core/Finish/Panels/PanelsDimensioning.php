<?php

declare(strict_types=1);

namespace Planisher\Finish\Panels;

use Planisher\Drawing\Dimensions;
use Planisher\Finish\DrawsParts;
use Planisher\Finish\Hangs;
use Planisher\Finish\TakesFigures;
use Planisher\Line\LineChange;
use Planisher\Line\LineSpec;
use Planisher\Measure\Length;
use Planisher\Measure\MeasureError;
use Planisher\Measure\Size;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;

/**
 * Panels as they are drawn: the set as it hangs, every panel, a gap, and the joints that can be dragged.
 *
 * @implements DrawsParts<PanelsWanted, PanelGrid>
 * @implements Hangs<PanelsWanted, PanelGrid>
 * @implements TakesFigures<PanelsWanted, PanelGrid>
 */
final class PanelsDimensioning implements DrawsParts, Hangs, TakesFigures
{
    public function dimensions(Layout $layout): array
    {
        $drawn = new Dimensions($layout->size);
        $grid = $layout->own;
        [$hung, $paper] = [$grid->hung(), $layout->size];
        $ways = [
            ['width', 'column', true, $grid->columns, $hung->width, $paper->width],
            ['height', 'row', false, $grid->rows, $hung->height, $paper->height],
        ];
        foreach ($ways as [$word, $part, $across, $spans, $hangs, $side]) {
            $hangs === $side->nanometres
                ? $drawn->size("paper-{$word}", $across, 0, $hangs, true, $side->label())
                : $drawn->size("wall-{$word}", $across, 0, $hangs, false);
            foreach (count($spans) > 1 ? $spans : [] as $i => $span) {
                $drawn->margin("{$part}-".($i + 1), $across, $span->hangsFrom, $span->hangsTo(), true);
            }
            if ($grid->gap > 0 && count($spans) > 1) {
                $drawn->margin($across ? 'gap-across' : 'gap-down', $across, $spans[0]->hangsTo(), $spans[1]->hangsFrom, true);
            }
        }

        return $drawn->all();
    }

    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): LineChange
    {
        $grid = $layout->own;
        $length = Length::parse($typed, $layout->size->width->unit);

        $piece = $line->wanted->piece;

        return $piece === null
            ? self::panels($grid, $layout->size, explode('-', $name), $length)
            : self::ofPieces($line->wanted, $piece, explode('-', $name), $length);
    }

    public function parts(?LineContext $at): array
    {
        $plan = $at?->plan;

        return ['joints' => $plan === null ? [] : array_map(fn (Joint $joint): array => $joint->toArray(), Joint::all($plan))];
    }

    public function hung(Layout $layout): array
    {
        $grid = $layout->own;

        return [$grid->hung(), array_map(fn (Panel $panel): array => [$panel->hangs, $panel->box], $grid->panels())];
    }

    /**
     * A gap, the width or height of a panel, or where a joint lies. A panel that changes takes from its neighbour.
     *
     * @param  non-empty-list<string>  $parts  of the figure's name: column-2, joint-row-1, gap-across
     */
    private static function panels(PanelGrid $grid, Size $paper, array $parts, Length $length): LineChange
    {
        if ($parts[0] === 'gap') {
            return LineChange::of(['panels' => ['gap' => (string) $length]]);
        }
        $isJoint = $parts[0] === 'joint';
        $across = $parts[$isJoint ? 1 : 0] === 'column';
        $spans = $across ? $grid->columns : $grid->rows;
        $number = (int) ($parts[$isJoint ? 2 : 1] ?? 0);
        if ($number < 1 || $number > count($spans) - ($isJoint ? 1 : 0) || count($spans) < 2) {
            throw MeasureError::noSuch('panel');
        }
        // The last panel moves the joint before it, every other the one behind it.
        $joint = $isJoint ? $number - 1 : min($number - 1, count($spans) - 2);
        $half = intdiv($grid->between, 2);
        $at = match (true) {
            $isJoint => $length->nanometres,
            $number - 1 === $joint => $spans[$joint]->from + $length->nanometres + $half,
            default => $spans[$joint + 1]->to() - $length->nanometres - $half,
        };

        $lengths = self::moved($spans, $joint, $at - $half, $grid->between, $across ? $paper->width : $paper->height);

        return LineChange::of(['panels' => [$across ? 'columns' : 'rows' => $lengths]]);
    }

    /**
     * Of panels that are all of one size: a side of any of them is that of each, a side of all is shared out, and a gap moves them apart.
     *
     * @param  non-empty-list<string>  $parts  of the figure's name
     */
    private static function ofPieces(PanelsWanted $panels, Size $piece, array $parts, Length $length): LineChange
    {
        $isWidth = in_array($parts[1] ?? '', ['width'], true) || $parts[0] === 'column';
        $many = $isWidth ? $panels->columns->count() : $panels->rows->count();
        $side = match ($parts[0]) {
            'gap' => null,
            'column', 'row' => $length,
            'paper' => self::shareOf($length, $many, $panels),
            default => throw MeasureError::impossible('All panels are of one size. Give each its own width first.'),
        };
        if ($side === null) {
            return LineChange::of(['panels' => ['gap' => (string) $length]]);
        }
        $then = $isWidth ? Size::of($side, $piece->height) : Size::of($piece->width, $side);

        return LineChange::of(['panels' => ['piece' => (string) $then]]);
    }

    /** What a panel has of a side of all of them. */
    private static function shareOf(Length $all, int $many, PanelsWanted $panels): Length
    {
        $share = intdiv(PanelGrid::shared($all->nanometres, $many, $panels->between()), $many);

        return $share > 0 ? Length::exact($share, $all->unit) : throw MeasureError::ofNothing('The gaps leave nothing of it');
    }

    /**
     * All lengths once a joint has been moved.
     *
     * @param  non-empty-list<Span>  $spans
     * @param  int  $end  where the panel before the joint ends, in nanometres
     * @return list<string>
     */
    private static function moved(array $spans, int $joint, int $end, int $between, Length $side): array
    {
        [$before, $after] = [$spans[$joint], $spans[$joint + 1]];
        [$wide, $rest] = [$end - $before->from, $after->to() - $end - $between];
        if ($wide < Joint::NARROWEST || $rest < Joint::NARROWEST) {
            $said = fn (int $nanometres): string => Length::ofNanometres($nanometres + intdiv($between, 2), $side->unit)->label();
            throw MeasureError::impossible(
                "A joint can’t go past its neighbour: this one lies between {$said($before->from + Joint::NARROWEST)} and {$said(
                    $after->to() - Joint::NARROWEST - $between,
                )}.",
            );
        }
        $lengths = array_map(fn (Span $span): int => $span->length, $spans);
        [$lengths[$joint], $lengths[$joint + 1]] = [$wide, $rest];

        return array_map(fn (int $nanometres): string => (string) Length::exact($nanometres, $side->unit), array_values($lengths));
    }
}
