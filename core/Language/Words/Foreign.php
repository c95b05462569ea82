<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** Numbers that are none of ours: money, telephones, dates, times, ages. */
final class Foreign
{
    private const WAYS =
        '/\G(?:'.
        '(?:[£$€]|\b(?:gbp|eur|usd|kes)\b)\s?(?:\d[\d.,]*\d|\d)(?:\s?(?:k|each|ea|apiece|per))?(?![\d])'.
        '|(?:\d[\d.,]*\d|\d)\s?(?:[£€$]|quid\b|pounds?\b|euros?\b|dollars?\b|cents?\b|pence\b|p\b'.
        '|c\b(?=[\s,.;]|$))(?:\s(?:each|apiece))?|@\s?\d+\s?[pc]\b|'.
        '\b(?:prices?|costs?|paid|fee|deposit|balance|vat|tax|postage|shipping|subtotal)\s*'.
        '(?:is|of|:|=)?\s*[£$€]?(?:\d[\d.,]*\d|\d)(?!\s*(?:x|×)\s*\d)|'.
        '(?<![.\dx×*])(?<!x\s|by\s)\b\d{1,4}\.\d{2}\b(?!\s*(?:x|×|by\b|\*|in\b|inch|cm|mm|"|″|%|m\b|ft\b))|'.
        '\+?\b0\d{2,5}[\s-]?\d{3}[\s-]?\d{3,4}\b|\+\d{2}[\d\s()-]{8,}|'.
        '\b\d{1,2}[.\/]\d{1,2}[.\/](?:19|20)?\d{2}\b|\b(?:by|on|before|until|exp|due|is|for'.
        '|after)\s(?:the\s)?\d{1,2}\/\d{1,2}\b(?!\s*(?:in|cm|mm|"))|\b\d{4}-\d{2}-\d{2}\b|'.
        '\b\d{1,2}[:.]\d{2}\s?(?:am|pm|h|uhr|o\'clock)?\b(?!\s*(?:x|in|cm|mm|"|%|deep|white'.
        '|\d))(?<=\d:\d\d|am|pm|uhr)|\b\d{1,2}\s?(?:am|pm)\b|'.
        '\b(?:mon|tues?|wed(?:nes)?|thu(?:rs)?|fri|sat(?:ur)?|sun)(?:day)?\s+'.
        '(?:the\s+|at\s+)?\d{1,2}(?:[:.]\d{2}|st|nd|rd|th)?\b(?![:.]?\d)|'.
        '\b\d{1,2}(?:st|nd|rd|th)?\s+(?:of\s+)?(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may'.
        '|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?'.
        '|dec(?:ember)?)\b(?:\s+\d{4})?|'.
        '\b(?:jan(?:uary)?|feb(?:ruary)?|march|april|june?|july?|aug(?:ust)?|sept?(?:ember)?'.
        '|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\s+\d{1,2}(?:st|nd|rd|th)?\b|'.
        '\b\d{1,3}(?:st|nd|rd|th)\s+(?:birthday|floor|anniversary|class|century|list|mail)\b|\b\d{1,3}(?:st|nd|rd|th)\b|'.
        '\bwho(?:\'?s| is| was)\s\d{1,3}\b|\b(?:aged?|is|was)\s\d{1,3}(?=[\s,.;)]+(?:years|and|who|he'.
        '|she|,|\.))|\b\d{1,3}\s(?:years?|yrs?|months?|weeks?|days?|hours?|minutes?|beds?|baths?|guests'.
        '|families|walls|tables|sq|baths|children|on roll)\b|'.
        '\border\s*(?:no\.?|number|#|ref\.?)\s*:?\s*[a-z]{0,5}-?\d[\d\/.-]*[a-z]?\b|'.
        '\border\s+[a-z]{1,5}-\d+\b|\border\s+\d{4,}(?=\s*[):])|'.
        '\b\d\s+for\s+(?:the\s+price\s+of\s+)?(?:\d|one|two)\b(?!\s*(?:x|×|by)\s*\d)|'.
        '\b(?:room|flat|unit|table|plot|suite|invoice|po|ref|sku|job|voucher|page|lot'.
        '|section|clause|version|iso|f\/)\s*(?:no\.?|number|#|is'.
        '|:)?\s*[a-z]{0,5}-?\d[\d\/.-]*[a-z]?\b(?!\s*(?:x|×|by)\s*\d)|'.
        '\b(?:sku|ref(?:erence)?\.?(?:\s?(?:no|number)\.?)?)\s*:?\s*[a-z\d-]*\d[a-z\d-]*\b|\bpo-\d+|'.
        '\b(?:rooms?)\s\d+\s(?:to|-|and)\s\d+)/iu';

    /** Where such a number ends that begins at a place, in bytes; null where none does. */
    public static function end(string $text, int $at): ?int
    {
        return preg_match(self::WAYS, $text, $m, 0, $at) === 1 ? $at + strlen($m[0]) : null;
    }
}
