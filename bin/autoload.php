<?php

declare(strict_types=1);

/**
 * Finds core's and imaging's classes where only they are needed: Composer's map of the whole web application would take
 * longer to load than a plan to make.
 */
spl_autoload_register(function (string $class): void {
    $folder = str_starts_with($class, 'Planisher\\Imaging\\') ? 'imaging' : 'core';
    $path =
        __DIR__.
        "/../{$folder}/".
        strtr(substr($class, strlen($folder === 'core' ? 'Planisher\\' : 'Planisher\\Imaging\\')), '\\', '/').
        '.php';
    if (str_starts_with($class, 'Planisher\\') && is_file($path)) {
        require $path;
    }
});
