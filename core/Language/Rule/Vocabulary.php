<?php

declare(strict_types=1);

namespace Planisher\Language\Rule;

/** Word classes that rules share, in the rules' own notation. A class stands in capitals in a rule. */
final class Vocabulary
{
    public const CLASSES = [
        // how much
        'SLIGHTLY' => 'just [a] (touch|hair|bit|little|tad) | [a] (wee|tiny|little) bit | '.
            'a (bit|little|touch|hair|tad|fraction|shade) | slightly | somewhat | a small amount | '.
            'little bit | bit | small small | abit | gently | lightly | softly',
        'MUCH' => 'a lot | much | well | far | considerably | very | strongly | heavily | really',
        'MORE' => 'more | mor | extra | another | further',
        // where
        'ROUND' => '[right] all [the way] (round|around|rnd) [it|them|the (picture|image|edge|edges|outside|sides'.
            '|lot)] | (round|around) [it|them|the (picture|image|edge|outside)] | '.
            'on (all|every|each) [four|4|three|3] (side|sides|edge|edges) | all [four|4] sides | '.
            '(each|every) (side|edge) | on four sides | on the (side|sides|edge|edges)',
        'BELOW' => '[at|on|along|across] [the] (bottom|foot|botom|btm) [edge] | '.
            'below [it|them|the (picture|image)] | underneath [it|the (picture|image)] | '.
            'beneath [it|the (picture|image)] | under [it|the (picture|image)]',
        'ABOVE' => '[at|on|along|across] [the] (top|head) [edge] | above [it|them|the (picture|image)]',
        'SIDES' => '[at|on] [the] (sides|left and right|either side)',
        'MIDDLE' => '[dead] (middle|centre|center)',
        // things
        'PICTURE' => 'picture | image | photo | photograph | shot | print | pic | photos | pictures',
        'IMAGE' => 'image | picture | photo | print area | printed area | picture area',
        'BORDER' => 'border | borders | margin | margins | rim | rand | bord',
        'WHITE' => 'white',
        'PAPER' => 'paper | stock | finish | surface | papper | finnish',
        'SHEET' => 'sheet | sheets | page | paper',
        'EDGE' => 'edge | edges | side | sides | wrap | wraps | wing | wings | edging',
        'BARS' => 'bar | bars | stretcher | stretchers | frame | wrap | wings | edge | edges | sides | side',
        'LINE' => '(key|kee) [-] line | (key|kee) lines | keyline | keylines | hairline | line | lines | rule | '.
            'stroke | outline | frame line',
        'MARK' => 'logo | watermark | badge | crest | (studio|our) mark | studio mark | tag | stamp | mark',
        'CAPTION' => 'caption | captions | credit line | captioned',
        'LETTERS' => 'lettering | letters | words | wording | text | writing | inscription | title',
        'PANELS' => 'panels | pieces | parts | panel | strips | sections',
        'SCREEN' => 'e [-] mail | email | the web | web | website | their website | (the|their) site | '.
            'the internet | screen | screens | online | the screen | instagram | facebook | phone | social [media] | socials',
        'SCREENCOPY' => '[small|little|low res|digital] (web|screen|email|internet) (copy|copies|version|file'.
            '|one|size) | e [-] mail (copy|version|file) | small copy | little copy | web size | '.
            'screen copies',
        'MATT' => 'matte | matt | mattes',
        'INSTEAD' => '[,] instead of | [,] rather than | [,] in place of | [,] [and] not | [,] and no more',
        // to do and undo
        'NO' => 'no | without [any|a|an|the] | [with] no | lose [the] | drop [the] | remove [the] | '.
            'take (off|away|out) [the] | get rid of [the] | scrap [the] | leave (off|out) [the] | '.
            'undo [the] | not any | cancel [the] | skip [the]',
        'OFF' => 'off | away | out',
        'MAKE' => 'make | have | set | put | do | give | turn | change | get | bump',
    ];

    /** May stand between any two words of a rule and change nothing. */
    public const FILLERS = [
        'the',
        'a',
        'an',
        'it',
        'its',
        "it's",
        'is',
        'are',
        'be',
        'to',
        'should',
        'must',
        'shall',
        'will',
        'would',
        'please',
        'pls',
        'just',
        'that',
        'this',
        'of',
        'their',
        'them',
        'these',
        'also',
        'some',
        'nice',
        'as',
        'by',
        'about',
        'approx',
        'roughly',
        'around',
        'exactly',
        'only',
        'our',
        'my',
        'your',
        'kindly',
        'then',
        'little',
        'wide',
        'thick',
        'at',
        'with',
        'there',
        'pretty',
        'simple',
        'plain',
        'coming',
        'come',
        'comes',
    ];

    /** Words of the trade: where one of them isn't understood, something may be wanted. */
    private const TRADE =
        'border borders margin margins edge edges edging side sides wrap wraps wing wings canvas panel '.
        'panels triptych diptych matte matt mat gloss glossy lustre pearl paper '.
        'crop cropped cropping cut trim trimmed bleed fill whole frame framed frames framing mount '.
        'mounted mounts passepartout bars stretcher depth deep gap gaps gutter line lines '.
        'keyline caption captions lettering letters words text logo watermark mark marks white black '.
        'grey gray colour color colours toned sharpen sharper sharp softer soft blur '.
        'mirrored mirror stretched dark darker lighter bright brighter contrast shadows retouch tiff '.
        'jpeg file files resolution dpi ppi quality profile portrait landscape square '.
        'size sizes sheet sheets larger smaller bigger wider wide narrow thick thin acrylic metal '.
        'aluminium foam board glass linen laminated rounded corners wallet wallets '.
        'poster postcard panoramic proof proofs numbered edition signed dated double triple';

    /** @return array<string, true> */
    public static function trade(): array
    {
        static $all = null;

        return $all ??= array_fill_keys(explode(' ', self::TRADE), true);
    }

    /** @return array<string, true> */
    public static function fillers(): array
    {
        static $all = null;

        return $all ??= array_fill_keys(self::FILLERS, true);
    }
}
