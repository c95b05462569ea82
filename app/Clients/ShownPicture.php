<?php

declare(strict_types=1);

namespace App\Clients;

use App\Models\ClientPage;
use App\Pictures\PictureStore;
use App\Studio\MarkStore;
use App\Views\KeptViews;
use Planisher\Imaging\Inspect\Preview;
use Planisher\OrderFile\JsonNode;
use Planisher\Overlay\Overlay;
use Planisher\Picture\PictureFacts;
use Planisher\Plan\Plan;
use Planisher\Plan\ScreenCopies;
use Planisher\Studio\OrderContext;

/** A print as its client sees it: a screen copy of at most 1600 px, with the studio's mark where it is wanted. */
final class ShownPicture
{
    private const STRENGTH = 0.6;

    public function __construct(
        private readonly KeptViews $kept,
        private readonly PictureStore $pictures,
        private readonly MarkStore $marks,
    ) {}

    /** Where it lies; rendered when it isn't there. */
    public function file(ClientPage $page, Plan $plan, int $width): string
    {
        $orderContext = new OrderContext(marks: $page->mark === null ? [] : $this->marks->known([$page->mark]));
        $mark = $page->mark === null ? null : $orderContext->mark($page->mark);
        $named = $mark instanceof PictureFacts ? substr($mark->sha256, 0, 16) : 'plain';
        $overlays =
            $mark instanceof PictureFacts
                ? [Overlay::fromNode(JsonNode::root(['picture' => $page->mark, 'strength' => self::STRENGTH]))]
                : [];

        return $this->kept->file("{$plan->hash()}-shown-{$named}-{$width}", 'jpg', function (string $path) use (
            $plan,
            $overlays,
            $orderContext,
            $width,
        ): void {
            $file = ScreenCopies::shown($plan, $overlays, $orderContext);
            Preview::write($file, $this->pictures->proxiesOf($plan, $file), $width, $path);
        });
    }
}
