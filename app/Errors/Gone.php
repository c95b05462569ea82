<?php

declare(strict_types=1);

namespace App\Errors;

/** What is asked for isn’t there, or not any more; told as 404. */
final class Gone extends \RuntimeException {}
