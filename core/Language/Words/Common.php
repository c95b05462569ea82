<?php

declare(strict_types=1);

namespace Planisher\Language\Words;

/** Words that say nothing of a print: politeness, and the small words that sentences are built with. */
final class Common
{
    private const POLITE =
        'please pls plz plese thanks thank thx ta cheers hi hello hey hiya dear kindly sorry hope sir '.
        'madam love hon lovely great brilliant '.
        'good morning afternoon evening day ok okay oh um well yes yeah yep yup lol haha omg tia tx xx '.
        'xo x-x bye bitte danke merci gracias '.
        'hola hallo guten tag bonjour hola gruss grüße cordially regards wishes sincerely yours best '.
        'many much very so eh aye comma period newline '.
        'could can would may might like want wants wanted need needs i we you me us they he she him '.
        'my mine our your yours '.
        'have has get got do does give order ordering print prints printed printing make made send take '.
        'taking go put photo picture pictures image images '.
        'w em says say said change use deliver bump exactly they\'ll we\'ll he\'ll she\'ll you\'re nvm '.
        'pack there\'s time times stuff add adding supply supplied '.
        'was were had been being went did done said the a an of for to in on at with and as by from is '.
        'are am be it its this that these there here just only then now also '.
        'one who whom what when where while because but so '.
        'out about please could\'d i\'d i\'ll we\'d we\'ll i\'m '.
        'it\'s that\'s they\'re i\'ve we\'ve don\'t '.
        'will shall should must let lets let\'s think know see look looking following follow follows attached enclosed list '.
        'size sized sizes print-size copy copies piece pieces number numbers nr quantity qty pcs dpi format way '.
        'new line possible possibly poss bit nice '.
        'normal plain size '.
        'everyone anyone someone something nothing everybody kind sort thing things mind wall home house office '.
        'mum mom dad gran grandma grandad nan sister brother aunt uncle friend husband wife son daughter parents family kids '.
        'rush hurry bunch loads cos cuz coz whenever moment anyway though yet guess suppose '.
        'course absolutely definitely certainly truly wonderful fantastic amazing perfect favourite favorite '.
        'favourites favorites beautiful '.
        'gorgeous cute sweet funny loved loves loving enjoy enjoyed happy glad excited present gift gifts surprise christmas xmas '.
        'anniversary grandparents cousin cousins niece nieces nephew nephews aunty auntie nana granny grandpa mummy daddy neighbour '.
        'neighbours folks children stays stay unchanged ticked doing '.
        'ich wir möchte möchten hätte gerne von den die das der dem ein eine einen mit und bitte zu als '.
        'für nochmal im bild bildern bilder abzüge '.
        'je voudrais nous le la les des du de un une en et avec pour sur el los las un una unos queremos quiero con y para por favor que';

    /** @var ?array<string, true> */
    private static ?array $words = null;

    public static function is(string $word): bool
    {
        self::$words ??= array_fill_keys(preg_split('/\s+/', self::POLITE) ?: [], true);

        return isset(self::$words[$word]);
    }

    /** @return array<string, true> */
    public static function all(): array
    {
        self::is('');

        return (array) self::$words;
    }
}
