<?php

declare(strict_types=1);

namespace App\Lists;

/** A file that is no list; the message says what it is and what to do. */
final class ListRefused extends \RuntimeException {}
