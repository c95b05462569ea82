<?php

declare(strict_types=1);

namespace Tests\app;

use App\Lists\Mail\MailReader;
use App\Lists\Mail\Unflowed;
use App\Models\OrderPicture;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\TestWith;

/** A client's e-mail brought as a file. They are written by Python's email package (write-mails.py), which knows nothing of us. */
final class MailTest extends TestCase
{
    private static string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        self::$folder ??= self::written();
    }

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), glob(self::$folder.'/*') ?: []);
        rmdir(self::$folder);
        parent::tearDownAfterClass();
    }

    private static function written(): string
    {
        $folder = sys_get_temp_dir().'/mails-'.getmypid();
        mkdir($folder);
        file_put_contents("{$folder}/picture", self::pictureBytes());
        $words = ['/usr/bin/python3', __DIR__.'/write-mails.py', $folder, "{$folder}/picture"];
        $program = implode(' ', array_map(escapeshellarg(...), $words));
        exec($program, $said, $code);
        self::assertSame(0, $code);

        return $folder;
    }

    /** @return array<string, mixed> */
    private function brought(string $name, int $status = 200): array
    {
        $answer = $this->post(
            "/api/orders/{$this->order->id}/list/file",
            ['list' => new UploadedFile(self::$folder."/{$name}.eml", "{$name}.eml", test: true)],
            ['Accept' => 'application/json'],
        );

        return $answer->assertStatus($status)->json();
    }

    private function refused(string $name): string
    {
        return $this->brought($name, 422)['message'];
    }

    public function test_its_words_its_pictures_and_its_lists_are_read(): void
    {
        $mail = $this->brought('order');
        self::assertSame(
            "Hello Wren,\n\n2 of regatta 8x10 – whole\nregatta 5×7\n\nKind regards\nRosalind\n\n3 of regatta.jpg, 4x6",
            $mail['text'],
            'without the signature and what it answers',
        );
        self::assertSame('regatta.jpg', $mail['pictures'][0]['name'], 'no name climbs out of its folder');
        $this->getJson("/api/orders/{$this->order->id}/incoming/{$mail['pictures'][0]['reading']}")->assertJson(['state' => 'taken']);
        self::assertSame(['regatta.jpg'], OrderPicture::query()->pluck('name')->all());
        self::assertSame(
            ['“order.pdf” was left out: a PDF has no words that can be read.', 'The message that it answers was left out (4 lines).'],
            $mail['told'],
        );
        $read = $this->postJson("/api/orders/{$this->order->id}/list/read", ['text' => $mail['text']])->json('lines');
        $prints = array_merge(...array_column((array) $read, 'prints'));
        self::assertSame([2, 1, 3], array_map(fn (array $print): int => $print['wanted']['copies'] ?? 1, $prints));
        self::assertSame([], File::glob(sys_get_temp_dir().'/planisher-mail-*'), 'nothing of it stays beside');
    }

    public function test_a_page_is_made_plain_and_nothing_of_it_fetched(): void
    {
        $mail = $this->brought('page');
        self::assertSame("Hi Wren,\n\nPicture\tSize\tQty\nregatta\t8×10\t2\n\n- regatta 5x7\n\n- ~~regatta 4x6~~", $mail['text']);
        self::assertSame(['“logo.png” was left out: a small picture within the text.'], $mail['told']);
        self::assertStringContainsString('regatta 8x10', $this->brought('nested-page')['text'], 'deeper than any page is');
    }

    #[TestWith(['forward', '3 of regatta 8x10'])]
    #[TestWith(['passed-on', "As Ada says.\n\n4 of regatta 8x10"])]
    public function test_what_is_passed_on_keeps_its_list(string $name, string $ends): void
    {
        $mail = $this->brought($name);
        self::assertSame($ends, substr(trim($mail['text']), -strlen($ends)));
        self::assertSame([], $mail['told']);
    }

    public function test_answers_between_questions_are_kept_with_them(): void
    {
        self::assertStringContainsString("> Which size?\nregatta 8x10\n> How many?\ntwo", $this->brought('between')['text']);
    }

    /** RFC 3676, 4.1 to 4.5: quoted lines join their like, a signature's line never, DelSp takes the space away. */
    public function test_lines_that_were_broken_for_sending_are_whole(): void
    {
        self::assertSame("2 of regatta 8x10, whole\n", $this->brought('flowed')['text']."\n");
        self::assertSame("> one two\nthree", Unflowed::of("> one \r\n> two\r\nthree", false));
        self::assertSame("one\n-- \nme", Unflowed::of("one \n-- \nme", true));
        self::assertSame('langes Wort', Unflowed::of("langes W \nort", true));
    }

    public function test_what_is_too_much_or_no_mail_is_told(): void
    {
        $parts = $this->brought('parts');
        self::assertSame('regatta 8x10', $parts['text']);
        self::assertStringContainsString('more than 300 parts', implode(' ', $parts['told']));
        self::assertSame([], $parts['pictures']);
        $deep = $this->brought('deep');
        self::assertSame('', $deep['text']);
        self::assertSame(['What is nested more than 20 deep in it was not read.', 'There are no words in the e-mail.'], $deep['told']);
        self::assertStringContainsString('no end to its head', $this->refused('endless-head'));
        self::assertStringContainsString('isn’t an e-mail', $this->refused('noise'));
        self::assertStringContainsString('isn’t an e-mail', $this->refused('nothing'));
        self::assertStringContainsString('larger than 100 MB', $this->refused('too-large'));
    }

    /** 95 MB of words: read or told, in little memory. */
    public function test_a_large_one_is_read_in_little_memory(): void
    {
        $folder = sys_get_temp_dir().'/mail-sent-along-'.getmypid();
        @mkdir($folder);
        $before = memory_get_peak_usage();
        $text = MailReader::read(self::$folder.'/large.eml', $folder)['text'];
        rmdir($folder);
        self::assertStringStartsWith('regatta 8x10', $text);
        self::assertLessThan(64_000_000, memory_get_peak_usage() - $before);
    }
}
