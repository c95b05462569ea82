<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What libvips said when a call failed, in its own words. */
final class VipsError extends \RuntimeException {}
