<?php

declare(strict_types=1);

namespace Planisher\Parcel;

/** What a lab answered is no answer to this parcel; the message says why, for the person who sent it. */
final class AnswerRefused extends \RuntimeException {}
