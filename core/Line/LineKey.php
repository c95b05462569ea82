<?php

declare(strict_types=1);

namespace Planisher\Line;

/** A key of an order file's line, and what a change of it means. The register is LineKeys; finishes add keys of their own. */
final readonly class LineKey
{
    /** What is said of it in the history of a line that was changed: “changed its border” */
    public string $words;

    /** @param  string  $name  as in the order file */
    public function __construct(
        public string $name,
        public KeyScope $scope,
        ?string $words = null,
        public KeyChange $change = KeyChange::Opens,
    ) {
        $this->words = $words ?? "its {$name}";
    }
}
