<?php

declare(strict_types=1);

/*
 * Writes docs/openapi.json from the attributes beside the controllers, and puts the published pie schema into it.
 * With --check it compares instead, and fails when the file is stale.
 */

use OpenApi\Generator;

require __DIR__.'/../vendor/autoload.php';

$root = dirname(__DIR__);
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
$design = json_decode((string) file_get_contents("$root/docs/formats/pie-2.schema.json"), true, 64, JSON_THROW_ON_ERROR);
$definitions = $design['$defs'];
unset($design['$defs'], $design['$schema'], $design['$id'], $design['title']);
$contract['components']['schemas'] = [...$contract['components']['schemas'], 'PieDesign' => $design, ...$definitions];
ksort($contract['components']['schemas']);
$json = json_encode($contract, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
$json = str_replace('"#/$defs/', '"#/components/schemas/', $json);

// the generator cannot see the schemas put in above, so it is asked here whether every reference lands
preg_match_all('~"#/components/schemas/(\w+)"~', $json, $references);
$dangling = array_diff(array_unique($references[1]), array_keys($contract['components']['schemas']));
if ($dangling !== []) {
    fwrite(STDERR, 'No schema is called '.implode(', ', $dangling).": mend the attribute that names it.\n");
    exit(1);
}

$file = "$root/docs/openapi.json";
if (in_array('--check', $argv, true)) {
    if ($json !== @file_get_contents($file)) {
        fwrite(STDERR, "docs/openapi.json is stale: run ./hojaldre generate and commit what it writes.\n");
        exit(1);
    }
    exit(0);
}
file_put_contents($file, $json);
