<?php

declare(strict_types=1);

namespace Planisher\Imaging\Files;

/** A file that could not be made. The message says why and what to do; nothing was left under its name. */
class CannotWrite extends \RuntimeException {}
