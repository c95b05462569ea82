<?php

declare(strict_types=1);

namespace App\Parcels;

use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Making\Making;
use App\Models\Line;
use App\Models\Order;
use Illuminate\Support\Facades\DB;
use Planisher\Colour\ToneCurve;
use Planisher\Finish\CombinesPrints;
use Planisher\Finish\Finishes;
use Planisher\Finish\LinePictures;

/** Lines beside those that were ordered: a reprint with changes, a test strip. Their files are kept apart in name and folder. */
final class Reprints
{
    public function __construct(private readonly Computation $computation, private readonly LineChanger $changer) {}

    /** The same line once more, to be changed; the first stays as it is. */
    public function reprint(Order $order, Line $line): Line
    {
        return DB::transaction(function () use ($order, $line): Line {
            $name = $line->line()->name->toArray();
            $apart = Making::nextReprint($order);
            $wanted = ['name' => ['parts' => [...$name['parts'], ['text' => $apart]]] + $name] + $line->wanted;

            return $this->add($order, LinePictures::put($wanted, $line->names()), ['apart' => $apart]);
        });
    }

    /**
     * @param  list<ToneCurve>  $settings
     *
     * @throws \Planisher\OrderFile\OrderFileError
     */
    public function testStrip(Order $order, Line $line, array $settings): Line
    {
        $wanted = Finishes::gathering()->testStrip($this->computation->line($line)->at, $settings);

        return DB::transaction(fn (): Line => $this->add($order, $wanted, ['apart' => CombinesPrints::TEST, 'test_of' => $line->id]));
    }

    /**
     * @param  LineForm  $wanted
     * @param  LineForm  $kept
     */
    private function add(Order $order, array $wanted, array $kept): Line
    {
        $line = $this->changer->add($order, $wanted);
        $line->update($kept);

        return $line;
    }
}
