<?php

declare(strict_types=1);

namespace Tests\core\Finish\Pair;

use Planisher\Colour\Rgb;
use Planisher\Finding\CutLittle;
use Planisher\Finding\EnoughPixels;
use Planisher\Finish\HasMorePictures;
use Planisher\Finish\Wording;
use Planisher\Lab\LabCard;
use Planisher\Line\KeyScope;
use Planisher\Line\LineKey;
use Planisher\Line\LineKeys;
use Planisher\Line\LineSpec;
use Planisher\Measure\Box;
use Planisher\Naming\FileName;
use Planisher\OrderFile\JsonNode;
use Planisher\Phrase\Facts;
use Planisher\Phrase\SentenceSegments;
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
 * A finish for the tests alone, to show what adding one takes: two pictures on one paper, the second turned a quarter.
 *
 * @implements HasMorePictures<PairWanted>
 * @implements Wording<PairWanted>
 */
final class PairFinish implements HasMorePictures, Wording
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

    public function plan(LineSpec $line, array $pictures, LabCard $lab, FileName $name, OrderContext $orderContext): ?Plan
    {
        [$size, $scale] = [$line->sized()->size, Scale::asked($line, $lab)];
        [$paper, $middle] = [Box::ofSize($size), intdiv($size->width->nanometres, 2)];
        [$parts, $layers] = [[], [new GroundLayer($paper->pixels($scale), Rgb::white())]];
        foreach ($pictures as $place => $picture) {
            if ($picture === null) {
                return null;
            }
            $half = new Box($place * $middle, 0, $middle, $paper->height);
            $upright = $place === 1 ? new Box(0, 0, $half->height, $half->width) : $half->from($half);
            $window = WindowChoice::filling($line->sized(), new Layout($size, $upright, $upright, 0), $picture, 0);
            $parts[] = Part::of($line, $lab, $picture, $upright, $size, $window);
            $pixels = $upright->pixels($scale);
            $at = new Placement($pixels, $scale->pixelAt($half->x), $scale->pixelAt($half->y), $place === 1);
            $layers[] = (new PictureLayer($picture, $window->pixels, $pixels))->laid($at);
        }
        [$whole, $encoding] = [$paper->pixels($scale), Encoding::of($line, $lab, $scale, $size)];
        $file = new PlannedFile($name->files()[0], $whole->width, $whole->height, $scale, $layers, $encoding);

        return new Plan(new Layout($size, $paper, $paper, 0), $parts, [$file], $file);
    }

    public function checks(): array
    {
        return [new EnoughPixels(), new CutLittle()];
    }

    public function wording(): Wording
    {
        return $this;
    }

    public function size(LineContext $at): string
    {
        return "side by side on {$at->line->sized()->size->label()}";
    }

    public function words(SentenceSegments $sentence, LineContext $at): void
    {
        $sentence->word(', beside ', 'other', $at->line->wanted->other ?? 'nothing yet');
    }

    public function short(LineContext $at): string
    {
        return $this->size($at);
    }

    public function facts(LineContext $at, Plan $plan): array
    {
        return [Facts::cut($plan)];
    }
}
