<?php

declare(strict_types=1);

namespace Planisher\Finish\ForScreen;

use Planisher\Finding\CutLittle;
use Planisher\Finding\MarkedStaysIn;
use Planisher\Finish\Dimensioned;
use Planisher\Finish\MadeToMeasure;
use Planisher\Finish\SaidInWords;
use Planisher\Finish\SizedOtherwise;
use Planisher\Lab\LabCard;
use Planisher\Line\KeyScope;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Plan\LineContext;
use Planisher\Plan\Plan;
use Planisher\Studio\OrderContext;

/**
 * A copy of a picture for a screen, which never goes to the lab.
 *
 * @implements Dimensioned<ScreenWanted, ScreenLayout>
 * @implements MadeToMeasure<ScreenWanted, ScreenLayout>
 * @implements SaidInWords<ScreenWanted, ScreenLayout>
 * @implements SizedOtherwise<ScreenWanted, ScreenLayout>
 */
final class ScreenFinish implements Dimensioned, MadeToMeasure, SaidInWords, SizedOtherwise
{
    public const NAME = 'screen-copy';

    public function name(): string
    {
        return self::NAME;
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'screen copy' : 'screen copies';
    }

    public function keys(): LineKeys
    {
        return LineKeys::of(new LineKey('longSide', KeyScope::Line, 'its long side'), new LineKey('shape', KeyScope::Line));
    }

    public function wanted(JsonNode $line): ScreenWanted
    {
        return ScreenWanted::fromNode($line);
    }

    public function crop(JsonNode $line): null
    {
        return null;
    }

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        return $pictures[0] === null ? null : ScreenPlanner::plan($line, $pictures[0], $lab, $name, $orderContext);
    }

    public function checks(): array
    {
        return [new NotLarger(), new MarkedStaysIn(), new CutLittle(self::isWhole(...))];
    }

    /** @param  LineContext<ScreenWanted, ScreenLayout>  $at */
    private static function isWhole(LineContext $at): bool
    {
        return $at->line->wanted->shape === null;
    }

    public function needsSize(): bool
    {
        return false;
    }

    public function wording(): ScreenWording
    {
        return new ScreenWording();
    }

    public function dimensioning(): ScreenDimensioning
    {
        return new ScreenDimensioning();
    }

    public function rules(): array
    {
        return ScreenRules::all();
    }

    public function calledIn(): array
    {
        return [];
    }
}
