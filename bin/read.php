<?php

declare(strict_types=1);

/**
 * bin/planisher read --batch FILE.json
 * bin/planisher read "WORDS" --lab CARD.json [--pictures DIR] [--unit in|cm] [--on LINE.json]
 *
 * What words are read as, without doing anything. A batch is questions in JSON and gives answers in JSON (core/OrderFile/read.schema.json,
 * docs/reading.md); by itself it is told for people, as the screen tells it. Exits 0 when nothing is in doubt, and with a batch in any
 * case; 1 when something is; 2 when it can't be read.
 */

use Planisher\Description\Ordered;
use Planisher\Finish\LineReader;
use Planisher\Imaging\IntakeReader;
use Planisher\Imaging\Type\HarfBuzz;
use Planisher\Lab\LabCard;
use Planisher\Language\Known;
use Planisher\Measure\Unit;
use Planisher\Naming\NameBook;
use Planisher\Order\WorkedLine;
use Planisher\OrderFile\JsonNode;
use Planisher\OrderFile\JsonText;
use Planisher\OrderFile\OrderFileError;
use Planisher\OrderFile\OrderHead;
use Planisher\Picture\PictureRefused;
use Planisher\Picture\PictureTrouble;
use Planisher\Reading\ReadAnswer;
use Planisher\Studio\OrderContext;

require __DIR__.'/autoload.php';

const SURE = 0;
const IN_DOUBT = 1;
const UNREADABLE = 2;
const USAGE =
    'usage: bin/planisher read --batch FILE.json  or  '.
    'bin/planisher read "WORDS" --lab CARD.json [--pictures DIR] [--unit in|cm] [--on LINE.json]';

function refuse(string $why): never
{
    fwrite(STDERR, "planisher read: {$why}\n");
    exit(UNREADABLE);
}

/** @return array<mixed> */
function json(string $file): array
{
    (is_file($file) && is_readable($file)) || refuse("there is no file “{$file}”.");
    try {
        $read = JsonText::decode((string) file_get_contents($file));
    } catch (OrderFileError $e) {
        refuse("“{$file}” is not JSON. ".ucfirst($e->getMessage()));
    }

    return is_array($read) ? $read : refuse("“{$file}” is neither an object nor an array.");
}

/** @param  array<string, mixed>  $of  lab, unit and marks */
function known(array $of): Known
{
    $unit = ($of['unit'] ?? 'in') === 'cm' ? Unit::Centimetre : Unit::Inch;

    return new Known(
        LabCard::fromNode(JsonNode::root($of['lab'] ?? null)),
        $of['marks'] ?? ['studio-mark.png'],
        $unit,
        $of['pixels'] ?? [],
    );
}

/**
 * @param  array<string, mixed>  $question
 * @return array<string, mixed>
 */
function answer(array $question): array
{
    static $all = [];
    try {
        $known = $all[
            serialize([$question['lab'] ?? null, $question['unit'] ?? null, $question['marks'] ?? null, $question['pixels'] ?? null])
        ] ??= known($question);
        [$text, $pictures] = [(string) ($question['text'] ?? ''), array_map(strval(...), array_values($question['pictures'] ?? []))];

        return isset($question['on'])
            ? ReadAnswer::toWish($text, $known, $pictures, $question['on'])
            : ['lines' => ReadAnswer::toWords($text, $known, $pictures)];
    } catch (\Throwable $e) {
        return ['error' => $e->getMessage()];
    }
}

$given = ['--batch' => null, '--lab' => null, '--pictures' => null, '--unit' => 'in', '--on' => null];
$words = null;
for ($rest = array_slice($argv, 1); ($word = array_shift($rest)) !== null;) {
    if (array_key_exists($word, $given)) {
        $given[$word] = array_shift($rest) ?? refuse("{$word} needs a word after it. ".USAGE);
    } elseif ($words === null && ! str_starts_with($word, '--')) {
        $words = $word;
    } else {
        refuse("“{$word}” is not understood. ".USAGE);
    }
}
if ($given['--batch'] !== null) {
    $answers = [];
    foreach (json($given['--batch']) as $question) {
        is_array($question) && isset($question['id'])
            ? ($answers[] = ['id' => (string) $question['id']] + answer($question))
            : refuse('a question has no id.');
    }
    // An empty line or part is an object, not a list.
    $shaped = array_map(fn (array $one): array => isset($one['line']) ? ['line' => (object) $one['line']] + $one : $one, $answers);
    foreach ($shaped as &$one) {
        foreach ($one['lines'] ?? [] as $i => $line) {
            foreach ($line['prints'] as $j => $print) {
                $one['lines'][$i]['prints'][$j]['line'] = (object) $print['line'];
            }
        }
    }
    echo json_encode($shaped, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR), "\n";
    exit(SURE);
}
($words !== null && $given['--lab'] !== null) || refuse(USAGE);
in_array($given['--unit'], ['in', 'cm'], true) || refuse("“{$given['--unit']}” is no unit: in or cm.");
$folder = $given['--pictures'];
$folder === null || is_dir($folder) || refuse("there is no folder “{$folder}” with pictures.");
$pictures =
    $folder === null
        ? []
        : array_values(array_filter(scandir($folder) ?: [], fn (string $name): bool => is_file("{$folder}/{$name}") && $name[0] !== '.'));
$card = json($given['--lab']);
$question = ['text' => $words, 'unit' => $given['--unit'], 'lab' => $card['lab'] ?? $card, 'pictures' => $pictures];
$answer = answer($question + ($given['--on'] === null ? [] : ['on' => json($given['--on'])]));
isset($answer['error']) && refuse($answer['error']);

$known = known($question);
$tell = function (array $line) use ($known, $folder): string {
    unset($line['remark']); // is told by itself
    try {
        $wanted = LineReader::read(JsonNode::root($line, $known->unit));
        $facts = array_map(function (?string $name) use ($folder) {
            try {
                return $name === null || $folder === null
                    ? PictureTrouble::none()
                    : IntakeReader::begin("{$folder}/{$name}", $name, whole: false)->facts();
            } catch (PictureRefused $e) {
                return PictureTrouble::unreadable((string) $name, $e->getMessage());
            }
        }, array_values($wanted->pictures()));
        $head = new OrderHead('1', 'Client', date('Y-m-d'));
        $name = NameBook::names($head, $known->lab, [1 => $wanted])[1];

        $at = WorkedLine::context($wanted, $facts, $known->lab, $name, orderContext: new OrderContext($head, [], new HarfBuzz()));

        return Ordered::of($at)->told(withFile: isset($line['output']));
    } catch (OrderFileError $e) {
        return isset($line['size']) || isset($line['sheet']) ? $e->getMessage() : 'no whole line yet';
    }
};
$isSure = true;
foreach (
    $answer['lines'] ?? [
        [
            'words' => $words,
            'prints' => [['line' => $answer['line'], 'sure' => $answer['sure']]],
            'sure' => $answer['sure'],
            'doubts' => $answer['doubts'],
        ],
    ] as $line
) {
    if (trim($line['words']) === '') {
        continue;
    }
    echo $line['words'], "\n";
    foreach ($line['prints'] as $print) {
        $isTaken = $print['sure'] && $line['sure'];
        $isSure = $isSure && $isTaken;
        echo '  ', $isTaken ? '=' : '?', ' ', $tell($print['line']), "\n";
        $remark = $print['line']['remark']['own'] ?? null;
        $remark === null || (print "    remark: {$remark}\n");
    }
    foreach ($line['doubts'] as $doubt) {
        $isSure = false;
        echo "  ? “{$doubt['words']}”: {$doubt['why']}", $doubt['offers'] === [] ? '' : ' ['.implode(' | ', $doubt['offers']).']', "\n";
    }
}
exit($isSure ? SURE : IN_DOUBT);
