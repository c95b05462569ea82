<?php

declare(strict_types=1);

/** One task, read from the standard input as this project's own objects; answers are lines of JSON. */

use Planisher\Imaging\Child\Task;
use Planisher\Imaging\Vips\Library;
use Planisher\Picture\PictureRefused;

require __DIR__.'/autoload.php';

[$task, $given] = unserialize((string) stream_get_contents(STDIN));
assert($task instanceof Task);
Library::tellWarnings();
$say = function (array $answer): void {
    fwrite(STDOUT, json_encode($answer, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE | JSON_PRESERVE_ZERO_FRACTION)."\n");
};
try {
    foreach ($task->do($given) as $answer) {
        $say(['answer' => $answer]);
    }
} catch (PictureRefused $e) {
    $say(['refused' => $e->getMessage(), 'because' => (string) $e->getPrevious()?->getMessage()]);
}
