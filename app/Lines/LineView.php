<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\OrderPicture;
use Planisher\Description\FactStrip;
use Planisher\Description\LineSentence;
use Planisher\Drawing\Dimension;
use Planisher\Drawing\Dimensions;
use Planisher\Finding\Finding;
use Planisher\Finish\Dimensioning;
use Planisher\Finish\DrawsParts;
use Planisher\Finish\Finish;
use Planisher\Finish\Finishes;
use Planisher\Finish\Hangs;
use Planisher\Finish\UsesOfLab;
use Planisher\Line\LineKeys;
use Planisher\Measure\Box;
use Planisher\Measure\Unit;
use Planisher\Order\WorkedLine;
use Planisher\Parcel\Goes;
use Planisher\Picture\MustStayIn;
use Planisher\Picture\Window;
use Planisher\Plan\LineContext;
use Planisher\Plan\Overprint;

/** A line as the screens get it: what is wanted, and all that core says of it. */
final class LineView
{
    /** @return LineViewShape */
    public static function of(Line $line, WorkedLine $worked): array
    {
        [$at, $shown] = [$worked->at, $worked->plan?->shown];

        return [
            'id' => $line->id,
            'number' => $line->number,
            'version' => $line->version,
            'state' => $worked->isWaiting() ? 'waiting' : $line->state->value,
            'remark' => $line->remark,
            'remarkForLab' => $line->remark_for_lab,
            'labSaid' => $line->lab_said,
            'apart' => $line->apart,
            'testOf' => $line->test_of,
            'line' => $worked->line->toArray(),
            'uses' => self::uses($at),
            'picture' => self::picture($line->pictureAt(0)),
            'mustStayIn' => array_map(fn (MustStayIn $area): array => $area->toArray(), $at->marked()),
            'sentence' => LineSentence::segments($at),
            'addable' => (object) LineSentence::addable($at),
            'short' => LineSentence::short($at),
            'prints' => LineSentence::prints($at),
            'goes' => Goes::of($worked)?->toArray(),
            'fileName' => (string) $worked->name,
            'drawing' => self::drawing($at),
            'facts' => FactStrip::of($at),
            'cells' => self::cells($line, $at),
            'findings' => array_map(fn (Finding $finding): array => $finding->toArray(), $worked->findings),
            'settled' => $line->settled ?? [],
            'isSeenFirst' => $worked->line->isSeenFirst(),
            'file' => $shown === null ? null : ['width' => $shown->width, 'height' => $shown->height],
            'planHash' => $worked->plan?->hash(),
        ];
    }

    /**
     * The prints that it carries, where it carries several, each as if it were a line of its own.
     *
     * @return list<CellViewShape>
     */
    private static function cells(Line $line, LineContext $of): array
    {
        $cells = [];
        foreach (Finishes::cells($of)->all ?? [] as $place => $at) {
            $cells[] = [
                'place' => $place,
                'line' => LineKeys::common()->ofWholeSheets()->notIn($at->line->toArray()),
                'uses' => self::uses($at),
                'picture' => self::picture($line->pictureAt($place)),
                'mustStayIn' => array_map(fn (MustStayIn $area): array => $area->toArray(), $at->marked()),
                'sentence' => LineSentence::ofCell($at),
                'addable' => (object) LineSentence::addableOfCell($at),
                'short' => LineSentence::short($at),
                'drawing' => self::drawing($at),
            ];
        }

        return $cells;
    }

    /**
     * What a line uses where it doesn't say.
     *
     * @return UsesShape
     */
    private static function uses(LineContext $at): array
    {
        [$line, $lab] = [$at->line, $at->lab];
        $paper = $lab->paper($line->paper);
        $encoding = $at->plan?->files[0]->encoding;

        /** @var UsesShape $uses what finishes say is held against its schema in the tests */
        $uses = [
            'size' => $line->crop === null ? null : (string) $line->crop->size,
            'subject' => $line->subjectOf(null),
            'ppi' => $line->output->resolution?->typed() ?? $lab->resolution->typed(),
            'format' => ($encoding->format ?? $line->output->formatFor($lab))->value,
            'quality' => $encoding->quality ?? $line->output->qualityFor($lab),
            'colour' => $line->output->colourFor($lab)->value,
            'name' => $line->name->toArray(),
            'window' => ($at->plan?->only()->wanted ?? new Window())->toArray(),
            'paper' => $paper === null
                    ? null
                    : [
                        'name' => $paper->name,
                        'surface' => $paper->surface->value,
                        'profile' => $lab->paperProfile($line->paper)?->description,
                    ],
            ...self::ofEveryFinish(
                $at,
                fn (?Dimensioning $drawn, ?LineContext $of): array => $drawn instanceof UsesOfLab ? $drawn->uses($of) : [],
            ),
        ];

        return $uses;
    }

    /** @return ?UsedPictureShape */
    public static function picture(?OrderPicture $inOrder): ?array
    {
        if ($inOrder === null) {
            return null;
        }
        $facts = $inOrder->facts();

        return [
            'id' => $inOrder->id,
            'name' => $inOrder->name,
            'sha256' => $facts->sha256,
            'width' => $facts->width,
            'height' => $facts->height,
        ];
    }

    /**
     * What the drawing needs: lengths in mm from the paper's top left corner, the window in pixels of the picture. Without
     * a plan only the paper.
     *
     * @return ?DrawingFiguresShape
     */
    public static function drawing(LineContext $at): ?array
    {
        $layout = $at->plan?->layout;
        $paper = $layout->size ?? $at->line->crop?->size;
        if ($paper === null) {
            return null;
        }
        $box = Box::ofSize($paper);
        $drawn = Finishes::dimensioning(Finishes::of($at->line));
        $sheet = $layout->sheet ?? $box;
        [$hung, $pieces] = $layout !== null && $drawn instanceof Hangs ? $drawn->hung($layout) : [$sheet, [[$sheet, $sheet]]];
        $dimensions = $layout === null || $drawn === null ? Dimensions::ofSize($paper) : $drawn->dimensions($layout);

        /** @var DrawingFiguresShape $figures as in uses() */
        $figures = [
            'paper' => ['width' => $paper->width->in(Unit::Millimetre), 'height' => $paper->height->in(Unit::Millimetre)],
            'sheet' => ($layout->sheet ?? $box)->toArray(),
            'image' => ($layout->image ?? $box)->toArray(),
            'bleed' => ($layout->bleed ?? 0) / Unit::Millimetre->nanometres(),
            ...self::ofEveryFinish(
                $at,
                fn (?Dimensioning $drawn, ?LineContext $of): array => $drawn instanceof DrawsParts ? $drawn->parts($of) : [],
            ),
            'hung' => [
                'size' => $hung->toArray(),
                'pieces' => array_map(fn (array $piece): array => ['at' => $piece[0]->toArray(), 'shows' => $piece[1]->toArray()], $pieces),
            ],
            'window' => $at->plan?->only()?->window->toArray(),
            'added' => AddedView::of($at->plan->added ?? new Overprint()),
            'dimensions' => array_map(fn (Dimension $dimension): array => $dimension->toArray(), $dimensions),
        ];

        return $figures;
    }

    /**
     * What the finishes say of a line: the others what they say of none, so that the shape is always the same, and over that its own.
     *
     * @param  callable(?Dimensioning, ?LineContext): array<string, mixed>  $say
     * @return array<string, mixed>
     */
    private static function ofEveryFinish(LineContext $at, callable $say): array
    {
        $own = Finishes::of($at->line);
        $others = array_filter(Finishes::all(), fn (Finish $finish): bool => $finish !== $own);
        $said = array_map(fn (Finish $finish): array => $say(Finishes::dimensioning($finish), null), $others);

        return [...array_merge(...array_values($said)), ...$say(Finishes::dimensioning($own), $at)];
    }
}
