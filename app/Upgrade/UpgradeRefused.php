<?php

declare(strict_types=1);

namespace App\Upgrade;

/** The database can't be brought to this version, or may not be worked with; the message says why and what to do. */
final class UpgradeRefused extends \RuntimeException {}
