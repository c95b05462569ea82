<?php

declare(strict_types=1);

namespace App\Making;

use Planisher\Colour\ProfileShelf;
use Planisher\Lab\LabCard;
use Planisher\Line\Line;
use Planisher\Naming\FileName;
use Planisher\OrderFile\Node;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\WorkedLine;

/**
 * What the files of a line are made from: line, lab card and picture as they were when making was asked for. The same ticket gives the
 * same plan and the same bytes, whatever has been changed since.
 */
final class Ticket
{
    /** @return array{line: array<string, mixed>, lab: array<string, mixed>, picture: array<string, mixed>, names: list<string>, profiles: array<string, mixed>} */
    public static function of(WorkedLine $worked): array
    {
        $picture = $worked->picture;
        if (! $picture instanceof PictureFacts) {
            throw new \LogicException('A line without a usable picture has no ticket.');
        }

        return ['line' => $worked->line->toArray(), 'lab' => $worked->lab->toArray(), 'picture' => $picture->toArray(), 'names' => $worked->name->files(), 'profiles' => $worked->lab->profiles->toArray()];
    }

    /** @param  array{line: array<string, mixed>, lab: array<string, mixed>, picture: array<string, mixed>, names: non-empty-list<string>, profiles: array<string, mixed>}  $ticket */
    public static function work(array $ticket): WorkedLine
    {
        return WorkedLine::work(
            Line::fromNode(Node::root($ticket['line'])),
            PictureFacts::fromArray($ticket['picture']),
            LabCard::fromNode(Node::root($ticket['lab']))->knowing(ProfileShelf::fromArray($ticket['profiles'])),
            FileName::ofFiles($ticket['names']),
        );
    }
}
