<?php

declare(strict_types=1);

namespace App\Orders;

use App\Lines\KeptLineViews;
use App\Lines\MeasureOrder;
use App\Lines\OrderTitle;
use App\Models\MadeFile;
use App\Models\Order;
use App\Models\Parcel;
use App\Parcels\Contents;
use Illuminate\Support\Facades\DB;
use Planisher\Lab\Extra;
use Planisher\Lab\Product;
use Planisher\Measure\Figure;
use Planisher\State\FileState;
use Planisher\Words\Face;
use Planisher\Words\Style;

/** An order as the screens get it. */
final class OrderView
{
    public function __construct(private readonly KeptLineViews $lines) {}

    /** @return HeadOfOrderShape */
    public static function head(Order $order): array
    {
        return OrderTitle::of($order) + [
            'remark' => $order->remark,
            'remarkForLab' => $order->remark_for_lab,
            'isPutAway' => $order->put_away_at !== null,
            'version' => $order->version,
        ];
    }

    /** @return string the order sheet as JSON: its lines are kept so */
    public function sheet(Order $order): string
    {
        $lines = $this->lines->of($order);
        $lines->isAllMeasured || MeasureOrder::soon($order);
        $json = json_encode($this->withoutLines($order), JSON_THROW_ON_ERROR);

        return substr($json, 0, -strlen(']}')).implode(',', $lines->json).']}';
    }

    /** @return OrderSheetShape its lines are empty, and last */
    private function withoutLines(Order $order): array
    {
        $card = $order->lab->labCard();

        return self::head($order) + [
            'labCard' => [
                'name' => $card->name,
                'sizes' => array_map(fn ($size): array => ['size' => (string) $size, 'label' => $size->label()], $card->sizes),
                'ppi' => $card->resolution->typed(),
                'minimumPpi' => $card->minimumPpi,
                'colour' => $card->colour->value,
                'formats' => array_map(fn ($format): string => $format->value, $card->formats),
                'quality' => $card->quality,
                'bits' => $card->bits,
                'products' => array_map(
                    fn (Product $product): array => [
                        'name' => $product->name,
                        'largest' => $product->largestPiece?->label(),
                        'mounts' => self::extras($product->mounts, $card->currency),
                        'options' => self::extras($product->options, $card->currency),
                    ],
                    $card->products,
                ),
                'papers' => array_map(
                    fn ($paper): array => [
                        'name' => $paper->name,
                        'surface' => $paper->surface->value,
                        'profile' => $card->profiles->get($paper->profile)?->description,
                    ],
                    $card->papers,
                ),
                'takesPaperProfiles' => $card->takesPaperProfiles,
                'depth' => (string) $card->canvas->depth,
                'spare' => (string) $card->canvas->spare,
            ],
            'pictures' => self::pictures($order),
            'atLab' => (object) array_map(
                fn (Parcel $parcel): string => $parcel->handed_over_on === null ? $parcel->state->label() : 'handed over',
                Contents::away($order),
            ),
            'faces' => array_map(self::face(...), Face::cases()),
            'making' => MadeFile::query()
                ->whereIn('state', [FileState::Waiting, FileState::Making])
                ->whereIn('make_id', $order->makes()->pluck('id'))
                ->count(),
            'lines' => [],
        ];
    }

    /**
     * Its pictures as the shelf shows them. There may be thousands, so only what is shown of them is read.
     *
     * @return list<OrderPictureShape>
     */
    private static function pictures(Order $order): array
    {
        $uses = self::uses($order);
        $rows = $order
            ->pictures()
            ->toBase()
            ->join('pictures as its', 'its.id', '=', 'order_pictures.picture_id')
            ->get(['order_pictures.id', 'order_pictures.name', 'its.sha256', 'its.taken', 'its.width', 'its.height']);

        return array_values(
            array_map(
                fn (object $row): array => [
                    'id' => (int) $row->id,
                    'name' => $row->name,
                    'sha256' => $row->sha256,
                    'width' => (int) $row->width,
                    'height' => (int) $row->height,
                    'size' => Figure::pixels((int) $row->width, (int) $row->height),
                    'lines' => $uses[$row->id] ?? 0,
                    'taken' => $row->taken,
                ],
                $rows->all(),
            ),
        );
    }

    /** @return array<int, int> how many lines use a picture, by its id in the order */
    private static function uses(Order $order): array
    {
        return DB::table('line_pictures as at')
            ->join('lines', 'lines.id', '=', 'at.line_id')
            ->where('lines.order_id', $order->id)
            ->whereNull('lines.deleted_at')
            ->groupBy('at.order_picture_id')
            ->selectRaw('at.order_picture_id as its, count(distinct at.line_id) as many')
            ->pluck('many', 'its')
            ->all();
    }

    /**
     * @param  list<Extra>  $extras
     * @return list<array{name: string, price: ?string}>
     */
    private static function extras(array $extras, string $currency): array
    {
        return array_map(fn (Extra $of): array => ['name' => $of->name, 'price' => $of->cost($currency)?->label()], $extras);
    }

    /** @return FaceOfferedShape */
    private static function face(Face $face): array
    {
        return [
            'name' => $face->value,
            'label' => $face->label(),
            'folder' => $face->folder(),
            'styles' => array_map(fn (Style $style): string => $style->value, $face->styles()),
            'ascent' => $face->ascent(),
            'descent' => $face->descent(),
        ];
    }
}
