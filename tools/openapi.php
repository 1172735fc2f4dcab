<?php

declare(strict_types=1);

/*
 * Writes docs/openapi.json: the paths from the attributes beside the controllers, the schemas from the classes that are sent and
 * answered; docs/formats/pie-6.schema.json from the classes of the design; and what cooks commonly begin with. With --check it compares instead, and fails when a
 * file is stale.
 */

use App\Contract\Answer;
use App\Contract\Body;
use App\Contract\Json;
use App\Pie\Defaults;
use Hojaldre\Core\Pie\Pie;
use OpenApi\Generator;
use Tools\AnswerSchemas;
use Tools\DocumentSchemas;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);

/** @return list<Body|Answer> all that stand beside the controllers */
$sent = static function () use ($root): array {
    $found = [];
    foreach (glob("$root/app/*/*.php") ?: [] as $source) {
        if (! str_contains((string) file_get_contents($source), '#[OA\\')) {
            continue;
        }
        /** @var class-string $class */
        $class = 'App\\'.strtr(substr($source, strlen("$root/app/"), -4), '/', '\\');
        foreach ((new ReflectionClass($class))->getMethods() as $method) {
            foreach ($method->getAttributes() as $attribute) {
                $arguments = $attribute->getArguments();
                $found = [...$found, ...array_filter([$arguments['requestBody'] ?? null, ...$arguments['responses'] ?? []])];
            }
        }
    }

    return array_values(array_filter($found, static fn (mixed $one): bool => $one instanceof Body || $one instanceof Answer));
};
$all = $sent();
$answers = new AnswerSchemas;
array_map(static fn (Body $one) => $answers->documents->reference($one->holds()), array_filter($all, static fn (object $one): bool => $one instanceof Body));
array_map(static fn (Answer $one) => $answers->reference($one->holds()), array_filter($all, static fn (object $one): bool => $one instanceof Answer));
$answers->reference(Defaults::class);

$openapi = (new Generator)->setVersion('3.1.0')->generate(["$root/app"], validate: false);
$contract = json_decode($openapi?->toJson() ?? '', true, 512, JSON_THROW_ON_ERROR);
// what holds of every body is written once
foreach ($contract['paths'] as &$verbs) {
    foreach ($verbs as &$operation) {
        if (isset($operation['requestBody'])) {
            $operation['responses']['413'] = ['description' => 'Larger than 256 kB, or an object with more than 200 keys', 'content' => ['application/problem+json' => ['schema' => ['$ref' => '#/components/schemas/Problem']]]];
        }
    }
}
unset($verbs, $operation);
$twice = array_intersect_key($answers->schemas, $answers->documents->schemas);
if ($twice !== []) {
    fwrite(STDERR, 'Two classes are called '.implode(', ', array_keys($twice))." in the contract: give one another name.\n");
    exit(1);
}
$contract['components']['schemas'] = [...$answers->schemas, ...$answers->documents->schemas];
ksort($contract['components']['schemas']);

$file = new DocumentSchemas('#/$defs/');
$file->reference(Pie::class);
['PieDesign' => $design] = $file->schemas;
unset($file->schemas['PieDesign']);
ksort($file->schemas);
$schema = ['$schema' => 'https://json-schema.org/draft/2020-12/schema', '$id' => 'urn:hojaldre:pie:'.Pie::VERSION, 'title' => 'PieDesign', ...$design, '$defs' => $file->schemas];

// a reference in an attribute is only a text, so it is asked here whether each lands
$json = static fn (array $one): string => json_encode($one, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
preg_match_all('~"#/components/schemas/(\w+)"~', $json($contract), $references);
$dangling = array_diff(array_unique($references[1]), array_keys($contract['components']['schemas']));
if ($dangling !== []) {
    fwrite(STDERR, 'No schema is called '.implode(', ', $dangling).": mend the attribute that names it.\n");
    exit(1);
}

$defaults = '// Written by ./hojaldre generate from App\Pie\Defaults.'."\nimport type { components } from \"./schema\";\n\nexport const defaults = ".rtrim($json((array) Json::value(Defaults::usual())))." satisfies components[\"schemas\"][\"Defaults\"] as components[\"schemas\"][\"Defaults\"];\n";
$written = [
    'docs/openapi.json' => $json($contract),
    'docs/formats/pie-'.Pie::VERSION.'.schema.json' => $json($schema),
    'web/src/api/generated/defaults.ts' => $defaults,
];
foreach ($written as $name => $text) {
    if (! in_array('--check', $argv, true)) {
        file_put_contents("$root/$name", $text);
    } elseif ($text !== @file_get_contents("$root/$name")) {
        fwrite(STDERR, "$name is stale: run ./hojaldre generate and commit what it writes.\n");
        exit(1);
    }
}
