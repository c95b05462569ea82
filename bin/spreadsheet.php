<?php

declare(strict_types=1);

/** Reads one spreadsheet: `bin/spreadsheet.php FILE` answers with JSON, its sheets or why it was refused. */

use App\Lists\ListRefused;
use App\Lists\SpreadsheetReader;

require dirname(__DIR__).'/vendor/autoload.php';

try {
    $answer = ['sheets' => SpreadsheetReader::sheets((string) ($argv[1] ?? ''))];
} catch (ListRefused $e) {
    $answer = ['refused' => $e->getMessage()];
} catch (\Throwable $e) {
    fwrite(STDERR, $e->getMessage());
    $answer = ['refused' => 'is damaged, and couldn’t be read. Copy its cells and paste them here.'];
}
echo json_encode($answer, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
