<?php

declare(strict_types=1);

namespace Planisher\ClientList;

/** What words in a client's list are. */
enum Kind
{
    /** How many */
    case Count;
    case Size;
    /** Pictures, by name, part of a name or number */
    case Pictures;
    /** “All”, “every”: all pictures, or all that is spoken of */
    case All;
    /** “The rest”: pictures that are spoken of nowhere else */
    case Rest;
    /** “The same”: the pictures spoken of before */
    case Same;
    /** “But not”: the pictures behind it are left out */
    case Except;
    /** “Each”: as many of every one */
    case Each;
    /** What it is made into, and how */
    case Wish;
    /** A comma, “and” */
    case Stop;
    /** A full stop or a semicolon: what follows is something else */
    case End;
    /** Said for politeness' sake */
    case Polite;
    /** All of a line of an order file */
    case Filed;
    /** Not understood */
    case Unknown;
}
