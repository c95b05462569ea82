<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Measure\Figure;
use Planisher\Plan\LineContext;

/** Says what the crop takes away; more than a tenth asks for a look. */
final class CutLittle implements Check
{
    private const LITTLE = 0.1;

    /**
     * @param  ?\Closure(LineContext): bool  $isWhole  whether all of the picture is meant to be there
     * @param  ?Remedy  $whole  what brings that about
     */
    public function __construct(private readonly ?\Closure $isWhole = null, private readonly ?Remedy $whole = null) {}

    public function judge(LineContext $at): ?Finding
    {
        $cut = $at->plan?->mostCut()->cut;
        if ($cut === null) {
            return null;
        }
        if ($cut->sides() === '') {
            return Finding::fine(
                'cut-nothing',
                'Nothing is cut',
                $this->isWhole !== null && ($this->isWhole)($at)
                    ? 'The whole picture is printed.'
                    : 'The picture has the shape it is printed in.',
            );
        }
        if ($cut->isUnseen()) {
            return Finding::fine('cut-unseen', 'Next to nothing is cut', 'A hair at the edges, less than anybody sees.');
        }
        $share = Figure::percent($cut->area);

        return $cut->area > self::LITTLE + 1e-9
            ? Finding::look(
                'cut-much',
                "{$share} of the picture is cut",
                ucfirst($cut->sides()).'. Move the window so that what matters stays.',
                $this->whole,
            )
            : Finding::fine('cut-little', "{$share} is cut", ucfirst($cut->sides()).'.');
    }
}
