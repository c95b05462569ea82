<?php

declare(strict_types=1);

namespace Demo;

use App\History\History;
use App\Labs\ProfileStore;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Models\Client;
use App\Models\HouseFinish;
use App\Models\Lab;
use App\Models\Line;
use App\Models\Order;
use App\Models\OwnWord;
use App\Models\Studio;
use App\Models\User;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Planisher\Finding\Finding;
use Planisher\Finding\Severity;
use Planisher\Finish\LineReader;
use Planisher\House\Choices;
use Planisher\House\HouseFinishSpec as Finish;
use Planisher\OrderFile\JsonNode;
use Planisher\State\LineState;
use Symfony\Component\Process\Process;

/** A made-up coast: one studio, two labs, three clients, three orders. Sown once, into an empty Planisher. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'wren@halloway.example';

    public const PASSWORD = 'copper-and-paper';

    private const LABS = [
        'Larkmoor Print Lab' => [
            'sizes' => [
                '4 x 6 in',
                '5 x 7 in',
                '8 x 8 in',
                '8 x 10 in',
                '8 x 12 in',
                '11 x 14 in',
                '12 x 18 in',
                '16 x 20 in',
                '20 x 30 in',
                'A4',
            ],
            'ppi' => 300,
            'minimumPpi' => 100,
            'colour' => 'sRGB',
            'formats' => ['jpeg', 'tiff'],
            'quality' => 95,
            'papers' => [
                ['name' => 'Lustre', 'surface' => 'lustre', 'profile' => 'simulated-lustre.icc'],
                ['name' => 'Cotton rag', 'surface' => 'matte', 'profile' => 'simulated-matte.icc'],
            ],
            'largestPiece' => '40 x 60 in',
            'canvas' => ['depth' => '1.5 in'],
            'products' => [
                [
                    'name' => 'canvas',
                    'largestPiece' => '48 x 96 in',
                    'mounts' => [['name' => 'stretched on bars', 'price' => 18]],
                    'options' => [['name' => 'black float frame', 'price' => 42]],
                ],
                [
                    'name' => 'metal',
                    'largestPiece' => '30 x 40 in',
                    'sizes' => ['8 x 12 in', '12 x 18 in', '20 x 30 in'],
                    'mounts' => [['name' => 'hanging rail', 'price' => 9], ['name' => 'easel back', 'price' => 6.5]],
                    'options' => [['name' => 'rounded corners']],
                ],
            ],
            'prices' => [
                ['size' => '4 x 6 in', 'price' => 0.35],
                ['size' => '5 x 7 in', 'price' => 0.8],
                ['size' => '8 x 10 in', 'price' => 2.2],
                ['size' => '8 x 12 in', 'price' => 2.6],
                ['size' => '12 x 18 in', 'price' => 6.5],
                ['size' => '8 x 10 in', 'price' => 3.1, 'paper' => 'Cotton rag'],
            ],
            'maxBytes' => 200_000_000,
            'nameLength' => 60,
        ],
        'Copperbeck Colour' => [
            'sizes' => ['20 x 30 cm', '30 x 45 cm', '40 x 60 cm', '60 x 90 cm', '30 x 30 cm'],
            'ppi' => 240,
            'minimumPpi' => 120,
            'colour' => 'Adobe RGB (1998)',
            'formats' => ['tiff', 'jpeg'],
            'bits' => [8, 16],
            'largestPiece' => '120 x 240 cm',
            'bleed' => '3 mm',
            'canvas' => ['depth' => '2 cm'],
            'products' => [['name' => 'canvas', 'largestPiece' => '120 x 240 cm'], ['name' => 'metal', 'largestPiece' => '100 x 150 cm']],
            'maxBytes' => 500_000_000,
            'nameLength' => 48,
        ],
    ];

    private const STUDIO_MARKS = ['halloway-mark.png', 'fine-frame.png'];

    private const CLIENTS = ['Isholm Rowing Club', 'Brindle Pottery', 'Keepers of Tarn Light', 'Ottoline Marsh'];

    private const ORDERS = [
        [
            'client' => 'Isholm Rowing Club',
            'title' => 'Autumn set',
            'lab' => 'Larkmoor Print Lab',
            'ordered' => -3,
            'due' => 10,
            'pictures' => [
                'point-light.jpg',
                'dawn-boat.jpg',
                'high-dunes.jpg',
                'lone-tree.jpg',
                'long-shore.jpg',
                'old-gears.jpg',
                'kitchen-table.jpg',
                'dyed-wool.jpg',
                'beehives.jpg',
            ],
            'lines' => [
                ['4 x 6 in', 'dawn-boat.jpg', 12, 'pass', ['border' => '0.25 in']],
                ['8 x 12 in', 'high-dunes.jpg', 1, 'pass'],
                ['11 x 15 in', 'point-light.jpg', 1, null, ['window' => ['x' => 0.6, 'y' => 0.5, 'tight' => 1.06]]],
                ['8 x 10 in', 'kitchen-table.jpg', 2, 'pass'],
                ['16 x 20 in', 'beehives.jpg', 1, null],
                ['16 x 20 in', 'lone-tree.jpg', 1, null, ['fit' => 'whole', 'border' => '2 in', 'raise' => 'optical', 'keyline' => []]],
                ['8 x 8 in', 'dyed-wool.jpg', 1, 'pass'],
                ['8 x 10 in', 'old-gears.jpg', 3, null],
                ['5 x 7 in', null, 2, null],
            ],
        ],
        [
            'client' => 'Brindle Pottery',
            'title' => 'Winter fair',
            'lab' => 'Copperbeck Colour',
            'ordered' => -1,
            'due' => 17,
            'pictures' => ['glazed-bowls.jpg', 'glazed-bowls-16bit.tif', 'dyed-wool.jpg', 'kitchen-table.jpg'],
            'lines' => [
                ['40 x 60 cm', 'glazed-bowls.jpg', 2, 'pass'],
                ['20 x 30 cm', 'glazed-bowls-16bit.tif', 4, null, ['output' => ['bits' => 16]]],
                ['30 x 30 cm', 'dyed-wool.jpg', 1, null],
            ],
        ],
        [
            'client' => 'Keepers of Tarn Light',
            'title' => 'For the tower stairs',
            'lab' => 'Copperbeck Colour',
            'ordered' => 0,
            'due' => 24,
            'pictures' => ['point-light.jpg', 'long-shore.jpg', 'high-dunes.jpg', 'lone-tree.jpg'],
            'lines' => [
                [
                    '60 x 40 cm',
                    'point-light.jpg',
                    1,
                    null,
                    ['make' => 'canvas', 'canvas' => ['soften' => 0.3, 'darken' => ['strength' => 0.2]], 'output' => ['format' => 'jpeg']],
                ],
                [
                    '40 x 60 cm',
                    'high-dunes.jpg',
                    1,
                    null,
                    [
                        'make' => 'canvas',
                        'canvas' => ['depth' => '4 cm', 'spare' => '15 mm', 'edge' => 'runs-on'],
                        'output' => ['format' => 'jpeg'],
                    ],
                ],
                [
                    '180 x 120 cm',
                    'point-light.jpg',
                    1,
                    null,
                    [
                        'make' => 'panels',
                        'panels' => ['columns' => [1, 1, 1], 'gap' => '3 cm'],
                        'output' => ['ppi' => 100, 'format' => 'jpeg'],
                    ],
                ],
                [
                    '240 x 80 cm',
                    'long-shore.jpg',
                    1,
                    'pass',
                    [
                        'make' => 'panels',
                        'panels' => ['columns' => [1, 2, 1], 'gap' => '2 cm'],
                        'product' => 'metal',
                        'output' => ['ppi' => 100, 'format' => 'jpeg'],
                    ],
                ],
                [
                    '80 x 80 cm',
                    'lone-tree.jpg',
                    1,
                    null,
                    [
                        'make' => 'panels',
                        'panels' => ['columns' => [1, 1], 'rows' => [1, 1], 'gap' => '1 cm', 'behindGap' => 'drop'],
                        'output' => ['ppi' => 150, 'format' => 'jpeg'],
                    ],
                ],
            ],
        ],
        [
            'client' => 'Ottoline Marsh',
            'title' => 'Cards and small prints',
            'lab' => 'Larkmoor Print Lab',
            'ordered' => 0,
            'due' => 30,
            'pictures' => ['beehives.jpg', 'old-gears.jpg', 'kitchen-table.jpg', 'dyed-wool.jpg', 'lone-tree.jpg', 'dawn-boat.jpg'],
            'lines' => [
                [
                    '8 x 12 in',
                    null,
                    1,
                    null,
                    [
                        'make' => 'shared-sheet',
                        'sheet' => [
                            'gutter' => '3 mm',
                            'margin' => '5 mm',
                            'cutMarks' => true,
                            'cells' => [
                                ['picture' => 'beehives.jpg', 'size' => '4 x 6 in', 'border' => '0.25 in', 'paperColour' => '#e9e1d3'],
                                ['picture' => 'dawn-boat.jpg', 'size' => '3 x 4 in'],
                                ['picture' => 'old-gears.jpg', 'size' => '3 x 4 in'],
                                ['picture' => 'dyed-wool.jpg', 'size' => '2 x 3 in', 'copies' => 2, 'keyline' => []],
                            ],
                        ],
                    ],
                ],
                ['3 x 4 in', 'kitchen-table.jpg', 1, null],
                ['3 x 4 in', 'lone-tree.jpg', 1, null],
                ['2 x 3 in', 'beehives.jpg', 4, null],
            ],
        ],
    ];

    /** What is marked in the pictures: name, label, x, y, width, height in fractions. */
    private const MARKS = [
        'point-light.jpg' => [['the light', 0.515, 0.175, 0.19, 0.42]],
        'dawn-boat.jpg' => [['boat and post', 0.19, 0.51, 0.62, 0.41]],
    ];

    private const FINISHES = [
        'Canvas, quiet edge' => [
            'make' => 'canvas',
            'canvas' => ['soften' => 0.4, 'darken' => ['strength' => 0.25]],
            'choices' => ['make'],
        ],
        'Wallet page' => [
            'make' => 'shared-sheet',
            'size' => '8 x 10 in',
            'sheet' => ['cells' => [['size' => '2.5 x 3.5 in', 'copies' => 8]]],
            'choices' => ['make', 'size'],
        ],
        'Triptych, wide middle' => ['make' => 'panels', 'panels' => ['columns' => [1, 2, 1], 'gap' => '1 in'], 'choices' => ['make']],
        'Whole, room to mat over' => [
            'fit' => 'whole',
            'border' => '1.5 in',
            'raise' => 'optical',
            'choices' => ['fit', 'border', 'raise', 'image'],
        ],
        'White border, fine line' => ['border' => '0.25 in', 'keyline' => [], 'choices' => ['border', 'keyline']],
        'Warm card' => [
            'border' => ['top' => '1 in', 'right' => '1 in', 'bottom' => '1.5 in', 'left' => '1 in'],
            'paperColour' => '#e9e1d3',
            'choices' => ['border'],
        ],
        'Proof, with our mark' => [
            'border' => ['top' => '0.25 in', 'right' => '0.25 in', 'bottom' => '0.5 in', 'left' => '0.25 in'],
            'caption' => ['parts' => ['exposure', 'file', ['text' => 'Proof only']]],
            'overlays' => [['picture' => 'halloway-mark.png', 'where' => 'bottom-right', 'width' => '28 %', 'strength' => 0.7]],
            'choices' => ['border', 'caption', 'overlays'],
        ],
        'TIFF for hanging' => [
            'output' => ['format' => 'tiff', 'ppi' => 240],
            'frameCover' => '8 mm',
            'choices' => ['file', 'ppi', 'frame'],
        ],
    ];

    /** What lies in the pictures folder: below which folder, which picture, how it is rated. */
    private const IN_FOLDER = [
        ['', 'point-light.jpg', 5],
        ['', 'dawn-boat.jpg', 4],
        ['', 'high-dunes.jpg', 0],
        ['', 'lone-tree.jpg', 3],
        ['', 'long-shore.jpg', 0],
        ['', 'glazed-bowls.jpg', 4],
        ['', 'dyed-wool.jpg', 0],
        ['winter-fair/', 'old-gears.jpg', 2],
        ['winter-fair/', 'kitchen-table.jpg', 5],
        ['winter-fair/', 'beehives.jpg', 0],
    ];

    /**
     * The simulated lab that is started with the demo takes parcels for one of the labs; to the other they are handed over by hand.
     *
     * @return array<string, string>
     */
    private static function service(string $lab): array
    {
        ['url' => $url, 'key' => $key] = config('planisher.labsim');

        return $lab === 'Larkmoor Print Lab' && $url !== null && $key !== null ? ['service_url' => $url, 'service_key' => $key] : [];
    }

    public function run(): void
    {
        if (User::query()->exists()) {
            return;
        }
        $folder = storage_path('framework/demo-'.getmypid());
        File::ensureDirectoryExists($folder);
        try {
            $pictures = (new DemoPictures($folder))->make();
            foreach (self::LABS as $name => $card) {
                $lab = Lab::query()->create(['name' => $name, 'card' => ['name' => $name] + $card] + self::service($name));
                foreach ($card['papers'] ?? [] as ['profile' => $file]) {
                    app(ProfileStore::class)->take($lab, __DIR__."/profiles/{$file}", $file);
                }
            }
            foreach (self::STUDIO_MARKS as $file) {
                app(MarkStore::class)->take(__DIR__."/marks/{$file}", $file);
            }
            foreach (self::CLIENTS as $name) {
                Client::query()->create(['name' => $name]);
            }
            foreach (self::ORDERS as $order) {
                $this->order($order, $pictures);
            }
            foreach (self::FINISHES as $name => $wanted) {
                $this->finish($name, $wanted);
            }
            OwnWord::query()->create(['words' => 'minis', 'means' => '4 x 6 in, whole']);
            self::folder($pictures);
        } finally {
            File::deleteDirectory($folder);
        }
        $in = dirname(storage_path()).'/pictures-folder'; // laid ready by bin/planisher, beside what is the application's own
        Studio::query()->create([
            'name' => 'Wren Halloway’s studio',
            'unit' => 'in',
            'pictures_folder' => is_dir($in) && is_writable($in) ? $in : null,
        ]);
        // last: marks the demo as sown
        User::query()->create(['name' => 'Wren Halloway', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
    }

    /**
     * A folder of pictures as a studio has one, some of them rated: in the file, or beside it.
     *
     * @param  array<string, string>  $pictures  paths by name
     */
    private static function folder(array $pictures): void
    {
        $folder = dirname(storage_path()).'/pictures-folder';
        if (! is_dir($folder) || ! is_writable($folder)) {
            return;
        }
        foreach (self::IN_FOLDER as $n => [$below, $name, $rating]) {
            File::ensureDirectoryExists("{$folder}/{$below}");
            $path = "{$folder}/{$below}{$name}";
            copy($pictures[$name], $path);
            $taken = Carbon::today()
                ->subDays(9)
                ->setTime(7, 12)
                ->addMinutes(17 * $n);
            (new Process([
                'exiftool',
                '-q',
                '-overwrite_original',
                '-DateTimeOriginal='.$taken->format('Y:m:d H:i:s'),
                $path,
            ]))->mustRun();
            touch($path, (int) $taken->addDays(2)->timestamp);
            if ($rating > 0) {
                $xmp =
                    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">'.
                    '<rdf:Description xmlns:xmp="http://ns.adobe.com/xap/1.0/" xmp:Rating="'.
                    $rating.
                    '"/></rdf:RDF></x:xmpmeta>';
                file_put_contents("{$folder}/{$below}".pathinfo($name, PATHINFO_FILENAME).'.xmp', $xmp);
            }
        }
    }

    /**
     * @param  array<string, mixed>  $wanted
     * @param  array<string, string>  $pictures
     */
    private function order(array $wanted, array $pictures): void
    {
        $day = Carbon::today()->addDays($wanted['ordered']);
        $order = Order::query()->create([
            'number' => Order::nextNumber($day),
            'title' => $wanted['title'],
            'client_id' => Client::query()->where('name', $wanted['client'])->firstOrFail()->id,
            'lab_id' => Lab::query()->where('name', $wanted['lab'])->firstOrFail()->id,
            'ordered_on' => $day,
            'due_on' => Carbon::today()->addDays($wanted['due']),
        ]);
        $taken = [];
        foreach ($wanted['pictures'] as $name) {
            $taken[$name] = app(PictureStore::class)->take($order, $pictures[$name], $name);
        }
        foreach (array_intersect_key(self::MARKS, $taken) as $name => $areas) {
            $taken[$name]->picture->update([
                'must_stay_in' => array_map(
                    fn (array $a): array => ['label' => $a[0], 'x' => $a[1], 'y' => $a[2], 'width' => $a[3], 'height' => $a[4]],
                    $areas,
                ),
            ]);
        }
        foreach ($wanted['lines'] as $line) {
            [$size, $picture, $copies, $pass] = $line;
            $wanted = ['size' => $size, 'copies' => $copies] + ($picture === null ? [] : ['picture' => $picture]) + ($line[4] ?? []);
            $added = app(LineChanger::class)->add($order, $wanted);
            $added->update(['state' => $pass === null ? LineState::Open : LineState::Passed]);
        }
        $worked = app(Computation::class)->order($order->fresh() ?? $order);
        foreach ($order->lines()->where('state', LineState::Passed)->get() as $line) {
            $looks = array_filter($worked->of($line)->findings, fn (Finding $finding): bool => $finding->level === Severity::Warning);
            $line->update(['passed_with' => array_map(fn (Finding $finding): array => $finding->toArray(), array_values($looks))]);
        }
        $order->events()->delete();
        History::note($order->id, 'opened the order', who: 'Wren Halloway');
    }

    /** @param  array<string, mixed>  $wanted  a line's choices, and which of them are kept */
    private function finish(string $name, array $wanted): void
    {
        $line = LineReader::read(JsonNode::root(['size' => '8 x 10 in'] + array_diff_key($wanted, ['choices' => true])));
        HouseFinish::query()->create([
            'name' => $name,
            'finish' => Finish::from($line, array_values(array_filter(array_map(Choices::named(...), $wanted['choices']))))->toArray(),
        ]);
    }
}
