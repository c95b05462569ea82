<?php

declare(strict_types=1);

namespace Tests\core;

use PHPUnit\Framework\TestCase;

/** Dependencies point inward: app → imaging → core. Core is pure: PHP and intl, no files, no clock, no chance. */
final class ArchitectureTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private const IMPURE = ['fopen', 'file_get_contents', 'file_put_contents', 'fwrite', 'is_file', 'unlink', 'mkdir', 'time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'getenv', 'exec', 'header', 'error_log', 'usleep', 'sleep'];

    public function test_core_uses_nothing_but_itself_and_php(): void
    {
        foreach (self::names('core') as $file => $names) {
            foreach ($names as $name) {
                $outside = str_contains($name, '\\') && ! str_starts_with($name, 'Planisher\\');
                self::assertFalse($outside || str_starts_with($name, 'Planisher\\Imaging'), "{$file} uses {$name}");
                self::assertNotContains(strtolower($name), self::IMPURE, "{$file} calls {$name}");
            }
        }
    }

    public function test_imaging_uses_nothing_but_core_and_php(): void
    {
        foreach (self::names('imaging') as $file => $names) {
            foreach ($names as $name) {
                self::assertTrue(! str_contains($name, '\\') || str_starts_with($name, 'Planisher\\') || str_starts_with($name, 'FFI\\'), "{$file} uses {$name}");
            }
        }
    }

    public function test_only_one_folder_speaks_to_libvips(): void
    {
        foreach ([...self::names('imaging'), ...self::names('app')] as $file => $names) {
            if (! str_contains($file, 'imaging/Vips/')) {
                self::assertNotContains('FFI', $names, "{$file} uses FFI");
            }
        }
    }

    public function test_every_file_is_strict_and_holds_one_class(): void
    {
        foreach (['core', 'imaging', 'app', 'demo'] as $folder) {
            foreach (array_keys(self::names($folder)) as $file) {
                $code = (string) file_get_contents($file);
                self::assertStringContainsString('declare(strict_types=1);', $code, $file);
                self::assertSame(1, preg_match_all('/^(?:final |abstract |readonly )*(?:class|enum|interface|trait) \w+/m', $code), $file);
            }
        }
    }

    /** @return array<string, list<string>> imported, fully qualified and called names by file */
    private static function names(string $folder): array
    {
        $names = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(self::ROOT."/{$folder}", \FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->getExtension() !== 'php' || str_contains($file->getPathname(), 'imaging/profiles/')) {
                continue;
            }
            $tokens = \PhpToken::tokenize((string) file_get_contents($file->getPathname()));
            $used = [];
            foreach ($tokens as $i => $token) {
                $before = $tokens[$i - 1] ?? null;
                $calls = ($tokens[$i + 1] ?? null)?->text === '(' && ! in_array($before?->text, ['->', '::', '?->'], true) && ($tokens[$i - 2] ?? null)?->text !== 'function';
                if ($token->is([T_NAME_FULLY_QUALIFIED, T_NAME_QUALIFIED]) || ($token->is(T_STRING) && $calls)) {
                    $used[] = ltrim($token->text, '\\');
                }
            }
            $names[$file->getPathname()] = array_values(array_unique($used));
        }
        self::assertNotEmpty($names);

        return $names;
    }
}
