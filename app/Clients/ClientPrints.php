<?php

declare(strict_types=1);

namespace App\Clients;

use App\Lines\Computation;
use App\Lines\LineView;
use App\Models\ClientAnswer;
use App\Models\ClientPage;
use App\Models\Line;
use Planisher\Description\ClientDescription;
use Planisher\Order\WorkedLine;

/** An order's prints as its client sees them: what will be, in pictures and in words, and what was answered. Nothing else of the studio. */
final class ClientPrints
{
    public const WIDTHS = [800, 1600];

    public function __construct(private readonly Computation $computation) {}

    /**
     * @param  ?int  $first  how many lines are worked, for a first view; null for all
     * @return ShownShape
     */
    public function of(ClientPage $page, ?int $first = null): array
    {
        $order = $page->order;
        $worked = $this->computation->order($order);
        $answers = Answers::of($order);
        $prints = [];
        foreach ($order->lines->take($first ?? count($order->lines)) as $line) {
            $print = $worked->of($line);
            if (self::isShown($print)) {
                $prints[] = $this->print($page, $line, $print, $answers->get($line->id));
            }
        }

        return [
            'order' => ['client' => $order->client->name, 'title' => $order->title, 'number' => $order->number],
            'expiresOn' => $page->expires_at->format('Y-m-d'),
            'prints' => $prints,
            'isAll' => $first === null || $first >= count($order->lines),
            'answerAt' => Links::answers($page),
            'lookAt' => Links::prints($page),
        ];
    }

    /** What is printed, and can be. */
    public static function isShown(WorkedLine $worked): bool
    {
        return $worked->line->isPrinted() && $worked->plan !== null && $worked->plan->parts !== [] && ! $worked->isStopped();
    }

    /** @return ShownPrintShape */
    private function print(ClientPage $page, Line $line, WorkedLine $worked, ?ClientAnswer $answer): array
    {
        $hash = (string) $worked->plan?->hash();
        [$small, $large] = array_map(fn (int $width): string => Links::picture($page, $line->id, $hash, $width), self::WIDTHS);
        $drawing = LineView::drawing($worked->at) ?? throw new \LogicException('What has a plan is drawn.');

        return [
            'line' => $line->id,
            'number' => $line->number,
            'version' => $hash,
            'title' => ClientDescription::title($worked->at),
            'what' => ClientDescription::what($worked->at),
            'cut' => ClientDescription::cut($worked->at),
            'pictures' => ['small' => $small, 'large' => $large],
            'paper' => $drawing['paper'],
            'sheet' => $drawing['sheet'],
            'wrap' => $drawing['wrap'],
            'hung' => $drawing['hung'],
            'answer' => $answer === null ? null : Answers::view($answer, $hash),
        ];
    }
}
