<?php

declare(strict_types=1);

namespace Planisher\Reading\Chart;

/** What words are. */
enum ItemKind
{
    /** How many */
    case Count;
    case Size;
    /** By name, part of a name or number */
    case Pictures;
    /** “All”, “both”, “all three” */
    case All;
    /** “The rest”: what is spoken of nowhere else */
    case Rest;
    /** “The same”, “ditto” */
    case Same;
    /** “Not”, “except”: what is behind it isn't so */
    case Not;
    /** “Instead of” */
    case Instead;
    /** “Each”: as many of every one */
    case Each;
    /** “Also” */
    case Also;
    case Or;
    /** “The last two” */
    case Place;
    /** “5 prints in all” */
    case Sum;
    /** What it is made into, and how */
    case Wish;
    /** What isn't done here */
    case Remark;
    /** “And” */
    case And;
    /** A comma, a dash, a bracket */
    case Stop;
    /** A full stop: what follows is something else */
    case End;
    /** Says nothing */
    case Passed;
    /** All of a line of an order file */
    case Filed;
    /** Not understood */
    case Unknown;

    public function saysSomething(): bool
    {
        return ! in_array($this, [self::And, self::Stop, self::End, self::Passed, self::Unknown], true);
    }
}
