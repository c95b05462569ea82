<?php

declare(strict_types=1);

namespace Planisher\Finish\Print;

use Planisher\Language\Rule\Heard;
use Planisher\Language\Rule\ReadingRule;

/** How people say that a print is seen through the opening of a mount, or of a frame. */
final class OpeningRules
{
    /** @return list<ReadingRule> */
    public static function all(): array
    {
        $mount = '(mount|mat|matt|passepartout|mounting|frame)';
        $opening = '(opening|window|aperture|cut [-] out)';
        $opens = fn (Heard $said): array => ['opening' => ['size' => (string) $said->size()]];

        return [
            ReadingRule::with(
                "[to] [go~|goes|lie~] [behind|under|into|in|for|with] [a|an|the|its] {$mount} (with|has|having|whose|of) ".
                    "[a|an|its] {$opening} [is|of|at|measuring] {size} | ".
                    "[behind|for|with] [a|an|the|its] [{$mount}] {$opening} [is|of|at|:] {size} | ".
                    "[behind|for|with] [a|an] {size} [{$mount}] {$opening}",
                $opens,
                [
                    'behind a mount with an opening of 9.5 x 7.5 in',
                    'to go behind a mount with an opening of 9.5 x 7.5 in',
                    'mount opening 30 x 40 cm',
                    'behind an opening of 9.5 × 7.5 in',
                ],
                cost: -0.6,
            ),
            ReadingRule::with(
                "[with] {measure} behind (it|the {$mount}) | cover~ [by] {measure} [all round|on each side|each side|a side]",
                fn (Heard $said): ?array => $said->isSaidOfLine() && $said->now('opening') === null
                    ? null
                    : ['opening' => ['cover' => $said->length('measure')]],
                'with 5 mm behind it',
                cost: -0.2,
            ),
            ReadingRule::with(
                "without [a|the] {$opening} | no {$opening}",
                fn (Heard $said): ?array => $said->isSaidOfLine() ? ['opening' => null] : null,
                'no opening',
                cost: -0.2,
            ),
        ];
    }
}
