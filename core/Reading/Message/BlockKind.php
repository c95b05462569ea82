<?php

declare(strict_types=1);

namespace Planisher\Reading\Message;

enum BlockKind
{
    case Words;
    case Blank;
    /** Greetings, closings, names, addresses, heads of e-mails */
    case Passed;
    /** “-----”: what stands above it is a heading, or what follows is another message */
    case Ruled;
    /** What somebody else has asked, and is answered */
    case Asked;
    /** Longer than any line that somebody writes: it isn’t read */
    case TooLong;
    /** A line of an order file */
    case Filed;
}
