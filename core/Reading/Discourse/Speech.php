<?php

declare(strict_types=1);

namespace Planisher\Reading\Discourse;

/** What is being said: an order, a question, a report, a condition, a taking back. Only orders make prints. */
enum Speech
{
    case Order;
    case Question;
    case Report;
    case Condition;
    case TakesBack;
    case Changes;
    case Quote;

    private const ASKS =
        '/\b(?:how (?:much|long|thick|big)|what (?:would|does|do|is|\'?s the (?:price|cost|biggest)|about)'.
        '|what\'s the|(?:let me know|tell me) (?:the )?(?:price|cost|how|what)|the price (?:of|for)|price of'.
        '|(?:whit|what) wid|which (?:of|one) .{0,60}\?|is (?:it|that|there|\d+|\w+ \d+) .{0,40}(?:enough'.
        '|extra|possible|too late)|is .{0,30} good enough|do (?:you|y\'?all) |did (?:you|y\'?all|the) '.
        '|are (?:you|there) |would (?:it|that|you) (?:be|go|cost|do)|would not rather|have you|do you want'.
        '|has it|confirm (?:you|that|whether|my|our|we|if)|will (?:it|they)'.
        '|only asking|jist asking|just asking|no ordering|quote (?:for|only|please)'.
        '|please quote|wondering|or is that extra|what\'s the biggest|is it too late)/iu';

    /** Orders that are put as questions */
    private const POLITE = '/\b(?:can|could|may|might|would) (?:i|you|we|every|all)\b|\bplease\b|\bwould you (?:mind|please)/iu';

    private const REPORTS =
        '/\b(?:arrived|we had|i had (?:it|the|an|a)\b|received safely|has sold|sold twice'.
        '|\bthank(?:s| you)(?: so much| very much| again)? for (?:the|my|our|those|these|(?!asking|helping|looking)\w+ing)\b'.
        '|(?<!same as )(?:last|previous) (?:time|year|month|easter|order)|already (?:had|have|paid|ordered)'.
        '|you (?:have |had )?ordered|used to|came (?:up'.
        '|second)|was (?:first|second|third)|invoice .{0,20} paid|is paid for|dimensions are|budget|deposit'.
        '|wall is|come from|comes from|starts at|cost us|fee note|cheque|payment|i was going to'.
        '|was going to have|(?:were|are) \$)/iu';

    private const CONDITIONS =
        '/\b(?:if (?!it (?:is|isn\'?t|is not) (?:not )?too much|you (?:can|could|would|like|please)|possible'.
        '|poss|i may)(?:it|that|there|not|over|they|you|the|so\b(?! all))|unless|otherwise|only (?:if|when)'.
        '|in case|provided|whichever(?! way suits)|(?:first|second|third|1st|2nd|3rd) choice'.
        '|next (?:week|month|year|time|spring|summer|autumn|winter)|some ?day|eventually|depending'.
        '|any (?:\d|one|two|three|four|five|six|few|of)\b'.
        '|(?:best|sharpest|nicest|better|clearest) (?:ones? )?(?:of|from|out)\b|as many as|however many'.
        '|(?:your|you) (?:choice|pick|choose)|surprise (?:me|us)'.
        '|as (?:big|large|small|wide|tall) as|the size of (?:a|an|my|our|your)\b'.
        '|before i decide|until i (?:write|ring|\'?ve)'.
        '|i have not made up|not (?:said|sure)|doesn\'?t (?:know|say)|does not (?:yet )?know|will (?:write'.
        '|follow|send)|i\'?ll (?:do|ask|ring) (?:her|him|later))/iu';

    private const TAKES_BACK =
        '/\b(?:saved for later|avoid|omit\b|exclude|ignore|scrap\b|cancel|forget (?:it|that|the|about)'.
        '|do not (?:print|make|want|bother)|don\'?t (?:print|make|want|bother|need)|dinna bother|not (?:now'.
        '|yet(?! know)|wanted|needed|to be printed)|no longer|leave (?:out|off|it be)|skip\b|nothing (?:for|of'.
        '|this)|nobody wants|none of|decided (?:not|against)|is not needed|hasn\'?t moved|has not paid'.
        '|(?:crossed|struck|ruled|left|taken) out|binned|ditch(?:ed)?|rejected|vetoed|deleted?'.
        '|thanks? but no|no thanks|hold (?:hers|his|off|on)|he want not|not that one)/iu';

    private const CHANGES =
        '/\b(?:instead|rather|actually|sorry|(?:i|she|he|they|we) meant|she means|he means|(?:i|we|she|he) checked'.
        '|make (?:it|that|them|the)\b'.
        '|made? that|change|swap|replace|no, make|not (?:the )?\d|was .{0,20} now|now \d|edit\b|in place of'.
        '|bump|upgrade|upsize|downsize|enlarge (?:the|that|it|no|\d)'.
        '|put (?:that|it) back|back in|have (?:yet )?spoken|as was|on second thoughts?|correction'.
        '|or rather)/iu';

    public static function of(string $words): self
    {
        $plain = strtr($words, ['’' => "'"]);

        return match (true) {
            preg_match(self::ASKS, $plain) === 1 => self::Question,
            preg_match(self::TAKES_BACK, $plain) === 1 => self::TakesBack,
            preg_match(self::CONDITIONS, $plain) === 1 => self::Condition,
            preg_match('/\?\s*\W*$/', $plain) === 1 && preg_match(self::POLITE, $plain) !== 1 => self::Condition,
            preg_match('/\b(?:maybe|perhaps|not sure|possibly)\b/i', $plain) === 1 => self::Condition,
            preg_match(self::REPORTS, $plain) === 1 => self::Report,
            preg_match('/\bsame as (?:last|before)/i', $plain) === 1 => self::Condition,
            preg_match(self::CHANGES, $plain) === 1 => self::Changes,
            default => self::Order,
        };
    }
}
