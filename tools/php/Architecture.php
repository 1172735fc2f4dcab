<?php

declare(strict_types=1);

namespace Tools;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Who may depend on whom, asked by machine.
 */
final class Architecture
{
    private const CORE = 'Hojaldre\Core';

    /** Each folder of the core and those that it may know. */
    public const MAY_KNOW = [
        'Statement' => [],
        'Refusal' => [],
        'Document' => ['Refusal'],
        'Measure' => ['Statement', 'Refusal'],
        'Food' => ['Statement', 'Refusal', 'Document', 'Measure'],
        'Tin' => ['Refusal', 'Document'],
        'Custard' => [],
        'Moisture' => ['Food', 'Safety'],
        'Seasoning' => [],
        'Safety' => ['Statement'],
        'Oven' => ['Document'],
        'Pastry' => ['Statement', 'Refusal', 'Document', 'Food', 'Tin', 'Oven'],
        'Pie' => ['Refusal', 'Document', 'Measure', 'Food', 'Tin', 'Custard', 'Moisture', 'Seasoning', 'Oven', 'Pastry'],
        'Recipe' => ['Statement', 'Refusal', 'Document', 'Measure', 'Food', 'Tin', 'Custard', 'Oven', 'Pastry', 'Pie'],
        'PieFile' => ['Refusal', 'Document', 'Pastry', 'Pie'],
        'Bake' => ['Food', 'Safety', 'Oven', 'Pastry'],
        'Forecast' => ['Statement', 'Document', 'Food', 'Tin', 'Custard', 'Moisture', 'Seasoning', 'Safety', 'Oven', 'Pastry', 'Pie', 'Bake'],
        'Batch' => ['Statement', 'Refusal', 'Document', 'Food', 'Tin', 'Moisture', 'Safety', 'Pastry', 'Pie', 'Bake', 'Forecast'],
        'Day' => ['Statement', 'Refusal', 'Document', 'Food', 'Tin', 'Moisture', 'Oven', 'Pastry', 'Pie', 'Bake', 'Forecast', 'Batch'],
        'AtOven' => ['Statement', 'Refusal', 'Document', 'Measure', 'Food', 'Tin', 'Moisture', 'Safety', 'Oven', 'Pastry', 'Pie', 'Bake', 'Forecast', 'Day'],
        'Label' => ['Statement', 'Refusal', 'Food', 'Safety', 'Tin', 'Pastry', 'Pie', 'Forecast', 'Day'],
        'Record' => ['Statement', 'Refusal', 'Document', 'Measure', 'Food', 'Moisture', 'Seasoning', 'Safety', 'Oven', 'Pastry', 'Pie', 'Bake', 'Forecast', 'Advice', 'AtOven', 'Day'],
        'Advice' => ['Statement', 'Refusal', 'Document', 'Measure', 'Food', 'Tin', 'Custard', 'Seasoning', 'Oven', 'Pastry', 'Pie', 'PieFile', 'Bake', 'Forecast'],
    ];

    public function test_core_knows_no_framework_and_no_app(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->shouldNotDependOn()
            ->classes(...array_map(
                Selector::inNamespace(...),
                ['App', 'Illuminate', 'Symfony', 'OpenApi', 'Database', 'Laravel', 'Carbon', 'Psr', 'Tools'],
            ))
            ->because('the core knows pies and no computers');
    }

    /** @return iterable<string, Rule> */
    public function test_arrows_go_one_way(): iterable
    {
        foreach (self::MAY_KNOW as $folder => $known) {
            $others = array_diff(array_keys(self::MAY_KNOW), $known, [$folder]);
            yield $folder => PHPat::rule()
                ->classes(Selector::inNamespace(self::CORE.'\\'.$folder))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn (string $one) => Selector::inNamespace(self::CORE.'\\'.$one), array_values($others)))
                ->because("the arrows of the core go one way (MAY_KNOW, $folder)");
        }
    }

    public function test_core_is_final(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->excluding(Selector::isInterface(), Selector::isEnum())
            ->shouldBeFinal()
            ->because('values are not inherited from');
    }

    public function test_core_is_readonly(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace(self::CORE))
            ->excluding(
                Selector::isInterface(), Selector::isEnum(),
                Selector::classname(self::CORE.'\Refusal\Refused'), Selector::classname(self::CORE.'\Refusal\Refusals'),
                // the time loop of the bake writes on its cells, and keeps what it saw; none of it leaves the simulation but to be read
                ...array_map(static fn (string $name) => Selector::classname(self::CORE.'\\'.$name), ['Bake\Cells', 'Bake\CustardWatch', 'Bake\EventWatch', 'Bake\Film', 'Bake\PieceCentre', 'Bake\Recorder', 'Bake\Simulation', 'Bake\SteamTables', 'Bake\StepLoop', 'Advice\Trials', 'Document\Shapes', 'Day\Plan\Timetable', 'Day\Plan\Search', 'Day\Plan\Dice']),
            )
            ->shouldBeReadonly()
            ->because('a forecast is a value; only the reader of a file gathers as it goes');
    }

    public function test_words_of_the_app_do_not_reach_into_the_pie(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Food'), Selector::inNamespace('App\Measure'), Selector::inNamespace('App\Contract'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Pie'))
            ->because('the pie is built from them');
    }
}
