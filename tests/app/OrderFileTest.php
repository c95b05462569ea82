<?php

declare(strict_types=1);

namespace Tests\app;

use App\Labs\ProfileStore;
use App\Models\Client;
use App\Models\Lab;
use App\Models\Line;
use App\Models\MadeFile;
use App\Models\Order;
use App\Models\Picture;
use App\Models\User;
use Demo\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Testing\TestResponse;
use Opis\JsonSchema\Validator;
use Planisher\State\FileState;
use Planisher\State\LineState;

/** An order out as an order file with its pictures, and in again to the same files. */
final class OrderFileTest extends TestCase
{
    private function export(Order $order): string
    {
        $answer = $this->get("/api/orders/{$order->id}/export")->assertOk();
        $below = substr((string) $answer->headers->get('X-Accel-Redirect'), strlen('/_private/'));

        return storage_path('app/'.rawurldecode($below));
    }

    private function import(string $zip): TestResponse
    {
        return $this->post(
            '/api/orders/import',
            ['order' => new UploadedFile($zip, 'order.zip', test: true)],
            ['Accept' => 'application/json'],
        );
    }

    /** @param  callable(array<string, mixed>, \ZipArchive): array<string, mixed>  $change */
    private function altered(string $zip, callable $change): string
    {
        $to = storage_path('app/uploads/'.bin2hex(random_bytes(4)).'.zip');
        copy($zip, $to);
        $archive = new \ZipArchive();
        $archive->open($to);
        $told = $change((array) json_decode((string) $archive->getFromName('order.json'), true), $archive);
        $archive->addFromString('order.json', (string) json_encode($told));
        $archive->close();

        return $to;
    }

    /** @return array<string, string> sums by name */
    private function made(Order $order): array
    {
        Line::query()
            ->where('order_id', $order->id)
            ->update(['state' => LineState::Passed]);
        $this->postJson("/api/orders/{$order->id}/make")->assertCreated();

        return MadeFile::query()
            ->whereIn('make_id', $order->makes()->pluck('id'))
            ->where('state', FileState::Made)
            ->pluck('sha256', 'name')
            ->sortKeys()
            ->all();
    }

    public function test_every_demo_order_comes_in_again_to_the_same_bytes_and_the_command_makes_them_too(): void
    {
        Order::query()->forceDelete();
        Lab::query()->delete();
        Client::query()->delete();
        User::query()->delete();
        (new DemoSeeder())->run();
        // Three times the same at a tenth of the pixels; all of them: tests/imaging/GoldenTest.
        Lab::query()->get()->each(fn (Lab $lab) => $lab->update(['card' => ['ppi' => 90] + $lab->card]));
        $this->actingAs(User::query()->firstOrFail());
        $schema = 'https://planisher.example/order.schema.json';
        $validator = new Validator();
        $validator->resolver()?->registerFile($schema, __DIR__.'/../../core/OrderFile/order.schema.json');
        $pictures = Picture::query()->count();
        foreach (Order::query()->get() as $order) {
            $zip = $this->export($order);
            $folder = storage_path('app/uploads/out-'.$order->id);
            $archive = new \ZipArchive();
            $archive->open($zip);
            $archive->extractTo($folder);
            self::assertTrue($validator->validate(json_decode((string) file_get_contents("{$folder}/order.json")), $schema)->isValid());
            $in = Order::query()->findOrFail((int) $this->import($zip)->assertCreated()->json('id'));
            self::assertSame($order->lab_id, $in->lab_id, 'the lab is the one that is there');
            [$first, $again] = [$this->made($order->refresh()), $this->made($in)];
            self::assertNotSame([], $first);
            self::assertSame($first, $again);
            exec(
                PHP_BINARY.
                    ' -d ffi.enable=1 '.
                    base_path('bin/make.php').
                    " {$folder}/order.json --pictures {$folder}/pictures --out {$folder}/made 2>/dev/null",
                $said,
            );
            foreach ($first as $name => $sum) {
                self::assertSame($sum, hash_file('sha256', "{$folder}/made/{$name}"), $name);
            }
            File::deleteDirectory($folder);
        }
        self::assertSame($pictures, Picture::query()->count(), 'no picture is kept twice');
    }

    public function test_into_another_studio_with_lab_profile_remarks_and_marks(): void
    {
        $line = $this->line();
        $gone = $this->line(picture: 'slipway.jpg');
        $this->line('8 x 10 in', ['paper' => 'Rag'], 'oars.jpg');
        // a profile that no paper has, named by a line
        app(ProfileStore::class)->take($this->order->lab, __DIR__.'/../../demo/profiles/simulated-matte.icc', 'rag.icc');
        $this->putJson("/api/labs/{$this->order->lab_id}", ['version' => 1, 'texts' => ['takesPaperProfiles' => 'yes']])->assertOk();
        $this->change($line, ['output' => ['colour' => 'rag.icc']])->assertOk();
        $this->deleteJson("/api/lines/{$gone->id}", ['version' => $gone->fresh()?->version])->assertNoContent();
        $this->putJson("/api/lines/{$line->id}/remark", [
            'version' => $line->fresh()?->version,
            'remark' => 'ring first',
            'remarkForLab' => 'no gloss',
        ])->assertOk();
        $this->patchJson("/api/orders/{$this->order->id}", ['title' => 'Autumn set', 'remarkForLab' => 'by Friday'])->assertOk();
        $told = fn (int $id, string $key): array => array_column(
            $this->getJson("/api/orders/{$id}")
                ->assertOk()
                ->json('lines'),
            $key,
        );
        [$names, $hashes] = [$told($this->order->id, 'fileName'), $told($this->order->id, 'planHash')];
        $zip = $this->export($this->order->refresh());
        Order::query()->forceDelete();
        Lab::query()->delete();
        $id = $this->import($zip)->assertCreated()->json('id');
        $sheet = $this->getJson("/api/orders/{$id}")->assertOk();
        self::assertSame($names, array_column($sheet->json('lines'), 'fileName'));
        self::assertSame($hashes, $told((int) $id, 'planHash'), 'the same pixels, in the same colours');
        self::assertSame([1, 3], array_column($sheet->json('lines'), 'number'), 'numbers stay as they were');
        self::assertSame(['ring first', 'no gloss'], [$sheet->json('lines.0.remark'), $sheet->json('lines.0.remarkForLab')]);
        self::assertSame(
            ['2611-01', 'Autumn set', 'by Friday', '2026-12-04'],
            array_map(fn (string $key): mixed => $sheet->json($key), ['number', 'title', 'remarkForLab', 'dueOn']),
        );
    }

    public function test_what_is_kept_apart_stays_apart(): void
    {
        $line = $this->line();
        $this->postJson("/api/lines/{$line->id}/reprint")->assertCreated();
        $this->postJson("/api/lines/{$line->id}/test-strip", [
            'settings' => [['open' => 0], ['open' => 0.4], ['open' => 0.8]],
        ])->assertCreated();
        $told = fn (int $id): array => array_map(
            fn (array $of): array => [$of['number'], $of['apart'], $of['fileName']],
            (array) $this->getJson("/api/orders/{$id}")->json('lines'),
        );
        $before = $told($this->order->id);
        self::assertSame([null, 'reprint-1', 'test'], array_column($before, 1));
        $zip = $this->export($this->order->refresh());
        Order::query()->forceDelete();
        $order = Order::query()->findOrFail((int) $this->import($zip)->assertCreated()->json('id'));
        self::assertSame($before, $told($order->id));
        [$first, , $strip] = $order->lines->all();
        self::assertSame($first->id, $strip->test_of, 'the strip is of the line as it is here');
        $this->made($order);
        self::assertSame([null, 'reprint-1', 'test'], $order->makes()->orderBy('apart')->pluck('apart')->all());
        $wrong = $this->import(
            $this->altered($zip, fn (array $of): array => array_replace_recursive($of, ['lines' => [2 => ['testOf' => 9]]])),
        );
        self::assertStringContainsString('lines[2].testOf', (string) $wrong->assertUnprocessable()->json('message'));
    }

    public function test_what_is_refused_is_told_and_nothing_comes_in(): void
    {
        $this->line();
        $zip = $this->export($this->order);
        $orders = Order::query()->count();
        $cases = [
            'missing' => [
                $this->altered($zip, function (array $told, \ZipArchive $in): array {
                    $in->deleteName('pictures/dawn-boat.jpg');

                    return $told;
                }),
                '“dawn-boat.jpg” is missing',
            ],
            'another picture' => [
                $this->altered($zip, function (array $told, \ZipArchive $in): array {
                    $in->addFromString('pictures/dawn-boat.jpg', self::pictureBytes(blue: 7));

                    return $told;
                }),
                'isn’t the picture that the order names by its checksum',
            ],
            'newer' => [$this->altered($zip, fn (array $told): array => ['planisher' => 2] + $told), 'newer Planisher'],
            'wrong' => [
                $this->altered($zip, function (array $told): array {
                    $told['lines'][0]['size'] = '8 x jumbo';

                    return $told;
                }),
                'lines[0].size',
            ],
        ];
        $path = storage_path('app/uploads/none.zip');
        file_put_contents($path, 'hello');
        $cases['no ZIP'] = [$path, 'It is no ZIP'];
        $half = storage_path('app/uploads/half.zip');
        file_put_contents($half, substr((string) file_get_contents($zip), 0, 5000));
        $cases['cut off'] = [$half, 'It is no ZIP'];
        foreach ($cases as [$file, $says]) {
            self::assertStringContainsString($says, $this->import($file)->assertUnprocessable()->json('message'));
        }
        self::assertSame($orders, Order::query()->count());
        self::assertSame([], glob(storage_path('app/incoming/order-*')));
    }

    /** What a ZIP says of a member's size is what somebody wrote there (PKWARE APPNOTE 6.3.10, 4.3.12: uncompressed size). */
    public function test_a_zip_that_lies_about_a_size_is_refused_while_it_is_unpacked(): void
    {
        $this->line();
        $zip = $this->altered($this->export($this->order), function (array $told, \ZipArchive $in): array {
            $in->addFromString('pictures/dawn-boat.jpg', str_repeat("\0", 60_000_000));
            unset($told['pictures'][0]['sha256']);

            return $told;
        });
        $bytes = (string) file_get_contents($zip);
        foreach (["PK\x03\x04" => 22, "PK\x01\x02" => 24] as $signature => $size) {
            for ($at = strpos($bytes, $signature); $at !== false; $at = strpos($bytes, $signature, $at + 4)) {
                if (substr($bytes, $at + $size, 4) === pack('V', 60_000_000)) {
                    $bytes = substr_replace($bytes, pack('V', 1000), $at + $size, 4);
                }
            }
        }
        file_put_contents($zip, $bytes);
        $before = memory_get_peak_usage();
        self::assertMatchesRegularExpression(
            '/“dawn-boat.jpg” (is larger than the ZIP says|couldn’t be unpacked)/',
            $this->import($zip)->assertUnprocessable()->json('message'),
        );
        self::assertLessThan(20_000_000, memory_get_peak_usage() - $before);
        self::assertSame([], glob(storage_path('app/incoming/order-*')));
    }

    /** A picture's name is no path, on its way in and out. */
    public function test_names_that_are_paths_come_in_as_names(): void
    {
        $this->line();
        $renamed = fn (string $name): string => $this->altered($this->export($this->order), function (array $told, \ZipArchive $in) use (
            $name,
        ): array {
            $bytes = (string) $in->getFromName('pictures/dawn-boat.jpg');
            $in->deleteName('pictures/dawn-boat.jpg');
            str_contains($name, "\0") || $in->addFromString("pictures/{$name}", $bytes);
            $told['lines'][0]['picture'] = $name;
            $told['pictures'] = [];

            return $told;
        });
        $order = Order::query()->findOrFail((int) $this->import($renamed('../../../../etc/passwd'))->assertCreated()->json('id'));
        self::assertSame(['passwd'], $order->pictures->pluck('name')->all());
        self::assertSame('passwd', $this->getJson("/api/orders/{$order->id}")->json('lines.0.line.picture'));
        $this->import($renamed("a\0b.jpg"))->assertUnprocessable();
        // One that came in before names were cleaned doesn't go out again.
        $order->pictures[0]?->update(['name' => '../../../../etc/passwd']);
        self::assertStringContainsString(
            'no name that a file can have',
            $this->getJson("/api/orders/{$order->id}/export")
                ->assertUnprocessable()
                ->json('message'),
        );
    }
}
