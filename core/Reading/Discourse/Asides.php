<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

use Planisher\Reading\Chart\ItemKind;

/** What is said beside prints and may change them: on a condition, in brackets, by strokes, of each of them. */
final class Asides
{
    public function __construct(private readonly Talk $talk) {}

    /** “If it isn't then just one is fine”, “only what is in the basket”: what was said before is perhaps not so. */
    public function otherwise(ReadSentence $sentence): void
    {
        if ($sentence->hasPictures() || $sentence->hasSize() || $sentence->of(ItemKind::Wish) !== []) {
            return;
        }
        $isElse =
            $sentence->speech === Speech::Condition &&
            preg_match(
                '/\b(?:if|unless|otherwise|or else)\b.*\b(?:one|two|none|less|fewer|cheaper|smaller|instead|then)\b/iu',
                $sentence->text,
            ) === 1;
        $isOnly =
            ! str_contains($sentence->text, '?') &&
            $sentence->has(ItemKind::Unknown) &&
            preg_match('/\bonly (?:what|those|the|that|these)\b/iu', $sentence->text) === 1;
        if ($isElse) {
            $why = 'This says what is to be otherwise. Is it?';
            foreach ($this->talk->last as $draft) {
                $draft->isAsked = true;
            }
            $this->talk->last === [] || $this->talk->lines[$sentence->line]->doubt($why, $sentence->items[0]->at);
        } elseif ($isOnly) {
            $why = 'Only which of them?';
            $this->talk->unsettled ??= $why;
            $this->talk->lines[$sentence->line]->doubt($why, $sentence->items[0]->at);
        }
    }

    /**
     * “5x7 ||||”: strokes behind a print count it.
     *
     * @param  list<Draft>  $made
     */
    public function tally(ReadSentence $sentence, array $made): void
    {
        $isTally =
            str_contains($sentence->text, '|') &&
            preg_match('/^\s*[^|\s].*\s\|[|\s]*\W*$/u', $sentence->text) === 1 &&
            ! $sentence->has(ItemKind::Count);
        foreach ($isTally ? $made : [] as $draft) {
            ($draft->from[0] ?? null)?->doubt('Strokes: how many prints?');
            $draft->isAsked = true;
        }
    }

    /**
     * “(or should it be a print? ok, print, 20x20)”, below a line: what is added in brackets may change it.
     *
     * @param  list<Draft>  $made
     */
    public function inBrackets(ReadSentence $sentence, array $made): void
    {
        $isAside = preg_match('/^\W*\(/u', $this->talk->blocks[$sentence->line]->words()) === 1;
        $isOfNone = Draft::areOfNone($made);
        foreach ($isAside && $isOfNone ? $this->talk->last : [] as $draft) {
            $draft->isAsked = true;
        }
    }

    /** A number of each that is asked or told is perhaps one of all. */
    public function ofEach(ReadSentence $sentence): void
    {
        $sentence->countsEach() && $this->talk->drafts !== [] && ($this->talk->unsettled ??= 'How many of each?');
    }
}
