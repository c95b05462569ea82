<?php

declare(strict_types=1);

namespace Planisher\Picture;

/** A file that can't be taken as a picture. The message says why and what to do; it does not repeat the file's name. */
final class PictureRefused extends \RuntimeException {}
