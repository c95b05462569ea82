<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Line\Line;
use Planisher\Line\Side;
use Planisher\Measure\Unit;
use Planisher\OrderFile\Node;
use Planisher\Picture\MustStayIn;
use Planisher\Plan\Plan;
use Planisher\Plan\PrintPlanner;
use Planisher\Telling\Sides;

/**
 * Measures each area that must stay in against the cut (the window's edge, and the trim where the lab takes off bleed or
 * the print is cut out of its carrier) and against what a frame covers.
 */
final class MarkedStaysIn implements Check
{
    private const WORDS = ['top' => 'at the top', 'right' => 'on the right', 'bottom' => 'at the bottom', 'left' => 'on the left'];

    public function look(Situation $at): ?Finding
    {
        $plan = $at->plan;
        $picture = $at->facts();
        $print = $at->line->print;
        if ($plan === null || $picture === null || $print === null || $picture->mustStayIn === []) {
            return null;
        }
        $unit = $plan->paper()->width->unit === Unit::Centimetre ? Unit::Millimetre : $plan->paper()->width->unit;
        [$nearest, $area, $side] = self::nearest($plan, $picture->mustStayIn, false, $picture->width, $picture->height);
        if ($nearest < 0) {
            return Finding::stops(
                'must-stay-in-cut',
                "“{$area->label}” is cut",
                Sides::length(-$nearest, $unit).' of it is lost '.self::WORDS[$side->value].'. '
                    .(self::helps($at, ['window' => null]) ? 'A window that holds it can be had.' : 'No window of this shape holds all that must stay in.'),
                self::mend($at),
            );
        }
        [$free, $covered, $where] = self::nearest($plan, $picture->mustStayIn, true, $picture->width, $picture->height);
        if ($free < $print->frameCover->nanometres) {
            return Finding::look(
                'must-stay-in-framed',
                "A frame would cover “{$covered->label}”",
                'It hides '.$print->frameCover->label().' all round, and '.Sides::length($print->frameCover->nanometres - $free, $unit).' of that lies over it '.self::WORDS[$where->value].'.',
                self::mend($at) ?? new Remedy('There is no frame', ['frameCover' => '0 mm']),
            );
        }

        return Finding::fine('must-stay-in-clear', 'Nothing marked is cut', 'The nearest edge is '.Sides::length($nearest, $unit)." from “{$area->label}”.");
    }

    /**
     * The least distance of any area to a cut, or to the paper's edge, in nanometres; below 0 where it reaches beyond.
     *
     * @param  non-empty-list<MustStayIn>  $areas
     * @return array{int, MustStayIn, Side}
     */
    private static function nearest(Plan $plan, array $areas, bool $paper, int $width, int $height): array
    {
        $nearest = null;
        foreach ($areas as $area) {
            foreach (Side::cases() as $side) {
                $distance = self::inWindow($plan, $area, $side, $width, $height);
                $margin = $plan->layout->margin($side);
                $distance += $paper ? $margin : min(0, $margin); // picture beyond the paper's edge is trimmed off
                if ($nearest === null || $distance < $nearest[0]) {
                    $nearest = [$distance, $area, $side];
                }
            }
        }

        return $nearest;
    }

    /** From an area's side to the window's, on paper. */
    private static function inWindow(Plan $plan, MustStayIn $area, Side $side, int $width, int $height): int
    {
        $window = $plan->window;
        [$pixels, $nanometres] = match ($side) {
            Side::Left => [$area->x * $width - $window->x, $plan->layout->image->width / $window->width],
            Side::Right => [$window->x + $window->width - $area->right() * $width, $plan->layout->image->width / $window->width],
            Side::Top => [$area->y * $height - $window->y, $plan->layout->image->height / $window->height],
            Side::Bottom => [$window->y + $window->height - $area->bottom() * $height, $plan->layout->image->height / $window->height],
        };

        // Windows are whole pixels and marks are not: what sticks out by less than a pixel is not cut.
        return abs($pixels) < 1 ? 0 : (int) round($pixels * $nanometres);
    }

    private static function mend(Situation $at): ?Remedy
    {
        return match (true) {
            self::helps($at, ['window' => null]) => new Remedy('Move the window so that it stays in', ['window' => null]),
            self::helps($at, ['window' => null, 'fit' => 'whole']) => new Remedy('Print the whole picture', ['window' => null, 'fit' => 'whole']),
            self::helps($at, ['window' => null, 'turn' => null]) => new Remedy('Turn the paper to suit', ['window' => null, 'turn' => null]),
            default => null,
        };
    }

    /**
     * Whether a change brings all marked areas clear of cut and frame, or at least clear of the cut where they are cut now.
     *
     * @param  array<string, mixed>  $change
     */
    private static function helps(Situation $at, array $change): bool
    {
        $picture = $at->facts();
        if ($picture === null || $at->plan === null) {
            return false;
        }
        $wanted = array_filter([...$at->line->toArray(), ...$change], fn (mixed $value): bool => $value !== null);
        $line = Line::fromNode(Node::root($wanted));
        $changed = PrintPlanner::plan($line, $picture, $at->lab, (string) $at->name);
        [$before] = self::nearest($at->plan, $picture->mustStayIn ?: throw new \LogicException('Nothing is marked.'), false, $picture->width, $picture->height);
        [$cut] = self::nearest($changed, $picture->mustStayIn, false, $picture->width, $picture->height);
        [$free] = self::nearest($changed, $picture->mustStayIn, true, $picture->width, $picture->height);

        return $before < 0 ? $cut >= 0 : $free >= ($line->print?->frameCover->nanometres ?? 0);
    }
}
