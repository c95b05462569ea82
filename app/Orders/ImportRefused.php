<?php

declare(strict_types=1);

namespace App\Orders;

/** An order that can't be brought in; the message says what is wrong, where, and what to do. */
final class ImportRefused extends \RuntimeException {}
