<?php

declare(strict_types=1);

namespace App\Lines;

use App\Models\Line;
use Illuminate\Http\JsonResponse;

/** A change to a line that somebody else has changed meanwhile. Nothing is overwritten; the answer shows what it is now. */
final class StaleLine extends \RuntimeException
{
    public function __construct(private readonly Line $now)
    {
        parent::__construct('This line was changed in another window meanwhile.');
    }

    public function render(): JsonResponse
    {
        if ($this->now->trashed()) {
            return response()->json(['message' => 'This line was removed in another window meanwhile.'], 404);
        }

        return response()->json(
            [
                'message' => "{$this->getMessage()} Your change was not saved; look at what it is now, then make it again if ".
                    'you still want it.',
                'line' => LineView::of($this->now, app(Computation::class)->line($this->now)),
            ],
            409,
        );
    }

    public function report(): bool
    {
        return true; // nothing to log
    }
}
