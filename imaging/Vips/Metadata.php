<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** What an image carries beside its pixels, field by field, by libvips' names of them. */
final class Metadata
{
    public const PROFILE = 'icc-profile-data';

    public const XMP = 'xmp-data';

    public const IPTC = 'iptc-data';

    public const EXIF = 'exif-data';

    public const PAGE_HEIGHT = 'page-height';

    /** Of another picture than the one in the pixels, or of how it was stored */
    private const NOT_OF_COLOUR = '/^(exif-|png-comment|heif-)|-data$|^(orientation|resolution-unit)$/';

    /** @param  Image  $of  lives as long as this does */
    public function __construct(private readonly Image $of, private readonly \FFI\CData $image) {}

    public function profile(): ?string
    {
        return $this->bytes(self::PROFILE);
    }

    public function bytes(string $field): ?string
    {
        $ffi = Library::get();
        $data = Library::room('const void*');
        $length = Library::room('size_t');
        $has = $ffi->vips_image_get_typeof($this->image, $field) !== 0;
        if (! $has || $ffi->vips_image_get_blob($this->image, $field, \FFI::addr($data), \FFI::addr($length)) !== 0) {
            return null;
        }

        return \FFI::string($data, $length->cdata);
    }

    /**
     * Sets it on this very image: only on one that nobody else holds.
     *
     * @param  string|int  $value  bytes, or a number
     */
    public function set(string $field, string|int $value): Image
    {
        is_int($value)
            ? Library::get()->vips_image_set_int($this->image, $field, $value)
            : Library::get()->vips_image_set_blob_copy($this->image, $field, $value, strlen($value));

        return $this->of;
    }

    /** Takes it off this very image, as set() sets it. */
    public function remove(string ...$fields): Image
    {
        array_map(fn (string $field) => Library::get()->vips_image_remove($this->image, $field), $fields);

        return $this->of;
    }

    /** @return list<string> fields that say nothing of its colours */
    public function notOfColour(): array
    {
        $isOther = fn (string $field): bool => preg_match(self::NOT_OF_COLOUR, $field) === 1 && $field !== self::PROFILE;

        return array_values(array_filter($this->fields(), $isOther));
    }

    /** @return list<string> */
    private function fields(): array
    {
        $ffi = Library::get();
        $names = $ffi->vips_image_get_fields($this->image);
        $fields = [];
        for ($i = 0; $names[$i] !== null; $i++) {
            $fields[] = \FFI::string($names[$i]);
        }
        $ffi->g_strfreev($names);

        return $fields;
    }
}
