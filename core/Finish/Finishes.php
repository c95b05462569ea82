<?php

declare(strict_types=1);

namespace Planisher\Finish;

use Planisher\Finding\Cells;
use Planisher\Finish\Canvas\CanvasFinish;
use Planisher\Finish\ForScreen\ScreenFinish;
use Planisher\Finish\Panels\PanelsFinish;
use Planisher\Finish\Print\PrintFinish;
use Planisher\Finish\Sheet\SheetFinish;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Plan\LineContext;

/** The register of finishes: a new one is named here and nowhere else. */
final class Finishes
{
    /** What a line is made into that doesn't say. */
    public const USUAL = 'print';

    /** @var ?array<string, Finish> by name */
    private static ?array $all = null;

    private static ?LineKeys $keys = null;

    /** @return array<string, Finish> by name */
    public static function all(): array
    {
        return self::$all ??= self::byName([
            new PrintFinish(),
            new CanvasFinish(),
            new PanelsFinish(),
            new SheetFinish(),
            new ScreenFinish(),
        ]);
    }

    /** All keys that a line can have: those that all finishes have, and each finish's own. */
    public static function keys(): LineKeys
    {
        return self::$keys ??= LineKeys::common()->and(...array_map(fn (Finish $f): LineKeys => $f->keys(), array_values(self::all())));
    }

    /** @return list<SaidInWords> those that people order in words of their own */
    public static function saidInWords(): array
    {
        return array_values(array_filter(self::all(), fn (Finish $finish): bool => $finish instanceof SaidInWords));
    }

    /** Adds a finish of somebody else's. */
    public static function add(Finish $finish): void
    {
        self::$keys = null;
        self::$all = [...self::all(), $finish->name() => $finish];
    }

    /** Takes such a one out again. */
    public static function forget(string $name): void
    {
        self::$keys = null;
        self::$all = array_diff_key(self::all(), [$name => true]);
    }

    /** @return non-empty-list<string> */
    public static function names(): array
    {
        return [self::USUAL, ...array_values(array_diff(array_keys(self::all()), [self::USUAL]))];
    }

    public static function named(string $name): ?Finish
    {
        return self::all()[$name] ?? null;
    }

    /** The finish that puts several lines' prints together. */
    public static function gathering(): CombinesPrints
    {
        return self::able(CombinesPrints::class);
    }

    /** The finish that what is too large for one piece can be made into. */
    public static function sharing(): SharesOut
    {
        return self::able(SharesOut::class);
    }

    /** The prints that a line carries, each as if it were a line of its own; null where it is one itself. */
    public static function cells(LineContext $at): ?Cells
    {
        $finish = self::of($at->line);

        return $finish instanceof CarriesPrints ? $finish->cells($at) : null;
    }

    /** What a finish has of its own in the drawing; null where that is nothing. */
    public static function dimensioning(Finish $finish): ?Dimensioning
    {
        return $finish instanceof Dimensioned ? $finish->dimensioning() : null;
    }

    /** What a line is made into. */
    public static function of(LineSpec $line): Finish
    {
        return self::all()[$line->make];
    }

    /**
     * The finish that can do what only one can.
     *
     * @template C of Finish
     *
     * @param  class-string<C>  $capability
     * @return C
     */
    private static function able(string $capability): Finish
    {
        foreach (self::all() as $finish) {
            if ($finish instanceof $capability) {
                return $finish;
            }
        }
        throw new \LogicException("No finish is a {$capability}.");
    }

    /**
     * @param  list<Finish>  $finishes
     * @return array<string, Finish>
     */
    private static function byName(array $finishes): array
    {
        return array_combine(array_map(fn (Finish $finish): string => $finish->name(), $finishes), $finishes);
    }
}
