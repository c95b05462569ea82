<?php

declare(strict_types=1);

namespace Planisher\Lab\Text;

/** What was typed into a field of a lab card can't be read; the message quotes it and says what can. */
final class CardError extends \InvalidArgumentException {}
