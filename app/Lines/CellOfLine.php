<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use Planisher\Finish\Finishes;
use Planisher\OrderFile\OrderFileError;

/** One of the prints that a line carries, by its place: a cell of a shared sheet. */
final class CellOfLine
{
    /**
     * A change of it, as one of the line; of the line itself where no cell is meant.
     *
     * @param  array<string, mixed>  $change
     * @return array<string, mixed>
     *
     * @throws OrderFileError where the line carries one print only, or has no such cell
     */
    public static function change(Computation $computation, Line $line, ?int $cell, array $change): array
    {
        if ($cell === null) {
            return $change;
        }
        $worked = $computation->line($line);
        $cells =
            Finishes::of($worked->line)->cells($worked->at) ??
            throw new OrderFileError('cell', (string) $cell, 'a line that carries several prints', 'This line carries one print only.');

        return $cells->change($cell, $change);
    }

    /**
     * What stands in it, as the order file has it.
     *
     * @return array<string, mixed>
     */
    public static function form(Line $line, int $cell): array
    {
        $form = (array) ($line->wanted['sheet']['cells'][$cell] ?? []);
        $name = $line->names()[$cell] ?? null;

        return $form + ($name === null ? [] : ['picture' => $name]);
    }
}
