<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Clients\Answers;
use App\Clients\ClientPrints;
use App\Clients\ShownPicture;
use App\Files\PrivateFile;
use App\History\History;
use App\Lines\Computation;
use App\Lines\LineChanger;
use App\Models\ClientAnswer;
use App\Models\ClientPage;
use App\Models\Line;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

/** What a client sees and answers, behind a signed link and without a sign-in. Nothing else of the studio can be reached from there. */
final class ViewedLineController
{
    private const MOST_ANSWERS = 500;

    /** Whoever has a link can't fill the database with it. */
    private const MOST_OF_A_PAGE = 5000;

    /** Lines that come with the page itself; the others follow while these are looked at. */
    private const AT_FIRST = 6;

    public function __construct(
        private readonly ClientPrints $prints,
        private readonly Computation $computation,
        private readonly LineChanger $changer,
    ) {}

    public function page(ClientPage $page): Response
    {
        $this->open($page);
        if (Auth::guest()) {
            ClientPage::query()
                ->whereKey($page->id)
                ->update([
                    'seen' => DB::raw('seen + 1'),
                    'first_seen_at' => $page->first_seen_at ?? now(),
                    'last_seen_at' => now(),
                ]);
        }

        return response()
            ->view('shown', ['shown' => $this->prints->of($page, self::AT_FIRST)])
            ->header('Cache-Control', 'private, no-store');
    }

    public function prints(ClientPage $page): JsonResponse
    {
        $this->open($page);

        return response()->json($this->prints->of($page));
    }

    public function picture(ShownPicture $picture, ClientPage $page, Line $line, string $hash, int $width): Response
    {
        $this->open($page);
        abort_unless($line->order_id === $page->order_id && in_array($width, ClientPrints::WIDTHS, true), 404);
        $worked = $this->computation->order($page->order)->of($line);
        $plan = ClientPrints::isShown($worked) ? $worked->plan : null;
        ($plan !== null && $plan->hash() === $hash) || abort(404, 'The print has changed meanwhile.');

        return PrivateFile::inline($picture->file($page, $plan, $width), 'image/jpeg');
    }

    /** A yes or a note to prints, each to what was seen of it. */
    public function answer(Request $request, ClientPage $page): JsonResponse
    {
        $this->open($page);
        $given = $request->validate(
            [
                'answers' => ['required', 'array', 'min:1', 'max:'.self::MOST_ANSWERS],
                'answers.*.line' => ['required', 'integer'],
                'answers.*.version' => ['required', 'string', 'regex:/^[0-9a-f]{64}$/'],
                'answers.*.isYes' => ['required', 'boolean'],
                'answers.*.note' => ['nullable', 'required_if:answers.*.isYes,false', 'string', 'max:'.ClientAnswer::LONGEST],
            ],
            [
                'answers.*.note.max' => 'A note can have up to '.ClientAnswer::LONGEST.' letters. Say it in fewer words.',
                'answers.*.note.required_if' => 'A note needs words.',
            ],
        );
        abort_if(
            ClientAnswer::query()->where('client_page_id', $page->id)->count() >= self::MOST_OF_A_PAGE,
            422,
            'This page has had more answers than it can keep. Ask the studio for a new link.',
        );
        $worked = $this->computation->order($page->order);
        $lines = $page->order->lines->keyBy('id');
        $before = Answers::of($page->order);
        $changed = false;
        // Of what is said of a line at once the last counts.
        foreach (array_column($given['answers'], null, 'line') as $answer) {
            $line = $lines->get($answer['line']);
            $isThis =
                $line !== null && ClientPrints::isShown($worked->of($line)) && $worked->of($line)->plan?->hash() === $answer['version'];
            if ($line === null || ! $isThis) {
                $changed = true;

                continue;
            }
            $said = [
                'plan_hash' => $answer['version'],
                'is_yes' => (bool) $answer['isYes'],
                'note' => $answer['isYes'] ? null : trim((string) $answer['note']),
            ];
            if ($before->get($line->id)?->only(array_keys($said)) === $said) {
                continue; // said already
            }
            ClientAnswer::query()->create(['client_page_id' => $page->id, 'line_id' => $line->id, ...$said]);
            $how = $answer['isYes'] ? 'said yes to it' : 'left a note on it';
            History::note($page->order_id, $how, $line, who: $page->order->client->name);
            if (! $answer['isYes'] && $page->reopens) {
                $this->changer->reopen($line);
            }
        }
        $shown = $this->prints->of($page->fresh() ?? $page);

        return $changed
            ? response()->json(
                ['message' => 'Something has changed since this page was opened. Look at it as it is now, then answer.', 'shown' => $shown],
                409,
            )
            : response()->json($shown);
    }

    private function open(ClientPage $page): void
    {
        abort_unless($page->isOpen(), 410, 'This link has run out. Ask the studio for a new one.');
    }
}
