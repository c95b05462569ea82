<?php

declare(strict_types=1);

namespace Planisher\Finding;

/** The register of checks: a new one is named here and nowhere else. */
final class Checks
{
    /** @return non-empty-list<Check> in the order they are told when they weigh the same */
    private static function all(): array
    {
        return [
            new CanBeMade(),
            new NothingIgnored(),
            new HasPicture(),
            new HasCopies(),
            new PictureSound(),
            new LargestPage(),
            new NothingSeenThrough(),
            new SizeListed(),
            new PieceFits(),
            new ProductKnown(),
            new WrapHolds(),
            new ApartTaken(),
            new PanelsAddUp(),
            new PanelsAlike(),
            new LayoutHolds(),
            new BorderLight(),
            new KeylineThin(),
            new MarkedStaysIn(),
            new MarkedClearsFold(),
            new MarkedNotDoubled(),
            new MarkedClearsJoints(),
            new FaceLoses(),
            new PanelsBalanced(),
            new BleedAdded(),
            new EnoughPixels(),
            new NotEnlargedMuch(),
            new CutLittle(),
            new ProfileKnown(),
            new ColoursFit(),
            new EndsKept(),
            new ShadowsOnPaper(),
            new FormatTaken(),
            new FileFits(),
            new PaperKnown(),
            new SharpenedForPaper(),
            new PrivateDataKept(),
            new NameSafe(),
        ];
    }

    /** @return non-empty-list<Finding> worst first */
    public static function judge(Situation $at): array
    {
        $findings = array_values(array_filter(array_map(fn (Check $check): ?Finding => $check->look($at), self::all())));
        usort($findings, fn (Finding $a, Finding $b): int => $a->level->rank() <=> $b->level->rank());

        return $findings ?: throw new \LogicException('No check had anything to say of a line; its name is always judged.');
    }
}
