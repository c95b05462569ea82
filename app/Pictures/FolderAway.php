<?php

declare(strict_types=1);

namespace App\Pictures;

/** The pictures folder, or something in it, can't be had; the message says why and what to do. */
final class FolderAway extends \RuntimeException {}
