<?php

declare(strict_types=1);

/** Reads one e-mail: `bin/mail.php FILE FOLDER` answers with JSON, its words and what was sent with it, or why it was refused. */

use App\Lists\ListRefused;
use App\Lists\Mail\MailReader;

require dirname(__DIR__).'/vendor/autoload.php';

try {
    $answer = MailReader::read((string) ($argv[1] ?? ''), (string) ($argv[2] ?? ''));
} catch (ListRefused $e) {
    $answer = ['refused' => $e->getMessage()];
} catch (\Throwable $e) {
    fwrite(STDERR, $e->getMessage());
    $answer = ['refused' => 'is damaged, and couldn’t be read. Copy its words and paste them here.'];
}
echo json_encode($answer, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE);
