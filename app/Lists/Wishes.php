<?php

declare(strict_types=1);

namespace App\Lists;

use App\Lines\CellOfLine;
use App\Lines\Combiner;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Models\Line;
use App\Models\Order;
use Planisher\Finish\CombinesPrints;
use Planisher\Language\Words\PictureNames;
use Planisher\Line\LineChange;
use Planisher\OrderFile\OrderFileError;
use Planisher\Reading\SaidWish;

/** Words said of lines of an order that are there, or of one of the prints that such a line carries. Of each they are read once. */
final class Wishes
{
    private readonly SpokenOf $of;

    private readonly PictureNames $pictures;

    /** @var array<string, SaidWish> by the line and its version: “double the border” depends on what is there */
    private array $read = [];

    /**
     * @param  ?int  $cell  the one of a line's prints that it is said of
     * @param  ?string  $block  the block of letters or the mark that it is said of: caption, lettering.0, overlays.1
     */
    public function __construct(
        private readonly Computation $computation,
        private readonly LineChanger $changer,
        private readonly Combiner $combiner,
        private readonly Order $order,
        private readonly string $text,
        private readonly ?int $cell = null,
        private readonly ?string $block = null,
    ) {
        $this->of = SpokenOf::in($order);
        $this->pictures = new PictureNames($this->of->pictures);
    }

    /** @throws OrderFileError where the line has no such cell */
    public function of(Line $line): SaidWish
    {
        return $this->read["{$line->id} {$line->version}"] ??= SaidWish::read(
            $this->text,
            $this->of->known,
            $this->pictures,
            $this->cell === null ? $line->wanted + self::pictureOf($line) : $this->cellOf($line, $this->cell)->form(),
            $this->block,
        );
    }

    /** How it was read of the first line that it was said of. */
    public function first(): ?SaidWish
    {
        return array_values($this->read)[0] ?? null;
    }

    /**
     * Lines changed as was said; undone by the caller where the rest of it fails.
     *
     * @param  array<int, int>  $seen  the versions it is said of, by the line's id
     * @return array{list<Line>, list<string>} the lines as they are now, and what could not be done, in words
     */
    public function change(array $seen): array
    {
        return $this->changer->changeEach($this->order, $seen, $this->changeOf(...));
    }

    /**
     * What it changes of a line.
     *
     * @throws OrderFileError where the line has no such cell
     */
    public function changeOf(Line $line): LineChange
    {
        $change = LineChange::of($this->of($line)->change);

        return $this->cell === null || $change->isEmpty() ? $change : $this->cellOf($line, $this->cell)->change($change);
    }

    /**
     * The prints of lines laid on shared sheets, as was said.
     *
     * @param  list<Line>  $lines
     * @return array{Line, list<int>, list<string>} the new line, those it stands for, and what is to be told
     */
    public function gather(SaidWish $wish, array $lines): array
    {
        $seen = array_map(fn (Line $line): array => ['id' => $line->id, 'version' => $line->version], $lines);

        return $this->combiner->gather($this->order, $seen, [], null, $wish->gatherOn ?? CombinesPrints::CHEAPEST, (int) $wish->gather);
    }

    private function cellOf(Line $line, int $cell): CellOfLine
    {
        return CellOfLine::of($this->computation, $line, $cell);
    }

    /** @return array<string, string> */
    private static function pictureOf(Line $line): array
    {
        $names = array_values(array_filter($line->names()));

        return $names === [] ? [] : ['picture' => $names[0]];
    }
}
