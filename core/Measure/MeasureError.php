<?php

declare(strict_types=1);

namespace Planisher\Measure;

/** A measure that can't be read. The message quotes what was typed and says what would do. */
final class MeasureError extends \InvalidArgumentException {}
