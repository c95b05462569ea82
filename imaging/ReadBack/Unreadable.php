<?php

declare(strict_types=1);

namespace Planisher\Imaging\ReadBack;

/** A made file whose header can't be read back. */
final class Unreadable extends \RuntimeException {}
