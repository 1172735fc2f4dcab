<?php

declare(strict_types=1);

namespace Tools;

use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * Who may depend on whom, asked by machine. Arrows in the core go one way:
 * Measure <- Food, Tin <- Custard, Moisture, Seasoning <- Bake, Safety <- Pie <- app.
 */
final class Architecture
{
    private const CORE = 'Hojaldre\Core';

    /** Each word and those that lie above it, which it must not know. */
    private const ABOVE = [
        'Measure' => ['Food', 'Tin', 'Custard', 'Moisture', 'Seasoning', 'Bake', 'Safety', 'Pie'],
        'Food' => ['Custard', 'Moisture', 'Seasoning', 'Bake', 'Safety', 'Pie'],
        'Tin' => ['Food', 'Custard', 'Moisture', 'Seasoning', 'Bake', 'Safety', 'Pie'],
        'Custard' => ['Moisture', 'Seasoning', 'Bake', 'Safety', 'Pie'],
        'Moisture' => ['Custard', 'Seasoning', 'Bake', 'Safety', 'Pie'],
        'Seasoning' => ['Custard', 'Moisture', 'Bake', 'Safety', 'Pie'],
        'Bake' => ['Pie'],
        'Safety' => ['Bake', 'Pie'],
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
        foreach (self::ABOVE as $word => $above) {
            yield $word => PHPat::rule()
                ->classes(Selector::inNamespace(self::CORE.'\\'.$word))
                ->shouldNotDependOn()
                ->classes(...array_map(static fn (string $one) => Selector::inNamespace(self::CORE.'\\'.$one), $above))
                ->because("$word lies below them");
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
                Selector::classname(self::CORE.'\Refused'), Selector::classname(self::CORE.'\Fields'), Selector::classname(self::CORE.'\Faults'),
                // the time loop of the bake writes on its cells, and keeps what it saw; none of it leaves the simulation but to be read
                ...array_map(static fn (string $name) => Selector::classname(self::CORE.'\\'.$name), ['Bake\Cells', 'Bake\Course', 'Bake\Film', 'Bake\Simulation', 'Bake\Tables', 'Pie\WaysOut\Search']),
            )
            ->shouldBeReadonly()
            ->because('a forecast is a value; only the reader of a file gathers as it goes');
    }

    public function test_words_of_the_app_do_not_reach_into_the_pie(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('App\Food'), Selector::inNamespace('App\Measure'), Selector::inNamespace('App\Problem'), Selector::inNamespace('App\Contract'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('App\Pie'))
            ->because('the pie is built from them');
    }
}
