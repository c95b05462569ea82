<?php

declare(strict_types=1);

namespace App\Lists\Mail;

/**
 * The words of a page of HTML, a line each: paragraphs, rows and items end lines, cells are apart by tabs, what is quoted begins with
 * “> ”. Nothing that it points at is fetched (LIBXML_NONET).
 */
final class PlainOfHtml
{
    private const UNSEEN = ['script', 'style', 'head', 'title', 'template', 'object', 'svg', 'img'];

    private const BLOCKS = ['p', 'div', 'tr', 'li', 'table', 'ul', 'ol', 'h1', 'h2', 'h3', 'h4', 'h5', 'h6', 'blockquote', 'pre', 'hr'];

    private const CELLS = ['td', 'th'];

    /** What is struck out isn't wanted */
    private const STRUCK = ['s', 'del', 'strike'];

    private const HIDDEN = '/display\s*:\s*none|visibility\s*:\s*hidden/i';

    /** An element within more than this many isn't one that somebody wrote. */
    private const DEEPEST = 200;

    public static function of(string $html): string
    {
        if (trim($html) === '') {
            return '';
        }
        $page = new \DOMDocument();
        $before = libxml_use_internal_errors(true);
        $page->loadHTML('<?xml encoding="UTF-8">'.$html, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $text = $page->documentElement === null ? '' : self::text($page->documentElement, 0);
        if (trim($text) === '') {
            // Deeper than a reader of pages goes
            $text = strip_tags((string) preg_replace('/<(?:br|\/(?:p|div|tr|li))\b[^>]*>/i', "\n", $html));
        }

        return trim((string) preg_replace(['/[^\S\n\t]*\n[^\S\n\t]*/u', '/\n{3,}/'], ["\n", "\n\n"], $text));
    }

    private static function text(\DOMNode $of, int $depth): string
    {
        $text = '';
        foreach ($of->childNodes as $node) {
            $text .= match (true) {
                $node instanceof \DOMText => (string) preg_replace('/\s+/u', ' ', mb_scrub($node->data)),
                $node instanceof \DOMElement && $depth < self::DEEPEST => self::element($node, $depth + 1),
                default => '',
            };
        }

        return $text;
    }

    private static function element(\DOMElement $element, int $depth): string
    {
        $name = strtolower($element->nodeName);
        if (in_array($name, self::UNSEEN, true) || preg_match(self::HIDDEN, $element->getAttribute('style')) === 1) {
            return '';
        }
        if ($name === 'br') {
            return "\n";
        }
        $text = self::text($element, $depth);
        $isStruck =
            in_array($name, self::STRUCK, true) || preg_match('/text-decoration[^;]*line-through/i', $element->getAttribute('style')) === 1;
        if ($isStruck && trim($text) !== '' && ! str_contains(trim($text), "\n")) {
            $text = preg_replace('/^(\s*)(.*?)(\s*)$/su', '$1~~$2~~$3', $text) ?? $text; // as it is written in plain text
        }

        return match (true) {
            in_array($name, self::CELLS, true) => trim($text)."\t",
            $name === 'tr' => rtrim($text)."\n",
            $name === 'blockquote' => "\n".preg_replace('/^/m', '> ', trim($text))."\n",
            in_array($name, self::BLOCKS, true) => "\n".
                ($name === 'li' ? '- ' : '').
                trim($text, " \n").
                ($name === 'p' ? "\n\n" : "\n"),
            default => $text,
        };
    }
}
