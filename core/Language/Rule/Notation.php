<?php

declare(strict_types=1);

namespace Planisher\Language\Rule;

/**
 * Reads the notation that rules are written in, like an entry of a dictionary: `mirror~ [the] EDGE | EDGE [to be] mirror~`.
 *
 * `word` is that word, `word~` all its forms, `[ ]` may be left out, `( )` belongs together, `|` is or, capitals are a class of the
 * vocabulary, `{length}` something typed, `{length:top}` the same with a name.
 */
final class Notation
{
    /** Signs that mean something else in the notation itself */
    private const SIGNS = ['OPEN' => '(', 'CLOSE' => ')', 'BAR' => '|'];

    /** @var array<string, RulePart> classes that were read */
    private static array $classes = [];

    /** @var list<string> */
    private array $tokens;

    private int $at = 0;

    private function __construct(string $text)
    {
        preg_match_all('/\{[a-z]+(?::[a-z]+)?\}|[\[\]()|]|[^\s\[\]()|{}]+/u', $text, $found);
        $this->tokens = $found[0];
    }

    public static function read(string $text): RulePart
    {
        $reader = new self($text);
        $node = $reader->any();
        if ($reader->at < count($reader->tokens)) {
            throw new \LogicException("“{$text}” has a bracket too many.");
        }

        return $node;
    }

    private function any(): RulePart
    {
        $ways = [$this->row()];
        while (($this->tokens[$this->at] ?? null) === '|') {
            $this->at++;
            $ways[] = $this->row();
        }

        return count($ways) === 1 ? $ways[0] : RulePart::any($ways);
    }

    private function row(): RulePart
    {
        $row = [];
        while (($token = $this->tokens[$this->at] ?? null) !== null && ! in_array($token, ['|', ']', ')'], true)) {
            $this->at++;
            $row[] = match (true) {
                $token === '[' => RulePart::maybe($this->closed(']')),
                $token === '(' => $this->closed(')'),
                $token[0] === '{' => RulePart::typed(...explode(':', trim($token, '{}'))),
                str_ends_with($token, '~') => RulePart::word(Forms::of(substr($token, 0, -1))),
                preg_match('/^[A-Z]{2,}$/', $token) === 1 => self::named($token),
                default => RulePart::word([$token]),
            };
        }

        return count($row) === 1 ? $row[0] : RulePart::row($row);
    }

    private function closed(string $by): RulePart
    {
        $node = $this->any();
        if (($this->tokens[$this->at] ?? null) !== $by) {
            throw new \LogicException("A “{$by}” is missing in ".implode(' ', $this->tokens).'.');
        }
        $this->at++;

        return $node;
    }

    private static function named(string $class): RulePart
    {
        if (isset(self::SIGNS[$class])) {
            return RulePart::word([self::SIGNS[$class]]);
        }

        return self::$classes[$class] ??= self::read(
            Vocabulary::CLASSES[$class] ?? throw new \LogicException("The vocabulary has no class {$class}."),
        );
    }
}
