<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** bin/planisher read: words in, what they mean out, for programs and for people. */
final class ReadCommandTest extends TestCase
{
    private const LAB = [
        'name' => 'Larkmoor',
        'sizes' => ['8 x 10 in', '12 x 18 in'],
        'papers' => [['name' => 'Matte', 'surface' => 'matte']],
    ];

    /** Of all of them */
    private const NEEDLESS = 0.08;

    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/planisher-read-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Process(['rm', '-rf', $this->folder]))->run();
    }

    private function read(string ...$given): Process
    {
        $process = new Process([dirname(__DIR__, 3).'/bin/planisher', 'read', ...$given], timeout: 120);
        $process->run();

        return $process;
    }

    private function json(string $name, mixed $value): string
    {
        file_put_contents("{$this->folder}/{$name}", is_string($value) ? $value : json_encode($value));

        return "{$this->folder}/{$name}";
    }

    public function test_a_batch_is_answered_in_the_shape_of_its_schema(): void
    {
        $of = ['unit' => 'in', 'lab' => self::LAB, 'pictures' => ['DSC_0412.jpg']];
        $line = ['make' => 'print', 'picture' => 'DSC_0412.jpg', 'size' => '8 x 10 in', 'copies' => 1];
        $asked = [
            ['id' => 'list', 'text' => "0412 8x10 x2, matte\nand the blue one"] + $of,
            ['id' => 'wish', 'text' => '2 copies and take the sign out', 'on' => $line] + $of,
            ['id' => 'no lab', 'text' => '8x10', 'lab' => ['name' => '']] + $of,
            ['id' => 'no line', 'text' => 'white border', 'on' => ['size' => 'jumbo']] + $of,
        ];
        $process = $this->read('--batch', $this->json('batch.json', $asked));
        self::assertSame([0, ''], [$process->getExitCode(), $process->getErrorOutput()]);
        $answers = json_decode($process->getOutput());
        $schema = (string) file_get_contents(dirname(__DIR__, 3).'/core/OrderFile/read.schema.json');
        $validated = (new Validator())->validate($answers, $schema);
        self::assertTrue($validated->isValid(), json_encode($validated->error()?->args()) ?: '');
        [$list, $wish, $noLab, $noLine] = json_decode($process->getOutput(), true);
        $wanted = ['picture' => 'DSC_0412.jpg', 'size' => '8 x 10 in', 'copies' => 2, 'paper' => 'Matte'];
        self::assertEquals($wanted, array_intersect_key($list['lines'][0]['prints'][0]['line'], $wanted));
        self::assertTrue($list['lines'][0]['sure']);
        self::assertFalse($list['lines'][1]['sure']);
        self::assertSame(2, $wish['line']['copies']);
        self::assertNotSame([], $wish['doubts'], 'what is no wish is told');
        self::assertArrayHasKey('error', $noLab);
        self::assertSame([['size' => 'jumbo'], false], [$noLine['line'], $noLine['sure']], 'a line that can’t be read stays as it is');
    }

    public function test_people_are_told_as_the_screen_tells_it(): void
    {
        $card = $this->json('card.json', ['planisher' => 1, 'lab' => self::LAB]);
        (new Process(['convert', '-size', '600x400', 'xc:tan', "{$this->folder}/lighthouse.jpg"]))->mustRun();
        mkdir("{$this->folder}/pictures");
        rename("{$this->folder}/lighthouse.jpg", "{$this->folder}/pictures/lighthouse.jpg");
        $sure = $this->read('2 of lighthouse 8x10, matte', '--lab', $card, '--pictures', "{$this->folder}/pictures");
        self::assertSame(0, $sure->getExitCode(), $sure->getOutput());
        self::assertStringContainsString('= Make 2 prints of Lighthouse cropped to 8 × 10 in', $sure->getOutput());
        $doubt = $this->read('8x10 of the blue one', '--lab', $card, '--pictures', "{$this->folder}/pictures");
        self::assertSame(1, $doubt->getExitCode());
        self::assertMatchesRegularExpression('/\? “[^”]+”: /', $doubt->getOutput());
    }

    public function test_what_cannot_be_read_is_said(): void
    {
        foreach (
            [
                [[], 'usage'],
                [['8x10'], 'usage'],
                [['--batch', '/nowhere.json'], 'there is no file'],
                [['--batch', $this->json('broken.json', '{"a":')], 'is not JSON'],
                [['--batch', $this->json('brackets.json', str_repeat('[', 4_000_000))], 'is not JSON'],
                [['--batch', $this->json('no-id.json', [['text' => '8x10']])], 'has no id'],
                [['8x10', '--lab', $this->json('card.json', self::LAB), '--unit', 'ell'], 'is no unit'],
                [['8x10', '--lab', $this->json('card.json', self::LAB), '--pictures', '/nowhere'], 'there is no folder'],
                [['8x10', '--lab', $this->json('wrong.json', ['name' => 'x', 'sizes' => ['jumbo']])], 'sizes'],
            ] as [$given, $says]
        ) {
            $process = $this->read(...$given);
            self::assertSame(2, $process->getExitCode(), $process->getOutput());
            self::assertStringContainsString($says, $process->getErrorOutput());
        }
    }

    /** The corpora that lie beside the project, where they do: by many hands, and what each of them means. */
    public function test_what_many_hands_have_written_is_read_as_it_was_meant(): void
    {
        $said = dirname(__DIR__, 4).'/shared/said';
        is_file("{$said}/score.php") || self::markTestSkipped('The corpora aren’t here.');
        $score = new Process(['php', "{$said}/score.php", dirname(__DIR__, 3), "{$said}/dev", '--json'], timeout: 120);
        $score->run();
        $lines = explode("\n", trim($score->getOutput()));
        $all = json_decode((string) end($lines), true);
        self::assertSame([680, 0, 0], [$all['n'], $all['crashed'], $all['wrongAndSure']], $score->getErrorOutput());
        $of = $all['kinds'];
        self::assertGreaterThanOrEqual(0.85, $of['list']['right'] / $of['list']['n'], 'lists');
        $short = $of['line']['n'] + $of['wish']['n'];
        self::assertGreaterThanOrEqual(0.9, ($of['line']['right'] + $of['wish']['right']) / $short, 'typed lines and wishes');
        self::assertLessThanOrEqual(self::NEEDLESS, $all['needlessAsks'] / $all['n'], 'asked, and needn’t be');
    }
}
