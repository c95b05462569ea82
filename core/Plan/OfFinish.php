<?php

declare(strict_types=1);

namespace Planisher\Plan;

/** What of a layout only its finish knows: a carrier, what goes round bars, how a piece is shared out. */
interface OfFinish {}
