<?php

declare(strict_types=1);

namespace Planisher\Imaging\Vips;

/** An image whose pixels are computed by a thread of their own, while this process goes on with something else. */
final class Holding
{
    private ?\FFI\CData $thread;

    /**
     * Begins.
     *
     * @param  Image  $image  kept until the thread has ended
     * @param  \FFI\CData  $of  the image's own
     */
    public function __construct(private readonly Image $image, \FFI\CData $of)
    {
        $ffi = Library::get();
        $compute = $ffi->cast('void*', $ffi->vips_image_copy_memory);
        $this->thread = $ffi->g_thread_new('holding', $compute, $ffi->cast('void*', $of));
    }

    public function __destruct()
    {
        if ($this->thread !== null) {
            $held = Library::get()->g_thread_join($this->thread);
            $held === null || Library::get()->g_object_unref($held);
        }
    }

    /** @param  \FFI\CData  $of  the image's own */
    /**
     * Waits for its pixels; once.
     *
     * @return \FFI\CData of an image that is the caller's to free
     *
     * @throws VipsError
     */
    public function wait(): \FFI\CData
    {
        $ffi = Library::get();
        $thread = $this->thread ?? throw new \LogicException('It has been waited for.');
        $this->thread = null;
        $held = $ffi->g_thread_join($thread);

        return ($held === null ? null : $ffi->cast('VipsImage*', $held)) ?? throw Library::error('copy_memory');
    }
}
