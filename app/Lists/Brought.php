<?php

declare(strict_types=1);

namespace App\Lists;

use App\Files\UploadName;
use App\Lists\Mail\Mail;
use App\Models\Order;
use App\Pictures\Incoming;
use Illuminate\Filesystem\Filesystem;
use Planisher\Picture\PictureRefused;

/** What a file brings that a client has sent: a list's words; an e-mail's words with the lists and pictures that were sent with it. */
final class Brought implements \JsonSerializable
{
    /** Of names of files that are brought here, rightly or not; another ending is a part of the name. */
    public const ENDINGS = ['txt', 'csv', 'tsv', 'text', 'json', 'xlsx', 'ods', 'eml', 'jpg', 'jpeg', 'png', 'pdf', 'doc', 'docx', 'xls'];

    /** @var list<array{name: string, reading: string}> pictures that a worker reads, asked after by a token */
    private array $pictures = [];

    /** @param  list<string>  $told  what of it was left out, in words */
    private function __construct(private string $text, private array $told) {}

    /** @throws ListRefused */
    public static function by(Order $order, string $path, string $name, Incoming $incoming): self
    {
        if (! Mail::is($name, (string) file_get_contents($path, length: Mail::BEGINNING))) {
            return new self(ListFile::text($path, $name), []);
        }
        $files = new Filesystem();
        $folder = sys_get_temp_dir().'/planisher-mail-'.bin2hex(random_bytes(8));
        $files->makeDirectory($folder, 0700);
        try {
            return self::byMail($order, Mail::read($path, $name, $folder), $folder, $incoming);
        } finally {
            $files->deleteDirectory($folder);
        }
    }

    private static function byMail(Order $order, Mail $mail, string $folder, Incoming $incoming): self
    {
        $brought = new self($mail->text, $mail->told);
        foreach ($mail->lists as ['at' => $at, 'name' => $name]) {
            try {
                $words = ListFile::text("{$folder}/{$at}", UploadName::ofPicture($name));
                $brought->text .= ($brought->text === '' ? '' : "\n\n").$words;
            } catch (ListRefused $e) {
                $brought->told[] = $e->getMessage();
            }
        }
        foreach ($mail->pictures as ['at' => $at, 'name' => $name]) {
            $own = UploadName::ofPicture($name);
            try {
                $brought->pictures[] = ['name' => $own, 'reading' => $incoming->later($order, "{$folder}/{$at}", $own)];
            } catch (PictureRefused $e) {
                $brought->told[] = "“{$own}” wasn’t taken: {$e->getMessage()}";
            }
        }
        if (trim($brought->text) === '') {
            $brought->told[] = 'There are no words in the e-mail.';
        }

        return $brought;
    }

    /** @return array{text: string, pictures: list<array{name: string, reading: string}>, told: list<string>} */
    public function jsonSerialize(): array
    {
        return ['text' => $this->text, 'pictures' => $this->pictures, 'told' => $this->told];
    }
}
