<?php

declare(strict_types=1);

namespace Planisher\OrderFile;

/** Something in an order file that can't be read: where it stands, what was found, what was expected. */
final class OrderFileError extends \InvalidArgumentException
{
    /** @param  ?string  $plain the same in words for somebody at a form, where the place is plain to see */
    public function __construct(
        public readonly string $path,
        public readonly string $found,
        public readonly string $expected,
        public readonly ?string $plain = null,
    ) {
        parent::__construct(($path === '' ? 'the document' : $path).": found {$found}; expected {$expected}");
    }

    /** For somebody at a form. */
    public function inWords(): string
    {
        return $this->plain ?? "Found {$this->found}; expected {$this->expected}.";
    }
}
