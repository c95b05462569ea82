<?php

declare(strict_types=1);

namespace App\Lists\Mail;

use App\Lists\ListRefused;
use ZBateson\MailMimeParser\Header\HeaderConsts;
use ZBateson\MailMimeParser\Header\ParameterHeader;
use ZBateson\MailMimeParser\MailMimeParser;
use ZBateson\MailMimeParser\Message\IMessagePart;
use ZBateson\MailMimeParser\Message\IMimePart;

/**
 * Reads an e-mail (RFC 5322, 2045 to 2049): what was written in it, the pictures and the lists that were sent with it, laid down in a
 * folder under numbers, never under the names they came with. Nothing is fetched from outside.
 */
final class MailReader
{
    private const MOST_PARTS = 300;

    private const DEEPEST = 20;

    /** Of bytes; below it a picture within the text is a signature's, not one to print. */
    private const SMALLEST_PICTURE = 30_000;

    /** Of bytes: far more than is read of any list, which tells that it is too long. */
    private const LONGEST_TEXT = 1_000_000;

    private const PICTURES = ['jpg', 'jpeg', 'png', 'tif', 'tiff', 'heic', 'heif', 'webp', 'psd'];

    private const LISTS = ['xlsx', 'ods', 'csv', 'tsv', 'txt', 'json'];

    private int $parts = 0;

    /** @var array<int, string> of each message, in their order */
    private array $texts = [];

    /** @var list<array{at: string, name: string}> */
    private array $pictures = [];

    /** @var list<array{at: string, name: string}> */
    private array $lists = [];

    /** @var list<string> what isn't in the answer, in words */
    private array $told = [];

    private function __construct(private readonly string $folder) {}

    /**
     * @param  string  $folder  an empty one, for what was sent with it
     * @return array{text: string, pictures: list<array{at: string, name: string}>, lists: list<array{at: string, name: string}>,
     *               told: list<string>}
     *
     * @throws ListRefused what else the file is, to be put behind its name
     */
    public static function read(string $path, string $folder): array
    {
        $file = fopen($path, 'rb') ?: throw ListRefused::notOpened();
        $reader = new self($folder);
        $reader->message($file, 0);
        if ($reader->parts === 0) {
            throw ListRefused::noMail();
        }

        return [
            'text' => implode("\n\n", array_filter($reader->texts, fn (string $text): bool => trim($text) !== '')),
            'pictures' => $reader->pictures,
            'lists' => $reader->lists,
            'told' => $reader->told,
        ];
    }

    /** @param  resource  $file */
    private function message($file, int $depth): void
    {
        $message = (new MailMimeParser())->parse($file, true);
        if ($message->getHeaderValue(HeaderConsts::FROM) === null && $message->getHeaderValue('MIME-Version') === null) {
            return;
        }
        $written = [];
        $place = count($this->texts);
        $this->texts[$place] = ''; // before those that it passes on
        $this->part($message, $depth, $written);
        $own = Written::of(
            implode("\n\n", $written),
            (string) $message->getHeaderValue(HeaderConsts::SUBJECT),
            $message->getHeaderValue(HeaderConsts::IN_REPLY_TO) !== null,
        );
        $this->texts[$place] = $own->text;
        $own->answered === 0 || ($this->told[] = "The message that it answers was left out ({$own->answered} lines).");
    }

    /** @param  list<string>  $written  what was written in this message, to which is added */
    private function part(IMessagePart $part, int $depth, array &$written): void
    {
        if (++$this->parts > self::MOST_PARTS || $depth > self::DEEPEST) {
            $words =
                $depth > self::DEEPEST
                    ? 'What is nested more than '.self::DEEPEST.' deep in it was not read.'
                    : 'It has more than '.self::MOST_PARTS.' parts. What comes after them was not read.';
            in_array($words, $this->told, true) || ($this->told[] = $words);

            return;
        }
        $type = strtolower((string) $part->getContentType());
        if ($type === 'multipart/alternative' && $part instanceof IMimePart) {
            $this->alternative($part, $depth, $written);
        } elseif ($part instanceof IMimePart && $part->getChildCount() > 0) {
            foreach ($part->getChildParts() as $child) {
                $this->part($child, $depth + 1, $written);
            }
        } elseif ($type === 'message/rfc822') {
            $within = $part->getBinaryContentResourceHandle();
            $within === null || $this->message($within, $depth + 1);
        } elseif (str_starts_with($type, 'text/') && ! self::isSentAlong($part)) {
            $text = self::words($part, $type);
            trim($text) === '' || ($written[] = $text);
        } else {
            $this->sentAlong($part, $type);
        }
    }

    /**
     * The same in several forms (RFC 2046, 5.1.4): the plain one, where it has words.
     *
     * @param  list<string>  $written
     */
    private function alternative(IMimePart $part, int $depth, array &$written): void
    {
        $hasWords = false;
        foreach ($part->getChildParts() as $child) {
            $type = strtolower((string) $child->getContentType());
            if (! str_starts_with($type, 'text/')) {
                $within = [];
                $this->part($child, $depth + 1, $within);
                $hasWords || array_push($written, ...$within);
                $hasWords = $hasWords || $within !== [];
            } elseif (! $hasWords && in_array($type, ['text/plain', 'text/html'], true)) {
                $text = self::words($child, $type);
                $hasWords = trim($text) !== '';
                $hasWords && ($written[] = $text);
            }
        }
    }

    private static function words(IMessagePart $part, string $type): string
    {
        $text = mb_scrub((string) $part->getContentStream()?->read(self::LONGEST_TEXT));
        if ($type === 'text/html') {
            return PlainOfHtml::of($text);
        }
        $header = $part instanceof IMimePart ? $part->getHeader(HeaderConsts::CONTENT_TYPE) : null;
        $says = fn (string $name): string => $header instanceof ParameterHeader ? strtolower((string) $header->getValueFor($name)) : '';

        return $says('format') === 'flowed' ? Unflowed::of($text, $says('delsp') === 'yes') : $text;
    }

    private static function isSentAlong(IMessagePart $part): bool
    {
        return $part->getContentDisposition('inline') === 'attachment' || ($part->getFilename() ?? '') !== '';
    }

    private function sentAlong(IMessagePart $part, string $type): void
    {
        $name = (string) $part->getFilename();
        $ending = strtolower(pathinfo($name, PATHINFO_EXTENSION));
        $number = count($this->pictures) + count($this->lists) + 1;
        $isPicture = str_starts_with($type, 'image/') || in_array($ending, self::PICTURES, true);
        $name = $name !== '' ? $name : ($isPicture ? "picture {$number}.".substr($type, 6) : "part {$number}");
        $at = "{$this->folder}/{$number}";
        if (! $isPicture && ! in_array($ending, self::LISTS, true)) {
            $isPdf = $ending === 'pdf' || $type === 'application/pdf';
            $why = $isPdf ? 'a PDF has no words that can be read' : 'it is neither a picture nor a list';
            $this->told[] = "“{$name}” was left out: {$why}.";

            return;
        }
        $part->saveContent($at);
        clearstatcache();
        $isInText = $part->getContentId() !== null && $part->getContentDisposition('inline') !== 'attachment';
        if ($isPicture && $isInText && filesize($at) < self::SMALLEST_PICTURE) {
            unlink($at);
            $this->told[] = "“{$name}” was left out: a small picture within the text.";
        } elseif ($isPicture) {
            $this->pictures[] = ['at' => (string) $number, 'name' => $name];
        } else {
            $this->lists[] = ['at' => (string) $number, 'name' => $name];
        }
    }
}
