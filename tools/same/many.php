<?php

declare(strict_types=1);

/* The long list of `bench same`: an ask is "KIND FROM COUNT". Answers are marks, by what was asked. */

use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\BatchLine;
use Hojaldre\Core\Batch\FoldChoice;
use Hojaldre\Core\Batch\PastryPlan;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Batch\Prep\PrepList;
use Hojaldre\Core\Batch\Prep\ShoppingList;
use Hojaldre\Core\Day\Plan\Planner;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Pastry\Dough\HouseDoughs;
use Hojaldre\Core\Pastry\Rolled\LiningChoice;
use Hojaldre\Core\Tests\Day\RandomDay;
use Hojaldre\Core\Tests\RandomPie;
use Hojaldre\Core\Tests\Recipe\TestRecipes;

spl_autoload_register(static function (string $class): void {
    $file = str_replace(['Hojaldre\Core\Tests\\', '\\'], [__DIR__.'/../../core/tests/', '/'], $class).'.php';
    if (str_starts_with($class, 'Hojaldre\Core\Tests\\') && is_file($file)) {
        require $file;
    }
});

/** One design in so many is baked finely, the others on the coarse grid. */
const FINE_EACH = 20;

/** @return array<string, string> */
function many(string $ask): array
{
    [$kind, $from, $count] = [...explode(' ', $ask), '0', '1'];
    $answers = [];
    for ($i = (int) $from; $i < (int) $from + (int) $count; $i++) {
        $answers["$kind $i"] = match ($kind) {
            'design' => design($i),
            'phrase' => phrase($i),
            'recipe' => recipe($i),
            'plan' => plan($i),
            'prep' => prep($i),
            default => throw new InvalidArgumentException("There is no \"$kind\"."),
        };
    }

    return $answers;
}

function design(int $seed): string
{
    $pie = RandomPie::many(1, $seed + 1000)[0];

    return mark($seed % FINE_EACH === 0 ? Forecast::of($pie) : Forecast::roughly($pie));
}

/** Row of the tables of phrases; all after the last are empty. */
function phrase(int $index): string
{
    static $rows = null;
    $rows ??= array_map(static fn (string $line): array => str_getcsv($line, escape: ''), file(__DIR__.'/../../core/tests/Measure/data/phrases.csv', FILE_IGNORE_NEW_LINES) ?: []);
    $columns = array_flip($rows[0]);
    $row = $rows[$index + 1] ?? null;

    return $row === null || $row[$columns['what']] !== 'g' ? 'none' : read_amount($row[$columns['words']], $row[$columns['of']]);
}

function recipe(int $index): string
{
    static $texts = null;
    $texts ??= array_values(array_map(static fn (array $one): string => $one[0], [...TestRecipes::in('built'), ...TestRecipes::in('mended'), ...TestRecipes::in('unseen')]));

    return isset($texts[$index]) ? mark(TestRecipes::read($texts[$index])) : 'none';
}

function plan(int $seed): string
{
    [$day, $tasks] = RandomDay::of($seed + 1);

    return mark(Planner::plan($day, $tasks, []));
}

function prep(int $seed): string
{
    $pies = $lines = [];
    foreach (RandomPie::many(4, $seed + 500) as $i => $pie) {
        $lines[] = $line = new BatchLine(sprintf('00000000-0000-4000-8000-%012d', $i), 1 + ($i + $seed) % 3, LiningChoice::usual(), FoldChoice::asDesigned());
        $pies[] = new PieOfBatch($i + 1, $line, $pie);
    }
    $batch = new Batch('Same', $lines, [], 21);
    $formulas = array_filter(array_combine(HouseDoughs::ids(), array_map(HouseDoughs::of(...), HouseDoughs::ids())));
    $pastry = PastryPlan::of($batch, $pies, $formulas, []);

    return mark([PrepList::of($batch, $pies, $pastry), ShoppingList::of($pies, $pastry, [], [])]);
}
