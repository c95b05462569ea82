<?php

declare(strict_types=1);

namespace App\Making;

use Planisher\Colour\ProfileShelf;
use Planisher\Finish\LineReader;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Lab\LabCard;
use Planisher\Naming\FileName;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\Picture\PictureFacts;
use Planisher\Studio\OrderContext;

/**
 * What the files of a line are made from: line, lab card and pictures as they were when making was asked for. The same ticket
 * gives the same plan and the same bytes, whatever has been changed since.
 */
final class Ticket
{
    /** @return array<string, mixed> as work() reads it */
    public static function of(WorkedLine $worked): array
    {
        if ($worked->plan === null) {
            throw new \LogicException('A line without usable pictures has no ticket.');
        }

        return [
            'line' => $worked->line->toArray(),
            'lab' => $worked->lab->toArray(),
            'pictures' => array_map(fn (PictureFacts $picture): array => $picture->toArray(), $worked->facts()),
            'names' => $worked->name->files(),
            'copies' => $worked->name->copies,
            'profiles' => $worked->lab->profiles->toArray(),
            'desk' => $worked->at->orderContext->toArray(),
        ];
    }

    /** @param  array<string, mixed>  $ticket */
    public static function work(array $ticket): WorkedLine
    {
        return WorkedLine::work(
            LineReader::read(JsonNode::root($ticket['line'])),
            array_map(PictureFacts::fromArray(...), self::pictures($ticket)),
            LabCard::fromNode(JsonNode::root($ticket['lab']))->knowing(ProfileShelf::fromArray($ticket['profiles'])),
            FileName::ofFiles($ticket['names'], $ticket['copies'] ?? []),
            orderContext: OrderContext::fromArray($ticket['desk'] ?? [], new HarfBuzz()),
        );
    }

    /**
     * The facts of a ticket's pictures; tickets from before lines had several name one.
     *
     * @param  array<string, mixed>  $ticket
     * @return non-empty-list<array<string, mixed>>
     */
    public static function pictures(array $ticket): array
    {
        return $ticket['pictures'] ?? [$ticket['picture']];
    }
}
