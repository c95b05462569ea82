<?php

declare(strict_types=1);

namespace App\Views;

use App\Errors\Gone;
use App\Files\PrivateFile;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Planisher\Imaging\Colour\Profiles;
use Planisher\Imaging\Inspect\Proof;

/** The file as it will look on its paper. */
final class ProofView implements View
{
    public function __construct(
        private readonly KeptViews $kept,
        private readonly PreviewView $preview,
        private readonly Profiles $profiles,
    ) {}

    public function of(ViewedLine $shown, Request $request): Response
    {
        $paper = $shown->paper ?? throw new Gone('The lab card has no profile for this paper.');
        $proof = new Proof($shown->plan->shown->encoding, $paper, $this->profiles);
        $path = $this->kept->file($shown->onPaper(), 'jpg', fn (string $path) => $proof->write($this->preview->file($shown), $path));

        return PrivateFile::inline($path, 'image/jpeg');
    }
}
