<?php

declare(strict_types=1);

namespace App\Lists\Mail;

use App\Lists\ListRefused;
use App\Lists\ReadApart;

/** A client's e-mail as a file: read by a process of its own (`bin/mail.php`), within limits, since a stranger wrote it. */
final readonly class Mail
{
    private const LARGEST = 100_000_000;

    private const LONGEST_HEAD = 200_000;

    /** Bytes that `is` wants to see. */
    public const BEGINNING = 8192;

    /** What a file of one begins with: its head has a field that mails alone have (RFC 5322, 3.6; RFC 2045, 4). */
    private const HEAD = '/^(?:From \S|(?:[!-9;-~]+:[^\n]*\n(?:[ \t][^\n]*\n)*){0,60}?(?:received|return-path|message-id|mime-version):)/i';

    /**
     * @param  list<array{at: string, name: string}>  $pictures  where each lies in the folder that it was read into
     * @param  list<array{at: string, name: string}>  $lists
     * @param  list<string>  $told  what isn't in it, in words
     */
    private function __construct(public string $text, public array $pictures, public array $lists, public array $told) {}

    public static function is(string $name, string $bytes): bool
    {
        $hasEnding = strtolower(pathinfo($name, PATHINFO_EXTENSION)) === 'eml';

        return $hasEnding || preg_match(self::HEAD, substr($bytes, 0, self::BEGINNING)) === 1;
    }

    /**
     * @param  string  $folder  an empty one, for what was sent with it
     *
     * @throws ListRefused
     */
    public static function read(string $path, string $name, string $folder): self
    {
        if (filesize($path) > self::LARGEST) {
            throw ListRefused::mailTooLarge($name);
        }
        $isLonger = filesize($path) > self::LONGEST_HEAD;
        if ($isLonger && preg_match('/\R\R/', (string) file_get_contents($path, length: self::LONGEST_HEAD)) !== 1) {
            throw ListRefused::headWithoutEnd($name);
        }
        $pasted = 'Copy its words and paste them here.';
        $answer = ReadApart::by('mail.php', [$path, $folder], $name, 200, $pasted, 'Drop its pictures, and paste its words.');

        return new self($answer['text'], $answer['pictures'], $answer['lists'], $answer['told']);
    }
}
