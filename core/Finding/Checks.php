<?php

declare(strict_types=1);

namespace Planisher\Finding;

use Planisher\Plan\LineContext;

/** The register of checks: a new one is named here, or, where it is of one finish alone, in that finish, and nowhere else. */
final class Checks
{
    /**
     * Of what is asked for.
     *
     * @return list<Check>
     */
    private static function first(): array
    {
        return [new NothingIgnored(), new HasCopies(), new CopiesUsual()];
    }

    /**
     * Of its pictures: of a line that carries several prints they are judged print by print.
     *
     * @return list<Check>
     */
    private static function ofPictures(): array
    {
        return [
            new HasPicture(),
            new EveryPicture(new PictureSound()),
            new EveryPicture(new LargestPage()),
            new EveryPicture(new NothingSeenThrough()),
        ];
    }

    /**
     * Of words and overlays: of a line that carries several prints on all of it and print by print.
     *
     * @return list<Check>
     */
    private static function ofAdditions(): array
    {
        return [new MarksThere(), new CaptionStands(), new LettersThere(), new WordsOnPaper(), new MarksSuit(), new MarkMeant()];
    }

    /**
     * Of colours, files and names; no lab sees what is for a screen.
     *
     * @return list<Check>
     */
    private static function last(bool $isPrinted): array
    {
        return ! $isPrinted
            ? [new PrivateDataKept(), new NameSafe()]
            : [
                new ColoursFit(),
                new EndsKept(),
                new ShadowsOnPaper(),
                new FormatTaken(),
                new FileFits(),
                new PaperKnown(),
                new ExtrasKnown(),
                new SharpenedForPaper(),
                new PrivateDataKept(),
                new NameSafe(),
            ];
    }

    /**
     * @param  list<Check>  $ofFinish  what its finish has judged, told between the others
     * @param  ?Cells  $cells  the prints that it carries, where it carries several
     * @return non-empty-list<Finding> worst first
     */
    public static function judge(LineContext $at, array $ofFinish, ?Cells $cells = null): array
    {
        $judged = fn (array $checks): array => array_values(
            array_filter(array_map(fn (Check $check): ?Finding => $check->judge($at), $checks)),
        );
        $profiles = new EveryPicture(new ProfileKnown());
        $findings = [
            ...$judged(self::first()),
            ...$cells === null
                ? $judged(self::ofPictures())
                : $cells->judged([...self::ofPictures(), $profiles, ...self::ofAdditions(), new AddedClearsMarked()]),
            ...$judged($ofFinish),
            ...$judged(self::ofAdditions()),
            ...$cells === null ? $judged([new AddedClearsMarked()]) : [], // else a print's marks lie elsewhere than on this paper
            ...$cells === null ? $judged([$profiles]) : [],
            ...$judged(self::last($at->line->isPrinted())),
        ];

        return Finding::worstFirst($findings) ?:
            throw new \LogicException('No check had anything to say of a line; its name is always judged.');
    }
}
