<?php

declare(strict_types=1);

/*
 * Answers that must be the same, to the last digit, with every setting of PHP. From the shell: answer.php ASK...; in php-fpm a question
 * each, ASK in its parameters. Out comes one JSON object: {ask: mark of the answer}. "known" stands for the thirty of the start.
 */

use Hojaldre\Core\Food\AmountParser;
use Hojaldre\Core\Food\Pantry;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Measure\CookUnits;
use Hojaldre\Core\Measure\VolumeSystem;
use Hojaldre\Core\PieFile\PieFile;
use Hojaldre\Core\Refusal\Refused;

require __DIR__.'/../../core/autoload.php';
require __DIR__.'/many.php';

/** What a cook may say of an amount, of which food. */
const KNOWN_PHRASES = [
    ['1 small onion, finely chopped', 'onions'], ['6 large mushrooms', 'mushrooms'], ['3 large eggs', 'egg'], ['an egg', 'egg'], ['half a dozen eggs', 'egg'], ['2 medium leeks', 'leeks'], ['a handful of parsley', 'parsley'],
    ['1 large onion', 'onions'], ['4 rashers', 'streaky-bacon'], ['2 tbsp', 'whole-milk'], ['1 cup', 'hard-cheese'], ['300 ml', 'whole-milk'], ['2 lb 4 oz', 'leeks'], ['a knob', 'butter'], ['1 x 400 g tin', 'chickpeas'], ['1/2 cup', 'whole-milk'],
];

/** The bits of a figure and not its print: two that differ in the last digit are two. */
function mark(mixed $answer): string
{
    return substr(sha1(serialize($answer)), 0, 16);
}

function read_amount(string $words, string $food): string
{
    try {
        return mark((new AmountParser(CookUnits::of(VolumeSystem::Metric)))->read($words, Pantry::food($food)));
    } catch (Refused $refused) {
        return 'refused '.$refused->refusals[0]->code;
    }
}

/** @return array<string, string> thirty: seven demo pies finely and roughly, and sixteen amounts */
function known(): array
{
    $known = [];
    foreach (glob(__DIR__.'/../../database/data/demo/*.json') ?: [] as $file) {
        $pie = PieFile::read((string) file_get_contents($file));
        $known['fine '.basename($file)] = mark(Forecast::of($pie));
        $known['rough '.basename($file)] = mark(Forecast::roughly($pie));
    }
    foreach (KNOWN_PHRASES as [$words, $food]) {
        $known["$words of $food"] = read_amount($words, $food);
    }

    return $known;
}

ini_set('serialize_precision', '17');
$asked = PHP_SAPI === 'cli' ? array_slice($argv, 1) : [(string) ($_SERVER['ASK'] ?? '')];
if ($asked === ['-']) {
    $asked = array_filter(array_map(trim(...), explode("\n", (string) stream_get_contents(STDIN))));
}
$answers = [];
foreach ($asked as $ask) {
    $answers = [...$answers, ...($ask === 'known' ? known() : many($ask))];
}
if (PHP_SAPI !== 'cli') {
    header('Content-Type: application/json');
}
echo json_encode(['pid' => getmypid(), 'jit' => (bool) (opcache_get_status(false)['jit']['on'] ?? false), 'answers' => $answers], JSON_THROW_ON_ERROR);
