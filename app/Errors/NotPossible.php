<?php

declare(strict_types=1);

namespace App\Errors;

/** What is asked for can’t be done with what there is, and the message says what to do; told as 422. */
final class NotPossible extends \RuntimeException {}
