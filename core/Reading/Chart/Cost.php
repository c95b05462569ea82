<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

/** What readings cost. A wrong reading is mended by asking which of these is wrong. */
final class Cost
{
    /** Of anything that was understood: what is read in fewer parts is likelier. */
    public const READ = 1.0;

    /** Less for every further word that is read in one */
    public const MORE = 0.12;

    /** A number that is how many, though nothing says so */
    public const BARE_COUNT = 1.6;

    /** Money, a date, a telephone number: none of ours */
    public const FOREIGN = 0.7;

    /** A sign */
    public const SIGN = 0.02;

    /** A polite or small word passed over */
    public const COMMON = 0.25;

    /** A word not understood */
    public const WORD = 3.0;

    /** A word of the trade left over: it surely says something */
    public const TRADE_WORD = 4.0;

    /** A number not understood */
    public const NUMBER = 6.0;
}
