<?php

declare(strict_types=1);

namespace App\Lists;

use App\Models\Order;
use App\Models\OrderPicture;
use App\Pictures\PictureStore;
use App\Studio\Desks;
use Illuminate\Database\Eloquent\Collection;
use Planisher\Description\Ordered;
use Planisher\Finish\LineReader;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\OrderFileError;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Reading\ReadLine;
use Planisher\Reading\ReadList;
use Planisher\Reading\ReadPrint;

/** A list as it was read, as the screens get it: its words beside what they were read as, in our own words. */
final readonly class ListView
{
    public function __construct(private PictureStore $pictures, private Desks $desks) {}

    /** @return ListReadShape */
    public function of(Order $order, ReadList $list): array
    {
        $prints = array_merge(...array_map(fn (ReadLine $line): array => $line->prints, $list->lines), ...[[]]);
        $tell = $this->teller($order, array_map(fn (ReadPrint $print): array => $print->wanted, $prints));

        return [
            'lines' => array_map(
                fn (ReadLine $line): array => [
                    'number' => $line->number,
                    'isSure' => $line->isSure(),
                    'speaksOf' => $line->speaksOf,
                    'parts' => $line->parts(),
                    'prints' => array_map(
                        fn (ReadPrint $print): array => [
                            'wanted' => (object) $print->wanted,
                            'remark' => $print->remark,
                            'isSure' => $print->isSure,
                            'isWhole' => $print->isWhole,
                            ...$print->isWhole ? $tell($print->wanted) : ['said' => null, 'kind' => null],
                        ],
                        $line->prints,
                    ),
                ],
                $list->lines,
            ),
        ];
    }

    /**
     * @param  list<LineForm>  $kinds
     * @return list<string> how each is made, of whatever picture
     */
    public function kinds(Order $order, array $kinds): array
    {
        $told = array_map($this->teller($order, $kinds), $kinds);

        return array_map(fn (array $one): string => $one['kind'] ?? $one['said'], $told);
    }

    /**
     * @param  list<LineForm>  $all  lines that are told, for the pictures that they name
     * @return \Closure(LineForm): array{said: string, kind: ?string} what is told of one, and of it without its picture
     */
    private function teller(Order $order, array $all): \Closure
    {
        $order->loadMissing(['client', 'lab.profiles']);
        $pictures = $this->named($order, $all);
        $card = $order->lab->labCard();
        $orderContext = $this->desks->naming($order, $all);
        $head = $order->head();
        $facts = [];
        $known = function (?string $name) use ($pictures, &$facts): PictureFacts|PictureTrouble {
            $picture = $pictures[$name ?? ''] ?? null;

            return $picture === null ? PictureTrouble::none() : ($facts[$picture->id] ??= $this->pictures->known($picture));
        };

        return function (array $wanted) use ($card, $orderContext, $head, $known): array {
            try {
                $line = LineReader::read(JsonNode::root($wanted));
                $name = NameBook::names($head, $card, [1 => $line])[1];
                $pictures = array_map($known, array_values($line->pictures()));
                $told = Ordered::of(WorkedLine::context($line, $pictures, $card, $name, orderContext: $orderContext));
            } catch (OrderFileError $e) {
                return ['said' => $e->getMessage(), 'kind' => null];
            }

            return ['said' => $told->told(withFile: isset($wanted['output'])), 'kind' => $told->kind()];
        };
    }

    /**
     * Those of an order's pictures that lines name, by name.
     *
     * @param  list<LineForm>  $all
     * @return array<string, OrderPicture>
     */
    private function named(Order $order, array $all): array
    {
        $names = [];
        array_walk_recursive($all, function (mixed $value, int|string $key) use (&$names): void {
            $key === 'picture' && is_string($value) && ($names[$value] = true);
        });

        /** @var Collection<int, OrderPicture> $of */
        $of = $order->pictures()->whereIn('name', array_map(strval(...), array_keys($names)))->get();

        return $of->load('picture')->keyBy('name')->all();
    }
}
