<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use App\Models\Order;
use App\Pictures\PictureStore;
use App\Studio\Desks;
use App\Views\KeptLosses;
use Planisher\Colour\PaperProfile;
use Planisher\Lab\LabCard;
use Planisher\Line\LineSpec as WantedLine;
use Planisher\Naming\FileName;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\ColourLoss;
use Planisher\Picture\PictureFacts;
use Planisher\Picture\PictureTrouble;
use Planisher\Plan\Plan;
use Planisher\Screen\ScreenCopy;
use Planisher\Studio\OrderContext;

/** Lines of an order taken through core together, since names are told apart within the order. */
final class WorkedOrder
{
    private LabCard $lab;

    private OrderContext $orderContext;

    /** @var array<int, Line> by id, with all that is needed of them */
    private array $lines;

    /** @var array<int, WantedLine> by number, as they are asked for */
    private array $wanted = [];

    /** @var array<int, FileName> by number */
    private array $names;

    /** a copy for a screen that is wanted of every line */
    private ?ScreenCopy $screenCopy;

    /** @var array<int, WorkedLine> by the line's id, as they are asked for */
    private array $worked = [];

    /** What is needed of an order to work its lines */
    public const RELATIONS = ['client', 'lab.profiles', 'lines.pictures.orderPicture.picture'];

    /**
     * @param  ?ScreenCopyForm  $screenCopy  that is wanted of every line besides, as in the order file
     * @param  ?KeptLosses  $losses  null where nobody asks what becomes of its colours
     * @param  ?LabCard  $card  in place of its lab's
     * @param  ?array<int, FileName>  $names  by number; told apart among the lines that are given where they aren't known
     */
    public function __construct(
        Order $order,
        private readonly PictureStore $pictures,
        private readonly ?KeptLosses $losses,
        Desks $desks,
        ?array $screenCopy = null,
        ?LabCard $card = null,
        ?array $names = null,
    ) {
        $order->loadMissing(self::RELATIONS);
        $this->lab = $card ?? $order->lab->labCard();
        $this->lines = $order->lines->keyBy('id')->all();
        $this->orderContext = $desks->for($order, $screenCopy ?? []);
        $asked = JsonNode::root(['screenCopy' => $screenCopy]);
        $this->screenCopy = $screenCopy === null ? null : ScreenCopy::fromNode($asked->need('screenCopy'));
        $this->names =
            $names ?? NameBook::names($order->head(), $this->lab, $order->lines->keyBy('number')->map($this->wanted(...))->all());
    }

    private function wanted(Line $line): WantedLine
    {
        return $this->wanted[$line->number] ??= $this->screenCopy === null ? $line->line() : $line->line()->besides($this->screenCopy);
    }

    public function of(Line $line): WorkedLine
    {
        $line = $this->lines[$line->id];
        $wanted = $this->wanted($line);

        return $this->worked[$line->id] ??= WorkedLine::work(
            $wanted,
            array_map(fn (int $place) => $this->picture($line, $place), array_keys($wanted->pictures())),
            $this->lab,
            $this->names[$line->number],
            fn (Plan $plan): ?ColourLoss => $this->losses?->at($plan, $this->paperProfile($line)),
            $this->orderContext,
        )->settledBy($line->settled ?? []);
    }

    private function picture(Line $line, int $place): PictureFacts|PictureTrouble
    {
        $picture = $line->pictureAt($place);

        return $picture === null ? PictureTrouble::none() : $this->pictures->known($picture);
    }

    /** Whether what becomes of a line's colours hasn't been measured yet, as it is now. */
    public function isUnmeasured(Line $line): bool
    {
        $plan = $this->has($line) ? $this->of($line)->plan : null;

        return $plan !== null && $this->losses !== null && ! $this->losses->knows($plan, $this->paperProfile($line));
    }

    /** @return array<int, Line> by id */
    public function lines(): array
    {
        return $this->lines;
    }

    public function has(Line $line): bool
    {
        return isset($this->lines[$line->id]);
    }

    /** Of what a line is printed on, where the lab card has it. */
    public function paperProfile(Line $line): ?PaperProfile
    {
        $wanted = $this->wanted($this->lines[$line->id]);

        return $this->lab->of($wanted->printedOn(), $wanted->paper)->paperProfile($wanted->paper);
    }
}
