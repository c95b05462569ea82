<?php

declare(strict_types=1);

namespace Planisher\Language;

/** What a rule may say beside a change of a line: keys that no order file has, settled before a line comes of them. */
final class Says
{
    /** How many */
    public const COUNT = '#count';

    /** … of every picture */
    public const EACH = '#each';

    /** A size on paper, said in so many words: “100 × 100 cm in all” */
    public const SIZE = '#size';

    /** The size of each panel */
    public const EACH_SIZE = '#each-size';

    /** A sheet that it is laid on: a larger one for one print, or one that several share */
    public const ON_SHEET = '#on-sheet';

    /** … and it is said that it is one sheet */
    public const IS_SHARED = '#is-shared';

    /** The size of a frame or a mount, and whether it is the print's, too */
    public const FRAME = '#frame';

    public const IS_ITS_SIZE = '#is-its-size';

    /** Prints that share sheets: how many to one, 0 for all, and on which */
    public const GATHER = '#gather';

    /** A sheet with places for so many pictures, which fill them in their order */
    public const PLACES = '#places';

    /** A surface that is not wanted; another paper may be said */
    public const NOT_PAPER = '#not-paper';

    /** A copy for a screen, and whether it is wanted beside a print */
    public const SCREEN = '#screen';

    public const IS_BESIDE = '#is-beside';

    /** A caption's parts; none for the one that is there */
    public const CAPTION = '#caption';

    /** Words on the picture; null for those that are there */
    public const LETTERING = '#lettering';

    /** A mark of the studio's on the picture, or on its screen copy alone */
    public const MARK = '#mark';

    public const SCREEN_MARK = '#screen-mark';

    /** How words or a mark look, and where they stand */
    public const STYLE = '#style';

    /** What isn't done here, and stays as a remark */
    public const REMARK = '#remark';

    /** All of something; how many those are, where it is said */
    public const ALL = '#all';

    /** What was not spoken of */
    public const REST = '#rest';

    /** What was spoken of before; what of it: all, the size, the paper */
    public const SAME = '#same';

    /** What follows is left out, or isn't so */
    public const NOT = '#not';

    /** What follows was so, or would have been */
    public const INSTEAD = '#instead';

    /** It comes besides */
    public const ALSO = '#also';

    /** One of two */
    public const OR = '#or';

    /** Of a list, by its place: the last two */
    public const PLACE = '#place';

    /** A sum of prints */
    public const SUM = '#sum';

    /** One side of what is ordered, as an order file has it: “12 in wide” */
    public const ONE_SIDE = '#oneSide';

    /** Of what one side is given: “16:9” */
    public const RATIO = '#ratio';
}
