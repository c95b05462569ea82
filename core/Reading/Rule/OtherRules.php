<?php

declare(strict_types=1);

namespace Planisher\Reading\Rule;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;
use Planisher\Language\Says;

/** What is asked for and isn't done here: it stays as a remark, and is told. */
final class OtherRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        $remark = fn (Heard $said): array => [Says::REMARK => $said->words()];

        return [
            ReadingRule::with(
                '[in|as|make it|turn it] [a] (black [-] (and|&|n) [-] white|white and black|black white'.
                    '|b [/|&|+] w|bw|b & w|b + w|b and w|monochrome|greyscale|grayscale|grey scale'.
                    '|gray scale|sepia|mono|schwarz [-] weiß|schwarzweiß|noir et blanc|blanco y negro'.
                    '|black / white) [again]',
                $remark,
                ['black and white', 'b&w', 'in sepia'],
                cost: -0.4,
            ),
            ReadingRule::with(
                '(retouch~|airbrush~|vignette~|straighten~|rotate~|flip~|warm~ it|cool~ it'.
                    '|dodge~|burn~ in|replace~|erase~|clone~) {words}',
                $remark,
                ['retouch her skin', 'straighten the horizon'],
                cost: -0.2,
            ),
            ReadingRule::with(
                '(retouch~|airbrush~|vignette~|straighten~|colour [-] correct~|deckled [edge]'.
                    '|torn edges|gift wrap~|gift wrapped|laminated|drop shadow)',
                $remark,
                ['retouched', 'deckled edge', 'gift wrapped'],
                cost: -0.1,
            ),
            ReadingRule::of(
                '(mat~|trim~|frame~|mount~) (it|them) (ourselves|myself|himself|herself|themselves|down)',
                [],
                ['mat it ourselves', 'trim it down'],
                cost: -0.3,
            ),
            ReadingRule::of(
                '(no|without|no further|no more) (other|further|more) (change~|changes) | nothing else [changes|changed]',
                [],
                ['no other change', 'nothing else changes'],
                cost: -0.3,
            ),
            ReadingRule::with('[a] (mirror image|mirror-image) [of it]', $remark, 'mirror image', 'print', -0.3),
            ReadingRule::with(
                '[ready] framed [in {words}] | (in|with) a {word} frame | mounted [in {colour}]',
                $remark,
                ['framed', 'framed in oak'],
                cost: 0.2,
            ),
            ReadingRule::with('[the] {number} gsm | {number} g / m 2', $remark, '310 gsm'),
            ReadingRule::with(
                'number~ {number} / {number:of} [and|to {number:second} / {number:total}] [in pencil] '.
                    '[by you] | number~ it {ratio} | numbered {words}',
                $remark,
                'numbered 3/25',
                cost: 0.3,
            ),
            ReadingRule::with(
                '(remark|note|message) (for|to) the lab [:] {words} | [please] tell the lab [to] {words}',
                fn (Heard $said): array => ['remark' => ['lab' => $said->text('words')]],
                'remark for the lab: gloves',
                cost: -1.5,
            ),
            ReadingRule::with(
                'note to self [:] {words} | remark [:] {words}',
                fn (Heard $said): array => ['remark' => ['own' => $said->text('words')]],
                'note to self: from the glass negative',
                cost: -1.5,
            ),
        ];
    }
}
