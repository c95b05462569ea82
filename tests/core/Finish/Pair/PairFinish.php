<?php

declare(strict_types=1);

namespace Tests\core\Finish\Pair;

use Planisher\Colour\Rgb;
use Planisher\Drawing\Dimensions;
use Planisher\Finding\CutLittle;
use Planisher\Finding\EnoughPixels;
use Planisher\Finish\Dimensioning;
use Planisher\Finish\Finish;
use Planisher\Finish\TypedFigure;
use Planisher\Finish\Wording;
use Planisher\Lab\LabCard;
use Planisher\Line\Crop;
use Planisher\Line\KeyScope;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Measure\PixelRect;
use Planisher\Measure\Resolution;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Encoding;
use Planisher\Plan\Layer\GroundLayer;
use Planisher\Plan\Layer\PictureLayer;
use Planisher\Plan\Layout;
use Planisher\Plan\LineContext;
use Planisher\Plan\Part;
use Planisher\Plan\Placement;
use Planisher\Plan\Plan;
use Planisher\Plan\PlannedFile;
use Planisher\Plan\Scale;
use Planisher\Plan\WindowChoice;
use Planisher\Studio\OrderContext;

/**
 * A finish for the tests alone, to show what adding one takes: two pictures on one paper, the second turned a quarter, so that
 * its foot is on the left.
 */
final class PairFinish implements Dimensioning, Finish, Wording
{
    public function name(): string
    {
        return 'pair';
    }

    public function label(int $copies): string
    {
        return $copies === 1 ? 'pair' : 'pairs';
    }

    public function keys(): LineKeys
    {
        return LineKeys::of(new LineKey('pair', KeyScope::Line));
    }

    public function places(array $wanted): array
    {
        return [['picture'], ['pair', 'other']];
    }

    public function wanted(JsonNode $line): PairWanted
    {
        return PairWanted::fromNode($line->maybe('pair'));
    }

    public function crop(JsonNode $line): Crop
    {
        return Crop::fromNode($line);
    }

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        if (in_array(null, $pictures, true)) {
            return null;
        }
        $crop = $line->sized();
        $paper = Box::ofSize($crop->size);
        [$left, $right] = [
            new Box(0, 0, intdiv($paper->width, 2), $paper->height),
            Box::edges(intdiv($paper->width, 2), 0, $paper->width, $paper->height),
        ];
        $resolution = Scale::asked($line, $lab);
        $encoding = Encoding::of($line, $lab, $resolution, $crop->size);
        [$parts, $layers] = [[], []];
        foreach ([[$pictures[0], $left, false], [$pictures[1], $right, true]] as [$picture, $half, $isTurned]) {
            $upright = $isTurned ? new Box(0, 0, $half->height, $half->width) : $half->from($half);
            $window = WindowChoice::filling($crop, new Layout($crop->size, $upright, $upright, 0), $picture, 0);
            $parts[] = Part::of($line, $lab, $picture, $upright, $crop->size, $window);
            $print = $this->print($name->files()[0], $upright->pixels($resolution), $picture, $window->pixels, $resolution, $encoding);
            $laid = new Placement($print->whole(), $resolution->pixelAt($half->x), $resolution->pixelAt($half->y), $isTurned);
            $layers = [...$layers, ...$print->on($laid, Rgb::white())];
        }
        $whole = $paper->pixels($resolution);
        $ground = new GroundLayer($whole, Rgb::white());
        $file = new PlannedFile($name->files()[0], $whole->width, $whole->height, $resolution, [$ground, ...$layers], $encoding);

        return new Plan(new Layout($crop->size, $paper, $paper, 0), $parts, [$file], $file);
    }

    public function checks(): array
    {
        return [new EnoughPixels(), new CutLittle()];
    }

    public function needsListedSize(): bool
    {
        return true;
    }

    public function needsSize(): bool
    {
        return true;
    }

    public function wording(): Wording
    {
        return $this;
    }

    public function dimensioning(): Dimensioning
    {
        return $this;
    }

    public function madeOf(LineContext $at): ?array
    {
        return null;
    }

    public function size(LineContext $at): string
    {
        return "side by side on {$at->line->crop?->size->label()}";
    }

    public function words(SentenceSegments $sentence, LineContext $at): void
    {
        $sentence->word(', beside ', 'other', $at->line->pictures()[1] ?? 'nothing yet');
    }

    public function addable(LineContext $at): array
    {
        return [];
    }

    public function short(LineContext $at): string
    {
        return $this->size($at);
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        return [Facts::cut($plan)];
    }

    public function byHand(LineContext $at): array
    {
        return [];
    }

    public function dimensions(Layout $layout): array
    {
        return (new Dimensions($layout->size))->ordered()->all();
    }

    public function typed(LineSpec $line, Layout $layout, string $name, string $typed): array
    {
        throw TypedFigure::unknown($name);
    }

    public function uses(?LineContext $at): array
    {
        return [];
    }

    public function parts(?LineContext $at): array
    {
        return [];
    }

    public function hung(Layout $layout): array
    {
        return [$layout->sheet, [[$layout->sheet, $layout->sheet]]];
    }

    private function print(
        string $name,
        PixelRect $paper,
        PictureFacts $picture,
        PixelRect $window,
        Resolution $resolution,
        Encoding $encoding,
    ): PlannedFile {
        return new PlannedFile(
            $name,
            $paper->width,
            $paper->height,
            $resolution,
            [new GroundLayer($paper, Rgb::white()), new PictureLayer($picture, $window, $paper)],
            $encoding,
        );
    }

    public function rules(): array
    {
        return [];
    }

    public function calledIn(): array
    {
        return [];
    }
}
