<?php

declare(strict_types=1);

namespace Planisher\Imaging;

use Planisher\Imaging\ReadBack\ReadBack;

/** A file that lies under its final name, with what the read-back found. */
final readonly class FinishedFile
{
    public function __construct(public string $name, public string $path, public ReadBack $readBack) {}

    /** @return array<string, mixed> as in report.json */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'width' => $this->readBack->width,
            'height' => $this->readBack->height,
            'ppi' => round($this->readBack->ppi, 3),
            'profile' => $this->readBack->profile,
            'bytes' => $this->readBack->bytes,
            'sha256' => $this->readBack->sha256,
            'readBack' => $this->readBack->toArray(),
        ];
    }
}
