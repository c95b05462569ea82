<?php

declare(strict_types=1);

/**
 * Jobs that were put on a queue under the names that they had before (2026-11-30): an upgrade finds them waiting there. To be removed
 * with the first version that can't be upgraded to from one before 1.7.
 */
spl_autoload_register(function (string $class): void {
    $now = [
        'App\\Jobs\\AskLab' => App\Parcels\AskLab::class,
        'App\\Jobs\\MakeFiles' => App\Making\MakeFiles::class,
        'App\\Jobs\\MeasureOrder' => App\Lines\MeasureOrder::class,
        'App\\Jobs\\PackZip' => App\Making\PackZip::class,
        'App\\Jobs\\SendParcel' => App\Parcels\SendParcel::class,
        'App\\Jobs\\TakePicture' => App\Pictures\TakePicture::class,
    ][$class] ?? null;
    if ($now !== null) {
        class_alias($now, $class);
    }
});
