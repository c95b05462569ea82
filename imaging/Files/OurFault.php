<?php

declare(strict_types=1);

namespace Planisher\Imaging\Files;

/** A file couldn't be made, and neither the picture nor the disk is to blame: for the log, with what libvips said. */
final class OurFault extends CannotWrite {}
