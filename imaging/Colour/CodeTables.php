<?php

declare(strict_types=1);

namespace Planisher\Imaging\Colour;

use Planisher\Imaging\Files\Beside;

/** Tables that were worked out once, each under a name: in a folder of their own, or for as long as this object lives. */
final class CodeTables
{
    private bool $isOwn = false;

    /** @param  ?string  $folder  where they are kept from one process to the next */
    public function __construct(private ?string $folder = null) {}

    public function __destruct()
    {
        if ($this->isOwn) {
            array_map(unlink(...), glob("{$this->folder}/*") ?: []);
            @rmdir((string) $this->folder);
        }
    }

    /**
     * @param  string  $name  of a file, the same for the same table only
     * @param  callable(): string  $make  its bytes
     * @return string where it lies
     */
    public function named(string $name, callable $make): string
    {
        $path = "{$this->room()}/{$name}.icc";
        if (! is_file($path)) {
            Beside::write($path, fn (string $part) => file_put_contents($part, $make()));
        }

        return $path;
    }

    private function room(): string
    {
        if ($this->folder === null) {
            $this->folder = sys_get_temp_dir().'/planisher-tables-'.getmypid().'-'.bin2hex(random_bytes(6));
            $this->isOwn = true;
        }
        is_dir($this->folder) || @mkdir($this->folder, 0700, true);

        return $this->folder;
    }
}
