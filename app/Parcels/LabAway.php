<?php

declare(strict_types=1);

namespace App\Parcels;

/** The lab isn't to be reached, or answers what can't be meant; it is tried again later. */
final class LabAway extends \RuntimeException {}
