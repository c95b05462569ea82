<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Finding\AddedClearsEdges;
use Planisher\Finding\BleedAdded;
use Planisher\Finding\Check;
use Planisher\Finding\CutLittle;
use Planisher\Finding\EnoughPixels;
use Planisher\Finding\MarkedStaysIn;
use Planisher\Finding\NotEnlargedMuch;
use Planisher\Finding\ProductKnown;
use Planisher\Finding\Remedy;
use Planisher\Finish\Dimensioned;
use Planisher\Finish\OffersChoices;
use Planisher\Finish\PieceFits;
use Planisher\Finish\SaidInWords;
use Planisher\Lab\LabCard;
use Planisher\Line\LineChange;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Length;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;
use Planisher\Studio\OrderContext;

/**
 * One picture on one piece of paper.
 *
 * @implements Dimensioned<PrintWanted, PrintLayout>
 * @implements OffersChoices<PrintWanted, PrintLayout>
 * @implements SaidInWords<PrintWanted, PrintLayout>
 */
final class PrintFinish implements Dimensioned, OffersChoices, SaidInWords
{
    public const NAME = 'print';

    public function name(): string
    {
        return self::NAME;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'print' : 'prints';
    }

    public function keys(): LineKeys
    {
        return PrintWanted::keys();
    }

    public function wanted(JsonNode $line): PrintWanted
    {
        return PrintWanted::fromNode($line);
    }

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        return $pictures[0] === null ? null : PrintPlanner::plan($line, $pictures[0], $lab, $name, $orderContext);
    }

    public function checks(): array
    {
        return [new SizeListed(), new PieceFits(), new ProductKnown(), ...self::ofPaper(), new BleedAdded(), ...self::ofPicture()];
    }

    /** @return list<Check<PrintWanted, PrintLayout>> what is judged of it wherever it is printed */
    public static function byItself(): array
    {
        return [...self::ofPaper(), ...self::ofPicture()];
    }

    /** @return list<Check<PrintWanted, PrintLayout>> */
    private static function ofPaper(): array
    {
        return [
            new LayoutHolds(),
            new OpeningCovered(),
            new AddedSeenThrough(),
            new BorderLight(),
            new KeylineThin(),
            new MarkedStaysIn(self::frameCover(...), [self::whole()]),
            new AddedClearsEdges(self::covered(...), 'what a frame or a cut may take'),
        ];
    }

    /** @param  LineContext<PrintWanted, PrintLayout>  $at */
    private static function frameCover(LineContext $at): Length
    {
        return $at->line->wanted->framed();
    }

    /**
     * What of its edges may not be seen: what a frame covers, or what a cut may be off by.
     *
     * @param  LineContext<PrintWanted, PrintLayout>  $at
     */
    private static function covered(LineContext $at): Length
    {
        return self::frameCover($at)->nanometres === 0 ? AddedClearsEdges::cutMayBeOff() : self::frameCover($at);
    }

    /** @param  LineContext<PrintWanted, PrintLayout>  $at */
    private static function isWhole(LineContext $at): bool
    {
        return $at->line->wanted->fit === Fit::Whole;
    }

    /** @return list<Check<PrintWanted, PrintLayout>> */
    private static function ofPicture(): array
    {
        return [new EnoughPixels(), new NotEnlargedMuch(), new CutLittle(self::isWhole(...), self::whole())];
    }

    private static function whole(): Remedy
    {
        return new Remedy('Print the whole picture', LineChange::of(['window' => null, 'fit' => 'whole']));
    }

    public function wording(): PrintWording
    {
        return new PrintWording();
    }

    public function dimensioning(): PrintDimensioning
    {
        return new PrintDimensioning();
    }

    public function choices(): array
    {
        return PrintChoices::all();
    }

    public function rules(): array
    {
        return PrintRules::all();
    }

    public function calledIn(): array
    {
        return [];
    }
}
