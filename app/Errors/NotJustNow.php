<?php

declare(strict_types=1);

namespace App\Errors;

/** What is asked for fails because of us, and may work a little later; told as 503. */
final class NotJustNow extends \RuntimeException {}
