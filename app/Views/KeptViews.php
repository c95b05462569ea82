<?php

declare(strict_types=1);

namespace App\Views;

/** Renderings that are kept until nobody has asked for them for a while (Housekeeping), each under a name that says of what. */
final class KeptViews
{
    public function __construct(private readonly string $folder, private readonly FailureCache $failures) {}

    /**
     * Where a rendering lies; made when it isn't there.
     *
     * @param  string  $what  of which line as it is, the same for the same only
     * @param  callable(string): mixed  $make  told where to
     */
    public function file(string $what, string $extension, callable $make): string
    {
        $name = "{$what}.{$extension}";
        $path = "{$this->folder}/".substr($name, 0, 2)."/{$name}";
        if (! is_file($path)) {
            is_dir(dirname($path)) || @mkdir(dirname($path), 0770, true);
            $this->failures->try($what, fn () => $make($path));
        }

        return $path;
    }
}
