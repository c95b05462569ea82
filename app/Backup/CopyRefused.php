<?php

declare(strict_types=1);

namespace App\Backup;

/** A copy can't be made, or can't be put back; the message says why and what to do. What there was is as it was. */
final class CopyRefused extends \RuntimeException {}
