<?php

declare(strict_types=1);

namespace Planisher\Imaging\Intake;

/**
 * What is used of a stranger's XMP packet (ISO 16684-1). It is read as a stream, by depth: a packet of more than a few
 * levels, or with a document type (and so with entities of its own), is not read at all.
 */
final readonly class EmbeddedXmp
{
    private const DUBLIN_CORE = 'http://purl.org/dc/elements/1.1/';

    private const TIFF = 'http://ns.adobe.com/tiff/1.0/';

    private const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';

    private const XML = 'http://www.w3.org/XML/1998/namespace';

    private const DEEPEST = 40;

    private const MOST_BYTES = 4_000_000;

    private const MOST_NODES = 100_000;

    private function __construct(public ?string $description = null, public ?string $rights = null, public ?int $orientation = null) {}

    public static function read(string $packet): self
    {
        $packet = trim($packet, "\0 \n\r\t");
        if ($packet === '' || strlen($packet) > self::MOST_BYTES) {
            return new self();
        }
        $reader = new \XMLReader();
        $before = libxml_use_internal_errors(true);
        try {
            return @$reader->XML($packet, null, LIBXML_NONET) ? self::texts($reader) : new self();
        } finally {
            $reader->close();
            libxml_clear_errors();
            libxml_use_internal_errors($before);
        }
    }

    private static function texts(\XMLReader $reader): self
    {
        /** @var array<string, array<string, string>> $texts by property and language */
        $texts = ['description' => [], 'rights' => []];
        $orientation = null;
        [$property, $language] = [null, ''];
        for ($n = 0; @$reader->read(); $n++) {
            if (
                $n > self::MOST_NODES ||
                $reader->depth > self::DEEPEST ||
                in_array($reader->nodeType, [\XMLReader::DOC_TYPE, \XMLReader::ENTITY_REF], true)
            ) {
                return new self();
            }
            if ($reader->nodeType === \XMLReader::ELEMENT) {
                $isOurs = $reader->namespaceURI === self::DUBLIN_CORE && isset($texts[$reader->localName]);
                $property = $isOurs ? $reader->localName : $property;
                if ($reader->namespaceURI === self::RDF && $reader->localName === 'li') {
                    $language = (string) $reader->getAttributeNs('lang', self::XML);
                } elseif ($reader->namespaceURI === self::RDF && $reader->localName === 'Description') {
                    $orientation ??= self::number($reader->getAttributeNs('Orientation', self::TIFF));
                }
                if ($reader->namespaceURI === self::TIFF && $reader->localName === 'Orientation') {
                    $property = 'orientation';
                }
                if ($reader->isEmptyElement && $isOurs) {
                    $property = null;
                }
            } elseif (
                $reader->nodeType === \XMLReader::END_ELEMENT &&
                in_array($reader->namespaceURI, [self::DUBLIN_CORE, self::TIFF], true)
            ) {
                [$property, $language] = [null, ''];
            } elseif ($property === 'orientation' && $reader->hasValue) {
                $orientation ??= self::number($reader->value);
            } elseif ($property !== null && in_array($reader->nodeType, [\XMLReader::TEXT, \XMLReader::CDATA], true)) {
                $texts[$property][$language] = ($texts[$property][$language] ?? '').$reader->value;
            }
        }
        // What was read of a packet that breaks off is kept: it says what it says.
        $one = fn (array $said): ?string => $said['x-default'] ?? ($said['en'] ?? (array_values($said)[0] ?? null));

        return new self($one($texts['description']), $one($texts['rights']), $orientation);
    }

    private static function number(?string $text): ?int
    {
        return preg_match('/^[1-8]$/', trim((string) $text)) === 1 ? (int) trim((string) $text) : null;
    }
}
