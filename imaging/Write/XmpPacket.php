<?php

declare(strict_types=1);

namespace Planisher\Imaging\Write;

use Planisher\Imaging\Sources\Credits;

/** Caption and copyright as an XMP packet (ISO 16684-1, Dublin Core), for a TIFF. */
final class XmpPacket
{
    public static function of(Credits $credits): ?string
    {
        $texts = array_filter(['description' => $credits->caption, 'rights' => $credits->copyright], is_string(...));
        $said = '';
        foreach ($texts as $name => $text) {
            $escaped = htmlspecialchars($text, ENT_XML1 | ENT_QUOTES, 'UTF-8');
            $said .= "<dc:{$name}><rdf:Alt><rdf:li xml:lang=\"x-default\">{$escaped}</rdf:li></rdf:Alt></dc:{$name}>";
        }

        return $said === ''
            ? null
            : '<?xpacket begin="" id="W5M0MpCehiHzreSzNTczkc9d"?><x:xmpmeta xmlns:x="adobe:ns:meta/">'.
                    '<rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" '.
                    'xmlns:dc="http://purl.org/dc/elements/1.1/">'.
                    "{$said}</rdf:Description></rdf:RDF></x:xmpmeta><?xpacket end=\"r\"?>";
    }
}
