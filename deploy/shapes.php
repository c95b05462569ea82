<?php

declare(strict_types=1);

// PHPStan's shapes of the API's answers and of a parcel's manifest, made from their schemas: php deploy/shapes.php >phpstan.answers.neon
// `OrderSheet` of the schema is `OrderSheetShape` in a docblock; `Line` of the order file is `LineForm`, which core alone writes and
// reads, and nobody else looks into.
$defs = json_decode((string) file_get_contents(__DIR__.'/../core/OrderFile/answers.schema.json'), true)['$defs'];
$ofFile = json_decode((string) file_get_contents(__DIR__.'/../core/OrderFile/order.schema.json'), true);

/** @param  array<mixed>  $schema */
function shape(array $schema): string
{
    if (isset($schema['$ref'])) {
        return named(...explode('#/', $schema['$ref']));
    }
    $any = $schema['oneOf'] ?? ($schema['anyOf'] ?? null);
    if ($any !== null) {
        return implode('|', array_unique(array_map(shape(...), $any)));
    }
    if (isset($schema['enum']) || isset($schema['const'])) {
        return implode(
            '|',
            array_map(fn ($value) => $value === null ? 'null' : var_export($value, true), $schema['enum'] ?? [$schema['const']]),
        );
    }

    $types = (array) ($schema['type'] ?? ['mixed']);

    return implode('|', array_unique(array_map(fn (string $type): string => typed($type, $schema), $types)));
}

/** What a reference names: a shape of ours, or something of the order file. */
function named(string $file, string $path): string
{
    global $ofFile;
    $isOurs = $file === '' && ! isset($ofFile['$defs'][basename($path)]);
    $found = $isOurs ? [] : array_reduce(explode('/', $path), fn (array $in, string $key): array => $in[$key], $ofFile);

    return match (true) {
        $isOurs => basename($path).'Shape',
        isset($found['properties']) => ucfirst(basename($path)).'Form',
        default => shape($found),
    };
}

/** @param  array<mixed>  $schema */
function typed(string $type, array $schema): string
{
    return match ($type) {
        'integer' => 'int',
        'number' => 'float|int',
        'boolean' => 'bool',
        'array' => (($schema['minItems'] ?? 0) > 0 ? 'non-empty-list<' : 'list<').shape($schema['items'] ?? []).'>',
        // What may be empty is made an object: an empty array would be written as [].
        'object' => (isset($schema['properties'])
            ? 'array{'.implode(', ', properties($schema)).'}'
            : 'array<'.values($schema).'>').(isset($schema['required']) ? '' : '|object'),
        default => $type,
    };
}

/** @param  array<mixed>  $schema */
function values(array $schema): string
{
    return is_array($schema['additionalProperties'] ?? null) ? shape($schema['additionalProperties']) : 'string, mixed';
}

/**
 * @param  array<mixed>  $schema
 * @return list<string>
 */
function properties(array $schema): array
{
    $mark = fn (string $name): string => in_array($name, $schema['required'] ?? [], true) ? '' : '?';

    return array_map(
        fn (string $name): string => $name.$mark($name).': '.shape($schema['properties'][$name]),
        array_keys($schema['properties']),
    );
}

$defs['Manifest'] = json_decode((string) file_get_contents(__DIR__.'/../core/OrderFile/manifest.schema.json'), true);

echo "# Made by deploy/shapes.php of the schemas in core/OrderFile: change those.\nparameters:\n    typeAliases:\n";
$aliases = ['ChangeForm' => 'array<string, mixed>']; // a merge patch of a line
foreach ($ofFile['$defs'] as $name => $schema) {
    isset($schema['properties']) && ($aliases["{$name}Form"] = 'array<string, mixed>');
}
foreach ($defs as $name => $schema) {
    $aliases["{$name}Shape"] = shape($schema);
}
foreach ($aliases as $name => $shape) {
    echo "        {$name}: ".json_encode($shape, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
}
