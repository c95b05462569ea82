<?php

declare(strict_types=1);

namespace Planisher\Reading;

/** English words that are near a word of the trade, and aren't slips of it. */
final class English
{
    private const WORDS =
        'bath book hands faded jaded tally item items sulk silky early earlier barely printer printers framer before after below '.
        'album albums line lined live love like look loop wade wide wire wise wine wife with wish wash '.
        'week weak went want wants walk wall well will weigh '.
        'light night right sight tight might eight fight bright great greet green grey gray grow glow '.
        'blow slow flow flat float fleet feet feel fell '.
        'fill full fall fail file fine find fire firm first third tired tried trial trail train grain '.
        'drain brain again gain pain paint print point '.
        'paper taper later water matter mother father brother other order older bolder border holder '.
        'folder older colder shoulder should would could '.
        'cover over ever even event every very berry cherry merry carry curry hurry story store stone '.
        'shone phone share shore short shirt skirt '.
        'site size side sick lick kick pick pack back lack black block clock stock stick stack track '.
        'trick brick break bread broad board beard heard '.
        'hard hand band land sand stand strand brand grand grant plant plan plane place space spare '.
        'square share scare score shape shade shake '.
        'make take lake cake fake wake date late gate rate plate slate state stage page cage edge ledge hedge bridge fridge ridge '.
        'crop crow crown brown drown frown town down dawn lawn draw drawn drawer drive dress press cross loss moss boss '.
        'copy cope hope rope rose nose note vote quote quite quiet quilt built guild build bring brings '.
        'ring rings wing wings king swing string strong '.
        'long song wrong among young tongue ghost most must mist list last lost post past paste taste '.
        'haste waste worst worse horse house mouse mount '.
        'month mouth south north worth earth heart hear near dear fear year tear wear bear pear peer '.
        'beer deer been seen seem team cream dream steam '.
        'three tree free flee flea plea please lease least east west best rest nest test text next neat '.
        'meat seat heat beat boat goat coat '.
        'moat road read real deal meal seal heal steal steel wheel while white write wrote whole hole '.
        'pole role rule ruler rules mule male sale tale table '.
        'cable cables stable staple simple sample temple people purple couple apple apply reply rely early pearl girl '.
        'frame flame blame name game same some come home dome done gone bone tone zone phone '.
        'market marker marked marks mark park dark bark shark sharp sheep sheet street sweet sweat '.
        'match batch catch patch watch water waiter winter winner dinner inner corner former farmer warmer warm worm word words world '.
        'panel pencil canal channel tunnel model medal metal mental petal total local vocal focal social special '.
        'letter better butter bitter litter glitter matter matters pattern lantern western northern '.
        'photo photos ships shops steps stops stamp camp champ lamp damp ramp group groups soup sour hour your four five '.
        'quality equality quantity quarter quartet wallet ballet bullet bucket basket casket jacket packet ticket pocket rocket '.
        'panto panda manor minor mirror error terror '.
        'finish finished fishing wishing washing nothing anything something everything clothing bathing breathing '.
        'change chance chose choose those these them then than that this thin think thing things thank thanks '.
        'window widow shadow shadows meadow follow yellow pillow hollow allow below '.
        'bottom cotton button mutton kitten written '.
        'strip stripe strike strict stretch sketch scratch match '.
        'mounted counted country county count counter encounter '.
        'party parts part port sport short report import export expert except accept across access success '.
        'mother mothers other others another either neither whether weather feather leather rather gather together '.
        'lady baby body study ready steady already bloody muddy teddy daddy mummy tummy yummy '.
        'sister master faster poster foster monster minister register '.
        'colours colour color collar dollar cellar seller '.
        'inside outside beside besides decide decided divide divided provide side sides tide ride rides bride '.
        'rather bather father lather gather '.
        'mail mails email nail tail fail sail rail hail '.
        'hang hangs hung rung sung lung '.
        'soft sofa left lift gift loft shift drift '.
        'open oven often listen lighten brighten tighten frighten '.
        'drop drops shop shops chop stop crop crops prop '.
        'glass class grass brass gross glossy '.
        'smaller taller caller larger longer stronger younger hunger '.
        'remember member number lumber timber '.
        'school choir chair stairs pairs repair '.
        'posted hosted tested rested listed '.
        'thick trick stick quick '.
        'portrait trait wait waist waste '.
        'centre enter renter center '.
        'canvas canvass canals camera cameras '.
        'quotes notes votes boats coats '.
        'wedding bedding heading reading leading feeding reception '.
        'invoice voice choice office notice price prize prices pieces place places '.
        'proofs proof roof hoof '.
        'sold cold gold told hold fold bold world '.
        'mention attention station action section edition auction options option portion '.
        'raffle baffle ruffle staff stuff cuff puff '.
        'hours tours towers flowers showers '.
        'hopes ropes slopes shapes grapes tapes '.
        'eyes dyes ages pages images stages cages '.
        'hate fate gates dates rates plates';

    /** @var ?array<string, true> */
    private static ?array $words = null;

    public static function is(string $word): bool
    {
        self::$words ??= array_fill_keys(preg_split('/\s+/', self::WORDS) ?: [], true);

        return isset(self::$words[$word]);
    }
}
