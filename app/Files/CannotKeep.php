<?php

declare(strict_types=1);

namespace App\Files;

/** A file can't be kept: the disk is full, can't be written to, or keeps another under its key. Nothing half-written is left. */
final class CannotKeep extends \RuntimeException {}
