<?php

declare(strict_types=1);

namespace Planisher\Imaging\Files;

/** A file that could not be made since the disk is full: worth trying again when there is room. */
final class NoRoom extends CannotWrite {}
