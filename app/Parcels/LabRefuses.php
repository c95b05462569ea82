<?php

declare(strict_types=1);

namespace App\Parcels;

/** The lab says no, and will again: somebody has to mend something first. The message says what. */
final class LabRefuses extends \RuntimeException {}
