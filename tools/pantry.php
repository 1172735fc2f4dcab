<?php

declare(strict_types=1);

/*
 * Writes the tables of core/src/Food/Pantry from core/pantry/*.csv, which a cook can read and mend. With --check it compares
 * instead, and fails when a table is stale.
 */

use Hojaldre\Core\Food\NameKey;

require __DIR__.'/autoload.php';

$root = dirname(__DIR__);

$files = [
    'eggs' => ['Eggs', 'Eggs and their parts, without shell.'],
    'dairy' => ['Dairy', 'What eggs are stirred with.'],
    'liquids' => ['Liquids', 'What a sauce is made of, and what is poured.'],
    'cheeses' => ['Cheeses', 'Cheeses that are laid or folded in; bulk density as grated or crumbled.'],
    'meat-and-fish' => ['MeatAndFish', 'Meat, poultry and fish.'],
    'vegetables' => ['Vegetables', 'Vegetables and roots, trimmed.'],
    'fruit' => ['Fruit', 'Fruit, fresh and dried, trimmed.'],
    'dry-goods' => ['DryGoods', 'Herbs, nuts, pulses, fats, binders, seasonings and doughs.'],
];

/** @return list<array<string, string>> the lines of a table by the names of its columns */
$read = static function (string $file) use ($root): array {
    $handle = fopen("$root/core/pantry/$file.csv", 'r') ?: throw new RuntimeException("core/pantry/$file.csv cannot be read.");
    $columns = array_map(strval(...), fgetcsv($handle, escape: '') ?: []);
    $lines = [];
    for ($number = 2; ($line = fgetcsv($handle, escape: '')) !== false; $number++) {
        if (count($line) !== count($columns)) {
            throw new RuntimeException("core/pantry/$file.csv, line $number, has ".count($line).' fields; there are '.count($columns).' columns.');
        }
        $lines[] = array_combine($columns, array_map(strval(...), $line));
    }

    return $lines;
};
$text = static fn (string $word): string => "'".strtr($word, ['\\' => '\\\\', "'" => "\\'"])."'";
$number = static fn (string $figure): string => is_numeric($figure) ? $figure : throw new RuntimeException("\"$figure\" is no number.");
/** @return list<string> */
$list = static fn (string $words): array => $words === '' ? [] : array_map(trim(...), explode(';', $words));
$pieces = static fn (string $words): string => '['.implode(', ', array_map(static function (string $one) use ($text, $number): string {
    $at = strrpos($one, ' ') ?: throw new RuntimeException("\"$one\" is no piece with its grams.");

    return $text(substr($one, 0, $at)).' => '.$number(substr($one, $at + 1));
}, $list($words))).']';

/** @param  list<string>  $rows */
$written = static fn (string $class, string $about, string $columns, array $rows): string => <<<PHP
    <?php

    declare(strict_types=1);

    namespace Hojaldre\\Core\\Food\\Pantry;

    /** $about Written by ./hojaldre generate from core/pantry; sources stand there. */
    final readonly class $class
    {
        /** $columns */
        public const ROWS = [

    PHP.implode('', array_map(static fn (string $row): string => "        $row,\n", $rows))."    ];\n}\n";

$law = array_column($read('allergens'), null, 'food');
$parts = array_column($read('fat-and-sugar'), null, 'food');
/** What the law wants beside the groups: names of cereals and nuts, how far it is known; g of saturates and sugars in 100 g. @param  array<string, string>  $one */
$declared = static fn (array $one, string $names, string $known, string $like): array => [
    '['.implode(', ', array_map($text, $list($names))).']', $text($known),
    (string) round((float) $one['fatPercent'] * (float) ($parts[$one['id']] ?? $parts[$like])['saturatesOfFatShare'], 2),
    (string) round((float) $one['carbohydratePercent'] * (float) ($parts[$one['id']] ?? $parts[$like])['sugarsOfCarbohydrateShare'], 2),
];
$row = static fn (array $one, string $names, string $known, string $like): string => $text($one['id']).' => ['.implode(', ', [
    $text($one['name']), $text($one['role']), $text($one['texture']),
    '['.implode(', ', array_map(static fn (string $part): string => $number($one[$part.'Percent']), ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash', 'salt'])).']',
    ...array_map(static fn (string $key): string => $number($one[$key]), ['gramsPerMl', 'bulkGramsPerMl', 'floorYieldShare', 'eggsPer100g', 'liquidShare', 'bindsGramsPerGram']),
    $one['safeCelsius'] === '' ? 'null' : $number($one['safeCelsius']),
    $pieces($one['pieceGrams']), '['.implode(', ', array_map($text, $list($one['allergens']))).']',
    $one['doughKind'] === '' ? 'null' : $text($one['doughKind']),
    ...$declared($one, $names, $known, $like),
]).']';

$tables = $shown = $foods = [];
foreach ($files as $file => [$class, $about]) {
    $foods += array_column($read($file), null, 'id');
    $rows = array_map(static fn (array $one): string => $row($one, $law[$one['id']]['names'], $law[$one['id']]['known'], $one['id']), $read($file));
    $shown += array_column($read($file), 'name', 'id');
    $tables[$class] = $written($class, $about, 'Columns as in the table, composition in one.', $rows);
}
// names that borrow water and salt from another food, and never its allergens
$borrowed = $likes = [];
foreach ($read('borrowed') as $one) {
    $like = $foods[$one['like']] ?? throw new RuntimeException("core/pantry/borrowed.csv: there is no food \"{$one['like']}\" for {$one['id']} to be like.");
    $own = array_filter(array_combine(array_map(static fn (string $part): string => $part.'Percent', ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash', 'salt']), array_map(static fn (string $part): string => $one[$part], ['water', 'protein', 'fat', 'carbohydrate', 'fibre', 'ash', 'salt'])), static fn (string $value): bool => $value !== '');
    $borrowed[] = $row([...$like, 'id' => $one['id'], 'name' => $one['name'], 'allergens' => $one['allergens'], 'pieceGrams' => $like['pieceGrams'], ...$own], $one['allergenNames'], $one['known'], $one['like']);
    $likes[] = $text($one['id']).' => '.$text($one['like']);
    $shown[$one['id']] = $one['name'];
}
$tables['Borrowed'] = $written('Borrowed', 'Foods that borrow water and salt from another one; their allergens are their own.', 'Columns as in the table, composition in one.', $borrowed);
$tables['Likes'] = $written('Likes', 'Which food a borrowed one is like.', 'By food.', $likes);
$prepared = [];
foreach ($read('preparations') as $one) {
    $prepared[$one['food']][] = '['.implode(', ', [$text($one['name']), $text($one['how']), ...array_map(static fn (string $key): string => $number($one[$key]), ['yieldLowShare', 'yieldHighShare', 'minutesLow', 'minutesHigh'])]).']';
}
$tables['Preparations'] = $written('Preparations', 'How water is driven off before the oven, and what it leaves of the trimmed weight.', 'By food: name, how, yield low and high, minutes low and high.', array_map(
    static fn (string $food, array $rows): string => $text($food).' => ['.implode(', ', $rows).']', array_keys($prepared), $prepared,
));

$named = [...$read('names'), ...array_map(static fn (array $one): array => ['food' => $one['id'], 'names' => $one['names']], $read('borrowed'))];
$tables['Names'] = $written('Names', 'What else cooks call a food.', 'By food.', array_map(
    static fn (array $one): string => $text($one['food']).' => ['.implode(', ', array_map($text, $list($one['names']))).']', $named,
));

$keys = $taken = [];
foreach ($named as $one) {
    $own = array_map(NameKey::of(...), [$shown[$one['food']], explode(',', $shown[$one['food']])[0], ...$list($one['names'])]);
    // a name of two foods is the first one's
    $keys[$one['food']] = array_values(array_diff(array_unique($own), $taken));
    $taken = [...$taken, ...$own];
}
$tables['NameKeys'] = $written('NameKeys', 'The keys of the names of each food, as NameKey makes them, with a bar between.', 'By food.', array_map(
    static fn (string $food, array $own): string => $text($food).' => '.$text(implode('|', $own)), array_keys($keys), $keys,
));

foreach ($tables as $class => $php) {
    $file = "core/src/Food/Pantry/$class.php";
    if (! in_array('--check', $argv, true)) {
        file_put_contents("$root/$file", $php);
    } elseif ($php !== @file_get_contents("$root/$file")) {
        fwrite(STDERR, "$file is stale: run ./hojaldre generate and commit what it writes.\n");
        exit(1);
    }
}
