<?php

declare(strict_types=1);

namespace Tests\app;

use App\Models\Line;
use App\Models\Order;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Planisher\State\LineState;

/** A client's list read and taken through the API, as text and as files; wishes said of lines that are there; many lines passed at once. */
final class ListsTest extends TestCase
{
    private function read(string $text, string ...$chosen): TestResponse
    {
        return $this->postJson("/api/orders/{$this->order->id}/list/read", ['text' => $text, 'chosen' => $chosen]);
    }

    private function file(string $name, string $bytes): TestResponse
    {
        return $this->post(
            "/api/orders/{$this->order->id}/list/file",
            ['list' => UploadedFile::fake()->createWithContent($name, $bytes)],
            ['Accept' => 'application/json'],
        );
    }

    /** @return list<array{id: int, version: int}> */
    private static function seen(Line ...$lines): array
    {
        return array_values(array_map(fn (Line $line): array => ['id' => $line->id, 'version' => (int) $line->fresh()?->version], $lines));
    }

    public function test_a_list_is_read_said_back_and_taken(): void
    {
        $this->line('8 x 10 in', [], 'regatta.jpg'); // the picture is there
        $lines = (array) $this->read("Hi,\n2 of regatta 5x7, whole\n1 regatta 4x6 for Rosalind")->assertOk()->json('lines');
        self::assertSame([], $lines[0]['prints']);
        self::assertTrue($lines[1]['isSure']);
        self::assertSame('2 of regatta 5x7, whole', implode('', array_column($lines[1]['parts'], 'words')));
        self::assertStringContainsString('Make 2 prints of Regatta whole on 5 × 7 in', $lines[1]['prints'][0]['said']);
        self::assertTrue($lines[2]['isSure'], 'for whom it is says nothing of the print');
        self::assertSame('Rosalind', $lines[2]['prints'][0]['remark'], 'and stays on it');

        $taken = array_map(
            fn (array $line): array => ['wanted' => $line['prints'][0]['wanted'], 'remark' => $line['prints'][0]['remark']],
            array_slice($lines, 1),
        );
        $ids = (array) $this->postJson("/api/orders/{$this->order->id}/list", ['lines' => $taken])
            ->assertCreated()
            ->json('lines');
        [$whole, $remarked] = [Line::query()->findOrFail((int) $ids[0]), Line::query()->findOrFail((int) $ids[1])];
        self::assertSame('whole', $whole->wanted['fit']);
        self::assertSame('regatta.jpg', $whole->pictureAt(0)?->name);
        self::assertSame('Rosalind', $remarked->remark);
    }

    /** A house finish is meant where its name stands, in a list and said of a line. */
    public function test_a_house_finish_is_understood_by_its_name(): void
    {
        $line = $this->line('8 x 10 in', ['border' => '1 in'], 'regatta.jpg');
        $this->postJson('/api/house-finishes', ['name' => 'Album page', 'line' => $line->id, 'choices' => ['border']])->assertCreated();
        $lines = (array) $this->read('regatta 5x7 as album page')->assertOk()->json('lines');
        self::assertTrue($lines[0]['isSure']);
        self::assertMatchesRegularExpression('/border of 1\sin/u', $lines[0]['prints'][0]['said']);
        $other = $this->line('8 x 10 in', [], 'regatta.jpg');
        $this->postJson("/api/orders/{$this->order->id}/wishes", ['text' => 'Album page', 'lines' => self::seen($other)])->assertOk();
        self::assertSame('1 in', Line::query()->findOrFail($other->id)->wanted['border']);
    }

    /** With a cell of a shared sheet chosen, words go to it alone. */
    public function test_words_go_to_the_cell_that_is_chosen(): void
    {
        $sheet = $this->line('8 x 12 in', [
            'make' => 'shared-sheet',
            'sheet' => ['cells' => [['size' => '4 x 6 in'], ['size' => '4 x 6 in']]],
        ]);
        $tried = $this->postJson("/api/lines/{$sheet->id}/wish", ['text' => 'white border 1/4 in', 'cell' => 1])->assertOk();
        self::assertTrue($tried->json('isSure'), (string) json_encode($tried->json()));
        $this->postJson("/api/orders/{$this->order->id}/wishes", [
            'text' => 'white border 1/4 in',
            'lines' => self::seen($sheet),
            'cell' => 1,
        ])->assertOk();
        $cells = Line::query()->findOrFail($sheet->id)->wanted['sheet']['cells'];
        self::assertSame([null, '1/4 in'], [$cells[0]['border'] ?? null, $cells[1]['border'] ?? null]);
        $this->postJson("/api/lines/{$sheet->id}/wish", ['text' => 'white border 1/4 in', 'cell' => 7])->assertUnprocessable();
    }

    public function test_a_list_is_taken_whole_or_not_at_all(): void
    {
        $before = Line::query()->count();
        $lines = [['wanted' => ['size' => '5 x 7 in']], ['wanted' => ['size' => '5 x 7 in', 'picture' => 'nobody.jpg']]];
        $this->postJson("/api/orders/{$this->order->id}/list", ['lines' => $lines])->assertUnprocessable();
        self::assertSame($before, Line::query()->count());
    }

    public function test_pictures_that_are_chosen_are_meant_where_nothing_is_said(): void
    {
        $this->line('8 x 10 in', [], 'regatta.jpg');
        $prints = $this->read('5x7, matte', 'regatta.jpg')->json('lines.0.prints');
        self::assertSame('regatta.jpg', $prints[0]['wanted']['picture'] ?? null);
    }

    /** A size without a unit that the lab doesn't list, two pictures of one name's part, a novel. */
    public function test_doubts_are_told_with_what_may_be_meant(): void
    {
        $this->line('8 x 10 in', [], 'harbour-one.jpg');
        $this->line('8 x 10 in', [], 'harbour-two.jpg');
        $all = (array) $this->read('30x40 of harbour')->json('lines.0.parts');
        $parts = array_values(array_filter($all, fn (array $part): bool => $part['why'] !== null));
        self::assertSame(['30 x 40 in', '30 x 40 cm'], array_column($parts[0]['offers'], 'with'));
        self::assertSame(['harbour-one.jpg', 'harbour-two.jpg'], array_column($parts[1]['offers'], 'picture'));
        $this->read(str_repeat('It was a grey morning and the boats lay still. ', 3000))->assertUnprocessable();
        $this->read(str_repeat("It was a grey morning.\n", 2000))->assertOk();
    }

    public function test_files_of_any_writing_are_read_as_text(): void
    {
        $umlaut = 'Größe';
        $csv = "File;Size;Qty;Notes\nregatta.jpg;8x10;3;no cropping\noars.jpg;\"5x7\";1;\n";
        foreach (
            [
                'plain.txt' => ["2 of regatta 8x10\n", "2 of regatta 8x10\n"],
                'marked.txt' => ["\xef\xbb\xbf{$umlaut} 8x10", "{$umlaut} 8x10"],
                'western.txt' => [mb_convert_encoding("{$umlaut} 8x10", 'Windows-1252', 'UTF-8'), "{$umlaut} 8x10"],
                'wide.txt' => ["\xff\xfe".mb_convert_encoding("{$umlaut} 8x10", 'UTF-16LE', 'UTF-8'), "{$umlaut} 8x10"],
                'columns.csv' => [$csv, "3 of regatta.jpg, 8x10, no cropping\n1 of oars.jpg, 5x7"],
                'western.csv' => [
                    mb_convert_encoding("Size,Qty,Picture\n8x10,2,Brücke.jpg", 'Windows-1252', 'UTF-8'),
                    '2 of Brücke.jpg, 8x10',
                ],
                'headless.csv' => ["regatta,8x10,2\n", 'regatta, 8x10, 2'],
                'formula.csv' => ["Picture,Size,Qty\nregatta.jpg,8x10,=1+1\n", '=1+1, regatta.jpg, 8x10'],
            ] as $name => [$bytes, $text]
        ) {
            self::assertSame($text, $this->file($name, $bytes)->assertOk()->json('text'), $name);
        }
        $this->line('8 x 10 in', [], 'regatta.jpg');
        $formula = $this->read('=1+1, regatta.jpg, 8x10')->json('lines.0');
        self::assertFalse($formula['isSure'], 'a formula is no quantity');
    }

    /** Written by openpyxl and odfpy, which know nothing of us. */
    public function test_spreadsheets_of_other_programs_are_read(): void
    {
        $folder = sys_get_temp_dir().'/spreadsheets-'.getmypid();
        @mkdir($folder);
        exec('/usr/bin/python3 '.escapeshellarg(__DIR__.'/write-spreadsheets.py').' '.escapeshellarg($folder), $said, $code);
        self::assertSame(0, $code);
        $written = fn (string $name): string => (string) file_get_contents("{$folder}/{$name}");
        $list = "2 of regatta, 5x7, whole\n1 of regatta.jpg, 8 x 10 in, matte, no cropping\n12 of regatta, 4x6";
        self::assertSame($list, $this->file('list.ods', $written('list.ods'))->assertOk()->json('text'));
        // A second sheet follows, numbers as they look there; a formula that was never worked out stays one; a hidden sheet is none.
        $this->file('list.xlsx', $written('list.xlsx'))
            ->assertOk()
            ->assertJson(['text' => "{$list}, =1+1\n\n0412, 8x10\n415, 5-7"]);
        self::assertStringEndsWith('picture-2001, 4x6', $this->file('long.xlsx', $written('long.xlsx'))->assertOk()->json('text'));

        $refused = fn (string $name, string $bytes): string => $this->file($name, $bytes)->assertUnprocessable()->json('message');
        self::assertStringContainsString('damaged', $refused('half.xlsx', substr($written('list.xlsx'), 0, 3000)));
        $pack = function (string $part, string|\SplFileInfo $bytes) use ($folder): string {
            $zip = new \ZipArchive();
            $zip->open("{$folder}/packed.zip", \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
            is_string($bytes) ? $zip->addFromString($part, $bytes) : $zip->addFile((string) $bytes, $part);
            $zip->close();

            return (string) file_get_contents("{$folder}/packed.zip");
        };
        self::assertStringContainsString('is a document', $refused('list.docx', $pack('word/document.xml', '<w/>')));
        self::assertStringContainsString('an order with its pictures', $refused('order.zip', $pack('order.json', '{}')));
        self::assertStringContainsString('Unpack it', $refused('list.zip', $pack('list.txt', '8x10')));
        self::assertStringContainsString('couldn’t be read', $refused('list.xlsx', $pack('xl/workbook.xml', 'no XML at all')));
        // 600 MB of nothing, packed small
        $nothing = fopen("{$folder}/nothing", 'w');
        self::assertNotFalse($nothing);
        ftruncate($nothing, 600_000_000);
        fclose($nothing);
        $bomb = $pack('xl/workbook.xml', new \SplFileInfo("{$folder}/nothing"));
        self::assertLessThan(4_000_000, strlen($bomb));
        self::assertStringContainsString('bomb.xlsx', $refused('bomb.xlsx', $bomb));
        array_map(unlink(...), glob("{$folder}/*") ?: []);
        rmdir($folder);
    }

    public function test_the_lines_of_an_order_file_are_taken_as_they_are(): void
    {
        $this->line('8 x 10 in', [], 'regatta.jpg');
        $file = [
            'planisher' => 1,
            'lines' => [
                ['picture' => 'regatta.jpg', 'size' => '11 x 14 in', 'copies' => 3, 'fit' => 'whole', 'border' => '1 in'],
                ['picture' => 'nobody.jpg', 'size' => '5 x 7 in'],
                ['picture' => 'regatta.jpg', 'size' => 'huge'],
            ],
        ];
        $text = (string) $this->file('order.json', (string) json_encode($file, JSON_PRETTY_PRINT))->assertOk()->json('text');
        $lines = (array) $this->read($text)->assertOk()->json('lines');
        self::assertSame([true, false, false], array_column($lines, 'isSure'));
        self::assertSame($text, implode("\n", array_map(fn (array $line): string => $line['parts'][0]['words'], $lines)));
        self::assertStringContainsString('Make 3 prints of Regatta whole on 11 × 14 in', $lines[0]['prints'][0]['said']);
        self::assertStringContainsString('There is no nobody.jpg in this order', $lines[1]['parts'][0]['why']);
        self::assertStringContainsString('size: found', $lines[2]['parts'][0]['why']);
        $ids = $this->postJson("/api/orders/{$this->order->id}/list", ['lines' => [['wanted' => $lines[0]['prints'][0]['wanted']]]])
            ->assertCreated()
            ->json('lines');
        self::assertSame('1 in', Line::query()->findOrFail((int) $ids[0])->wanted['border']);
        self::assertFalse($this->read('{"picture": "regatta.jpg", ')->json('lines.0.isSure'), 'half a line of JSON');
    }

    public function test_what_the_client_had_last_time_is_offered_in_words_and_not_applied(): void
    {
        $none = $this->getJson("/api/orders/{$this->order->id}/last-time")
            ->assertOk()
            ->json('lastTime');
        self::assertNull($none, 'there was no time before');
        $whole = ['fit' => 'whole', 'border' => '1/2 in', 'window' => ['x' => 0.4, 'tight' => 1.5], 'subject' => 'Three boats'];
        $this->pass($this->line('8 x 10 in', $whole, 'boats.jpg'))->assertOk();
        $this->pass($this->line('8 x 10 in', ['fit' => 'whole', 'border' => '1/2 in'], 'oars.jpg'))->assertOk();
        $this->pass($this->line('4 x 6 in', ['copies' => 2], 'oars.jpg'))->assertOk();
        $this->line('11 x 14 in', [], 'oars.jpg'); // never passed: perhaps never wanted
        $next = Order::query()->create([
            'number' => '2611-77',
            'client_id' => $this->order->client_id,
            'lab_id' => $this->order->lab_id,
            'ordered_on' => $this->order->ordered_on->addDay(),
        ]);
        $last = (array) $this->getJson("/api/orders/{$next->id}/last-time")
            ->assertOk()
            ->json('lastTime');
        self::assertSame($this->order->number, $last['order']['number']);
        self::assertSame(
            ['1 print whole on 8 × 10 in, with room of 1/2 in to mat over', '2 prints cropped to 4 × 6 in'],
            str_replace("\u{2009}", ' ', array_column($last['had'], 'said')),
        );
        self::assertSame([2, 1], array_column($last['had'], 'lines'));
        self::assertArrayNotHasKey('window', $last['had'][0]['wanted']);
        self::assertSame(0, $next->lines()->count(), 'nothing is applied unasked');

        $this->order = $next;
        $this->upload(self::pictureBytes(blue: 30), 'new.jpg')->assertCreated();
        $ids = $this->postJson("/api/orders/{$next->id}/list", [
            'lines' => [['wanted' => ['picture' => 'new.jpg'] + $last['had'][0]['wanted'], 'remark' => null]],
        ])
            ->assertCreated()
            ->json('lines');
        $line = Line::query()->findOrFail((int) $ids[0]);
        self::assertSame(['whole', '1/2 in'], [$line->wanted['fit'], $line->wanted['border']]);
    }

    public function test_what_is_no_list_is_told_by_what_it_is(): void
    {
        $picture = $this->file('list.png', "\x89PNG\r\n\x1a\n".str_repeat('x', 40))->assertUnprocessable();
        self::assertStringContainsString('a picture (PNG)', (string) $picture->json('message'));
        self::assertStringContainsString('Type what it says', (string) $picture->json('message'));
        self::assertStringContainsString('a PDF', (string) $this->file('list.pdf', '%PDF-1.7')->assertUnprocessable()->json('message'));
        self::assertStringContainsString(
            'no “lines”',
            (string) $this->file('order.json', '{"planisher": 1}')->assertUnprocessable()->json('message'),
        );
        $this->file('list.txt', "abc\x00\x01def")->assertUnprocessable();
        $this->file('list.txt', str_repeat('x', 4_000_001))->assertUnprocessable();
    }

    public function test_a_wish_is_tried_without_doing_anything_and_then_done(): void
    {
        $line = $this->line('8 x 10 in', [], 'regatta.jpg')->refresh();
        $tried = $this->postJson("/api/lines/{$line->id}/wish", ['text' => 'whole, thin black line, wobbly'])->assertOk();
        self::assertSame('whole', $tried->json('line.line.fit'));
        self::assertFalse($tried->json('isSure'));
        self::assertNull($tried->json('line.planHash'));
        self::assertArrayNotHasKey('fit', $line->fresh()->wanted ?? []);

        $done = $this->postJson("/api/orders/{$this->order->id}/wishes", [
            'text' => 'whole, thin black line',
            'lines' => self::seen($line),
        ]);
        self::assertSame('#000000', $done->assertOk()->json('lines.0.line.keyline.colour'));
        self::assertSame('whole', $line->fresh()->wanted['fit'] ?? null);
    }

    public function test_a_wish_that_cannot_be_leaves_its_line_and_does_the_others(): void
    {
        [$one, $two] = [$this->line('8 x 10 in', [], 'a.jpg')->refresh(), $this->line('5 x 7 in', [], 'b.jpg')->refresh()];
        $asked = self::seen($one, $two);
        $asked[0]['version']--;
        $done = $this->postJson("/api/orders/{$this->order->id}/wishes", ['text' => 'matte, whole', 'lines' => $asked])->assertOk();
        self::assertCount(1, (array) $done->json('missed'));
        self::assertArrayNotHasKey('fit', $one->fresh()->wanted ?? []);
        self::assertSame('whole', $two->fresh()->wanted['fit'] ?? null);
    }

    public function test_prints_are_said_to_share_a_sheet(): void
    {
        [$one, $two] = [$this->line('3 x 4 in', [], 'oars.jpg')->refresh(), $this->line('3 x 4 in', [], 'gulls.jpg')->refresh()];
        $said = fn (string $text, Line ...$lines): TestResponse => $this->postJson("/api/orders/{$this->order->id}/wishes", [
            'text' => $text,
            'lines' => self::seen(...$lines),
        ])->assertOk();
        $cells = fn (TestResponse $done): array => Line::query()->findOrFail((int) $done->json('gathered.line'))->wanted['sheet']['cells'];

        // Both at once: it is whole, and then it shares a sheet, in one act; what each was in between is told, so that all can be undone.
        $done = $said('on one sheet, whole', $one, $two);
        self::assertEqualsCanonicalizing([$one->id, $two->id], $done->json('gathered.instead'));
        self::assertSame(['whole', 'whole'], array_column($cells($done), 'fit'));
        self::assertSame([2, 2], array_column((array) $done->json('lines'), 'version'));
        self::assertTrue($one->fresh()?->trashed());

        // So many to a sheet: six prints of one picture, two to each; one that is wanted once is laid as often as the sheet has room for.
        [$six, $single] = [
            $this->line('3 x 4 in', ['copies' => 6], 'oars.jpg')->refresh(),
            $this->line('3 x 4 in', [], 'gulls.jpg')->refresh(),
        ];
        $done = $said('two to a sheet', $six);
        self::assertSame([2], array_column($cells($done), 'copies'));
        self::assertSame(3, Line::query()->findOrFail((int) $done->json('gathered.line'))->wanted['copies']);
        self::assertSame([], $done->json('missed'));
        self::assertSame([2], array_column($cells($said('two to a sheet', $single)), 'copies'));

        // What doesn't come out even is told.
        $odd = $this->line('3 x 4 in', ['copies' => 5], 'oars.jpg')->refresh();
        self::assertStringContainsString('5 prints don’t come out even', (string) $said('two to a sheet', $odd)->json('missed.0'));

        // While it is typed it is seen, and not done.
        $line = $this->line('3 x 4 in', ['copies' => 2], 'oars.jpg')->refresh();
        $tried = $this->postJson("/api/lines/{$line->id}/wish", ['text' => 'matte, two to a sheet'])->assertOk();
        self::assertSame([$line->id, $line->version], [$tried->json('line.id'), $tried->json('line.version')]);
        self::assertSame('shared-sheet', $tried->json('line.line.make'));
        self::assertFalse($line->fresh()?->trashed());

        // What can't share a sheet is told, and stays.
        $canvas = $this->line('8 x 10 in', ['make' => 'canvas'], 'oars.jpg')->refresh();
        $refused = ['text' => 'on one sheet', 'lines' => self::seen($canvas)];
        $this->postJson("/api/orders/{$this->order->id}/wishes", $refused)->assertUnprocessable();
        self::assertFalse($canvas->fresh()?->trashed());
        $tried = $this->postJson("/api/lines/{$canvas->id}/wish", ['text' => 'on one sheet'])->assertOk();
        self::assertStringContainsString('can be put on a sheet', (string) $tried->json('missed.0'), 'in words for somebody at a form');
    }

    public function test_many_lines_pass_at_once_and_those_that_are_stopped_do_not(): void
    {
        [$fine, $stopped] = [$this->line('4 x 6 in', [], 'a.jpg')->refresh(), $this->line('4 x 6 in', ['copies' => 0], 'b.jpg')->refresh()];
        $passed = $this->postJson("/api/orders/{$this->order->id}/pass", ['lines' => self::seen($fine, $stopped)])->assertOk();
        self::assertSame([$fine->id], array_column((array) $passed->json('lines'), 'id'));
        self::assertStringContainsString('can’t pass', (string) $passed->json('missed.0'));
        self::assertSame(LineState::Passed, $fine->fresh()?->state);
        self::assertSame(LineState::Open, $stopped->fresh()?->state);
    }
}
