<?php

declare(strict_types=1);

namespace App\Orders;

use App\Files\UploadName;
use App\History\History;
use App\Labs\CardStore;
use App\Labs\ProfileStore;
use App\Lines\LineChanger;
use App\Models\Client;
use App\Models\Lab;
use App\Models\Order;
use App\Models\OrderPicture;
use App\Models\StudioMark;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Planisher\Finish\LinePictures;
use Planisher\Imaging\Files\Checksum;
use Planisher\Lab\LabCard;
use Planisher\Lab\Paper;
use Planisher\Line\LineSpec as WantedLine;
use Planisher\Order\OrderSpec as ToldOrder;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderFileErrors;
use Planisher\Overlay\MarksNamed;
use Planisher\Picture\PictureRefused;

/** Takes an order in from its ZIP. All of it comes in, or nothing does. */
final class OrderImport
{
    private const MOST_BYTES = 20_000_000_000;

    private const MOST_JSON = 20_000_000;

    private const DEEPEST_JSON = 32;

    private const MOST_VALUES = 400_000;

    private const MOST_TOLD = 3;

    public function __construct(
        private readonly PictureStore $pictures,
        private readonly MarkStore $marks,
        private readonly ProfileStore $profiles,
        private readonly LineChanger $changer,
    ) {}

    /** @throws ImportRefused with all that is wrong with it */
    public function take(string $path): Order
    {
        $zip = new \ZipArchive();
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw ImportRefused::noZip();
        }
        $folder = storage_path('app/incoming/order-'.bin2hex(random_bytes(8)));
        File::ensureDirectoryExists($folder);
        try {
            $order = self::order($zip);
            $files = self::unpacked($zip, $order, $folder);

            return DB::transaction(fn (): Order => $this->keep($order, $files));
        } finally {
            $zip->close();
            File::deleteDirectory($folder);
        }
    }

    private static function order(\ZipArchive $zip): ToldOrder
    {
        $stat = $zip->statName(OrderFile::JSON);
        if ($stat === false || $stat['size'] > self::MOST_JSON) {
            throw ImportRefused::without(OrderFile::JSON);
        }
        $text = (string) $zip->getFromName(OrderFile::JSON, $stat['size'] + 1); // what it says of its size may be wrong
        if (strlen($text) !== $stat['size'] || ! JsonText::isWithin($text, self::DEEPEST_JSON, self::MOST_VALUES)) {
            throw ImportRefused::withTooMuch(OrderFile::JSON);
        }
        try {
            $decoded = JsonText::decode($text);
            $newer = ToldOrder::newer($decoded);
            if ($newer !== null) {
                throw ImportRefused::ofNewerVersion($newer);
            }

            return ToldOrder::read($decoded);
        } catch (OrderFileError|OrderFileErrors $e) {
            $errors =
                $e instanceof OrderFileErrors
                    ? array_map(fn (OrderFileError $one): string => $one->getMessage(), $e->errors)
                    : [$e->getMessage()];
            throw ImportRefused::unreadable(OrderFile::JSON, self::few($errors));
        }
    }

    /**
     * What is wrong, the first few of it.
     *
     * @param  list<string>  $wrong
     */
    private static function few(array $wrong): string
    {
        $more = count($wrong) - self::MOST_TOLD;

        return implode('; ', array_slice($wrong, 0, self::MOST_TOLD)).($more > 0 ? "; and {$more} more" : '');
    }

    /** @return list<string> the studio's marks that its lines name */
    private static function marks(ToldOrder $order): array
    {
        return MarksNamed::in(array_values(array_map(fn (WantedLine $line): array => $line->toArray(), $order->lines)));
    }

    /** @return list<string> the profiles that its lab's papers or its lines name; where it was exported one may not have been at hand */
    private static function profiles(ToldOrder $order): array
    {
        $named = [
            ...array_map(fn (Paper $paper): ?string => $paper->profile, $order->lab->papers),
            ...array_map(fn (WantedLine $line): ?string => $line->output->profile, array_values($order->lines)),
        ];

        return array_values(array_unique(array_filter($named, fn (?string $file): bool => $file !== null)));
    }

    /**
     * What the order names, unpacked under numbers and not under names of a stranger's.
     *
     * @return array<string, string> paths by name
     */
    private static function unpacked(\ZipArchive $zip, ToldOrder $order, string $folder): array
    {
        $named = [];
        foreach ($order->lines as $line) {
            $named = [...$named, ...array_filter($line->pictures())];
        }
        $pictures = array_unique([...$named, ...array_keys($order->sums)]);
        $profiles = self::profiles($order);
        [$files, $wrong, $bytes] = [[], [], 0];
        foreach (array_values(array_unique([...$pictures, ...self::marks($order), ...$profiles])) as $i => $name) {
            if (str_contains($name, "\0")) {
                throw ImportRefused::pictureWithoutFileName();
            }
            $in = OrderFile::FOLDER."/{$name}";
            $stat = $zip->statName($in);
            $bytes += $stat['size'] ?? 0;
            if ($bytes > self::MOST_BYTES) {
                throw ImportRefused::tooLarge();
            }
            if (2 * $bytes > (int) disk_free_space($folder)) {
                throw ImportRefused::noRoom();
            }
            if ($stat === false && in_array($name, $profiles, true)) {
                continue;
            }
            $stream = $stat === false ? false : $zip->getStream($in);
            if ($stream === false) {
                $wrong[] = "“{$name}” is missing";

                continue;
            }
            $files[$name] = "{$folder}/{$i}";
            $unpacked = self::copied($stream, $files[$name], $stat['size'] + 1);
            if ($unpacked > $stat['size']) {
                throw ImportRefused::largerThanSaid($name);
            }
            if ($unpacked !== $stat['size']) {
                throw ImportRefused::notUnpacked($name);
            }
            $sum = $order->sums[$name] ?? null;
            if ($sum !== null && Checksum::of($files[$name]) !== $sum) {
                $wrong[] = "“{$name}” isn’t the picture that the order names by its checksum";
            }
        }
        if ($wrong !== []) {
            throw ImportRefused::wrongPictures(self::few($wrong));
        }

        return $files;
    }

    /**
     * @param  resource  $stream
     * @return ?int bytes that are there now; null where they can't be written
     */
    private static function copied($stream, string $to, int $most): ?int
    {
        $out = @fopen($to, 'w');
        $copied = $out === false ? false : @stream_copy_to_stream($stream, $out, $most);
        $isClosed = $out !== false && fclose($out);

        return $copied === false || ! $isClosed ? null : $copied;
    }

    /**
     * The names of its pictures as they are taken: a name is no path, whoever wrote it.
     *
     * @param  list<string>  $names
     * @return array<string, string> by their names in the order
     */
    private static function cleaned(array $names): array
    {
        $cleaned = array_combine($names, array_map(UploadName::ofPicture(...), $names));
        foreach (array_count_values($cleaned) as $name => $count) {
            $count === 1 || throw ImportRefused::oneNameTwice($name);
        }

        return $cleaned;
    }

    /** @param  array<string, string>  $files  paths by name */
    private function keep(ToldOrder $order, array $files): Order
    {
        $made = Order::query()->create([
            'number' => $order->head->number,
            'title' => $order->head->title,
            'client_id' => Client::query()->firstOrCreate(['name' => $order->head->client])->id,
            'lab_id' => $this->lab($order, $files)->id,
            'ordered_on' => $order->head->date,
            'due_on' => $order->head->due,
            'remark' => $order->head->remark->own,
            'remark_for_lab' => $order->head->remark->lab,
        ]);
        foreach (self::marks($order) as $name) {
            $held = StudioMark::query()->where('name', $name)->value('sha256');
            if ($held !== null && $held !== Checksum::of($files[$name])) {
                throw ImportRefused::markNameTaken($name);
            }
            $held === null && self::named($name, fn () => $this->marks->take($files[$name], $name));
        }
        $pictures = array_diff_key($files, array_flip([...self::marks($order), ...self::profiles($order)]));
        $called = self::cleaned(array_map(strval(...), array_keys($pictures)));
        foreach ($pictures as $name => $path) {
            $picture = self::named($name, fn (): OrderPicture => $this->pictures->take($made, $path, $called[$name]));
            if ($picture->name !== $called[$name]) {
                throw ImportRefused::onePictureTwice($name, $picture->name);
            }
            $marked = $order->mustStayIn[$name] ?? [];
            if ($marked !== [] && $picture->picture->areas() === []) {
                $picture->picture->update(['must_stay_in' => array_map(fn ($area): array => $area->toArray(), $marked)]);
            }
        }
        $this->lines($made, $order, $called);
        $made->events()->delete();
        History::note($made->id, 'brought it in from an order file');

        return $made;
    }

    /**
     * Its lines, under the numbers that they have there.
     *
     * @param  array<string, string>  $called  its pictures' names here by their names there
     */
    private function lines(Order $made, ToldOrder $order, array $called): void
    {
        $lines = [];
        foreach ($order->lines as $number => $line) {
            $names = array_map(fn (?string $name): ?string => $name === null ? null : $called[$name] ?? $name, $line->pictures());
            $wanted = LinePictures::put($line->toArray(), array_filter($names, is_string(...)));
            $lines[$number] = $this->changer->add($made, $wanted, $number);
        }
        foreach ($lines as $number => $line) {
            [$remark, $apart] = [$order->remarks[$number], $order->apart[$number]];
            $line->update([
                'remark' => $remark->own,
                'remark_for_lab' => $remark->lab,
                'apart' => $apart->word,
                'test_of' => $apart->testOf === null ? null : $lines[$apart->testOf]->id,
            ]);
        }
    }

    /**
     * The lab of the order: one with the same card, whatever it is called here, else a new one.
     *
     * @param  array<string, string>  $files
     */
    private function lab(ToldOrder $order, array $files): Lab
    {
        $profiles = array_values(array_filter(self::profiles($order), fn (string $file): bool => isset($files[$file])));
        $sums = array_map(fn (string $file): string => Checksum::of($files[$file]), array_combine($profiles, $profiles));
        $unnamed = fn (LabCard $card): array => ['name' => ''] + $card->toArray();
        foreach (Lab::query()->with('profiles')->get() as $lab) {
            $held = array_intersect_key($lab->profiles->pluck('sha256', 'file')->all(), $sums);
            if ($unnamed($lab->labCard()) == $unnamed($order->lab) && $held == $sums) {
                return $lab;
            }
        }
        $lab = CardStore::add($order->lab->toArray());
        foreach ($profiles as $file) {
            self::named($file, fn () => $this->profiles->take($lab, $files[$file], $file));
        }

        return $lab;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $take
     * @return T
     *
     * @throws ImportRefused that says which file was refused
     */
    private static function named(string $name, callable $take): mixed
    {
        try {
            return $take();
        } catch (PictureRefused $e) {
            throw ImportRefused::notTaken($name, $e);
        }
    }
}
