<?php

declare(strict_types=1);

namespace Tests\core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Dependencies point inward: app → imaging → core, and inside core nothing goes in a circle. Core is pure: PHP and intl, no
 * files, no clock, no chance.
 */
final class ArchitectureTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    private const LONGEST_LINE = 140;

    /** A lab card says how it wants canvases: that is the order file's shape. */
    private const OF_THE_LAB_CARD = ['core/Lab/LabCard.php'];

    private const IMPURE = [
        'fopen',
        'file_get_contents',
        'file_put_contents',
        'fwrite',
        'is_file',
        'unlink',
        'mkdir',
        'time',
        'microtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'getenv',
        'exec',
        'header',
        'error_log',
        'usleep',
        'sleep',
    ];

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
                self::assertTrue(
                    ! str_contains($name, '\\') || str_starts_with($name, 'Planisher\\') || str_starts_with($name, 'FFI\\'),
                    "{$file} uses {$name}",
                );
            }
        }
    }

    public function test_only_two_places_speak_to_c(): void
    {
        foreach ([...self::names('imaging'), ...self::names('app')] as $file => $names) {
            if (preg_match('~imaging/(Vips/|Type/HarfBuzz\.php)~', $file) !== 1) {
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
                if (preg_match('~core/Language/Foreign/[a-z]{2}\.php$~', $file) === 1) {
                    continue; // a table of words
                }
                self::assertSame(1, preg_match_all('/^(?:final |abstract |readonly )*(?:class|enum|interface|trait) \w+/m', $code), $file);
            }
        }
    }

    /** One name, one class: whoever searches for a name finds one thing. */
    public function test_no_name_stands_twice(): void
    {
        $of = [];
        foreach (['core', 'imaging', 'app', 'labsim', 'demo', 'bench'] as $root) {
            foreach (self::files($root) as $file) {
                if (preg_match('/^[A-Z]/', basename($file)) === 1) {
                    $of[basename($file)][] = $file;
                }
            }
        }
        self::assertGreaterThan(700, count($of));
        self::assertSame([], array_filter($of, fn (array $files): bool => count($files) > 1));
    }

    /** No two folders of one house use each other, neither straight nor by way of others; what lies beside them knows them, not they it. */
    #[DataProvider('houses')]
    public function test_folders_form_no_circle(string $root, string $namespace, int $folders): void
    {
        $uses = [];
        foreach (self::names($root) as $file => $names) {
            $folder = self::folder(substr($file, strlen(self::ROOT."/{$root}/")), '/');
            foreach ($names as $name) {
                if (str_starts_with($name, "{$namespace}\\") && ! ($root === 'core' && str_starts_with($name, 'Planisher\\Imaging\\'))) {
                    $uses[$folder][self::folder(substr($name, strlen("{$namespace}\\")), '\\')] = true;
                }
            }
            unset($uses[$folder][$folder]);
        }
        self::assertGreaterThanOrEqual($folders, count($uses), 'it was read');
        // Whoever uses nothing that is left can go; what stays in the end is in a circle.
        $left = $uses;
        do {
            $before = count($left);
            $left = array_filter($left, fn (array $used): bool => array_intersect_key($used, $left) !== []);
        } while (count($left) < $before);
        self::assertSame([], array_keys($left), 'these folders use each other in a circle');
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function houses(): iterable
    {
        yield 'core' => ['core', 'Planisher', 18];
        yield 'imaging' => ['imaging', 'Planisher\\Imaging', 9];
        yield 'app' => ['app', 'App', 20];
    }

    /** @param  non-empty-string  $between */
    private static function folder(string $path, string $between): string
    {
        return str_contains($path, $between) ? explode($between, $path)[0] : 'beside its folders';
    }

    /** A request is ended where it is answered; what works for it says what is wrong, and may be asked by a worker, too. */
    public function test_only_controllers_end_a_request(): void
    {
        foreach (self::names('app') as $file => $names) {
            if (! str_contains($file, '/Http/Controllers/')) {
                self::assertSame([], array_values(array_intersect(['abort', 'abort_if', 'abort_unless'], $names)), $file);
            }
        }
    }

    /** What a finish is called and how it works is known in its folder and to the register. */
    public function test_no_finish_is_named_outside_its_folder(): void
    {
        $folders = array_map(basename(...), glob(self::ROOT.'/core/Finish/*', GLOB_ONLYDIR) ?: []);
        self::assertContains('Canvas', $folders);
        $words = implode(
            '|',
            array_map(fn (string $folder): string => lcfirst($folder), array_diff($folders, ['Print', 'NotYet', 'Sheet'])),
        );
        foreach (['core', 'imaging', 'app'] as $root) {
            foreach (self::names($root) as $file => $names) {
                $path = substr($file, strlen(self::ROOT.'/'));
                // The words of a language are no names of finishes.
                if (preg_match('~^core/(Finish/(Finishes\.php|\w+/)|Language/)~', $path) === 1) {
                    continue;
                }
                foreach ($names as $name) {
                    self::assertDoesNotMatchRegularExpression(
                        '/^Planisher\\\\Finish\\\\('.implode('|', $folders).')\\\\/',
                        $name,
                        $path,
                    );
                }
                if (! in_array($path, self::OF_THE_LAB_CARD, true)) {
                    self::assertDoesNotMatchRegularExpression("/'({$words})'/", (string) file_get_contents($file), $path);
                }
            }
        }
    }

    /** A lab that checked parcels by our own rules would agree with whatever we send. */
    public function test_the_simulated_lab_shares_nothing_with_us(): void
    {
        $files = self::files('labsim');
        self::assertGreaterThan(5, count($files));
        foreach ($files as $file) {
            $text = (string) file_get_contents($file);
            self::assertDoesNotMatchRegularExpression('/Planisher\\\\|App\\\\|Illuminate|vendor\\/|autoload|core\\//', $text, $file);
        }
    }

    public function test_no_file_is_taken_to_have_one_picture(): void
    {
        foreach (['core', 'imaging', 'app', 'bench'] as $folder) {
            foreach (array_keys(self::names($folder)) as $file) {
                self::assertStringNotContainsString('placements[0]', (string) file_get_contents($file), $file);
            }
        }
    }

    /** What is said of a case stands in one place, with its name; an order file's errors are made of their parts. */
    public function test_errors_are_made_by_their_named_constructors(): void
    {
        $files = array_merge(...array_map(self::files(...), ['core', 'imaging', 'app']));
        $text = array_map(fn (string $file): string => (string) file_get_contents($file), array_combine($files, $files));
        $made = [];
        foreach ($text as $file => $code) {
            $isError = preg_match('/^(?:final )?class (\w+) extends \S*(?:Exception|Refused|CannotWrite)\b/m', $code, $named) === 1;
            if ($isError && preg_match('/public static function \w+\(.*\): self/', $code) === 1 && $named[1] !== 'OrderFileError') {
                $made[] = $named[1];
            }
        }
        self::assertGreaterThan(15, count($made));
        foreach ($text as $file => $code) {
            self::assertDoesNotMatchRegularExpression('/\bnew (?:'.implode('|', $made).')\(/', $code, $file);
        }
    }

    public function test_no_line_is_too_long_to_be_read(): void
    {
        foreach (['core', 'imaging', 'app', 'bench', 'bin', 'database', 'demo', 'labsim', 'routes', 'tests'] as $folder) {
            foreach (self::files($folder) as $file) {
                foreach (file($file) ?: [] as $i => $line) {
                    self::assertLessThanOrEqual(self::LONGEST_LINE, mb_strlen(rtrim($line, "\n")), "{$file}:".($i + 1));
                }
            }
        }
    }

    /** @return list<string> */
    private static function files(string $folder): array
    {
        $all = new \RecursiveDirectoryIterator(self::ROOT."/{$folder}", \FilesystemIterator::SKIP_DOTS);
        $files = [];
        foreach (new \RecursiveIteratorIterator($all) as $file) {
            if ($file->getExtension() === 'php' && ! str_contains($file->getPathname(), 'imaging/profiles/')) {
                $files[] = $file->getPathname();
            }
        }
        self::assertNotEmpty($files);

        return $files;
    }

    /** @return array<string, list<string>> imported, fully qualified and called names by file */
    private static function names(string $folder): array
    {
        $names = [];
        foreach (self::files($folder) as $file) {
            $tokens = \PhpToken::tokenize((string) file_get_contents($file));
            $used = [];
            foreach ($tokens as $i => $token) {
                $before = $tokens[$i - 1] ?? null;
                $calls =
                    ($tokens[$i + 1] ?? null)?->text === '(' &&
                    ! in_array($before?->text, ['->', '::', '?->'], true) &&
                    ($tokens[$i - 2] ?? null)?->text !== 'function';
                $isItsOwn = ($tokens[$i - 2] ?? null)?->is(T_NAMESPACE) === true;
                if (($token->is([T_NAME_FULLY_QUALIFIED, T_NAME_QUALIFIED]) && ! $isItsOwn) || ($token->is(T_STRING) && $calls)) {
                    $used[] = ltrim($token->text, '\\');
                }
            }
            $names[$file] = array_values(array_unique($used));
        }

        return $names;
    }
}
