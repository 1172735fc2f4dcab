<?php

declare(strict_types=1);

/* Writes the tables of docs/model.md from the model itself, between their marks. `./hojaldre generate` calls it. */

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Resolution;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Forecast;
use Hojaldre\Core\Forecast\Readings\Reading;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\StandsOn;
use Hojaldre\Core\Pastry\BaseVerdict;
use Hojaldre\Core\Pastry\Seal;
use Hojaldre\Core\Pastry\ShellStage;
use Hojaldre\Core\Pastry\ShellSupport;
use Hojaldre\Core\Pie\Pie;
use Hojaldre\Core\Tests\Bake\Practice;
use Hojaldre\Core\Tests\TroutQuiche;

require __DIR__.'/../vendor/autoload.php';

const NEAR = 0.15;

/**
 * @param  list<string>  $head
 * @param  list<list<string>>  $rows
 */
function table(array $head, array $rows): string
{
    $line = static fn (array $cells): string => '| '.implode(' | ', $cells).' |';

    return implode("\n", [$line($head), $line(array_fill(0, count($head), '---')), ...array_map($line, $rows)]);
}

function minute(float $minute): string
{
    return is_finite($minute) ? (string) (int) round($minute) : '-';
}

function practice(): string
{
    $rows = [];
    foreach (Practice::all() as $one) {
        $forecast = Forecast::of($one->pie);
        $bake = $forecast->bake ?? throw new LogicException('There is nothing in it.');
        $red = array_values(array_map(static fn (Reading $reading): string => "{$reading->name->value} {$reading->verdict->value}", array_filter($forecast->readings, static fn (Reading $reading): bool => $reading->inTrouble())));
        $minutes = '';
        if ($one->minutes !== null) {
            [$from, $to, $event] = $one->minutes;
            $at = $bake->minute($event);
            $minutes = sprintf('%s %s, practice %d to %d', $event->value, minute($at), $from, $to).match (true) {
                $at >= $from && $at <= $to => '',
                $at >= (1 - NEAR) * $from && $at <= (1 + NEAR) * $to => ', near',
                default => ', **out**',
            };
        }
        $rows[] = [($one->isGood() ? 'good' : 'bad').($one->isFitted ? ', fitted' : ', looked at'), $one->name, $one->word, $minutes, implode('; ', $red) ?: '-'];
    }

    return table(['', 'bake (static oven)', 'what a cook says', 'minutes', 'what is red'], $rows);
}

/** The trout quiche with one thing changed at a time. */
function series(): string
{
    $trout = TroutQuiche::pie();
    $read = static function (Pie $pie): string {
        $baked = SimulatedBake::of(Weights::of($pie)) ?? throw new LogicException('There is nothing in it.');
        $window = $baked->minute(BakeEvent::Over) - $baked->minute(BakeEvent::TimeToLook);

        return sprintf('base %.2f %s, take out %s, right for %s, top %.1f', $baked->base(), BaseVerdict::of($baked->base(), $baked->result->baseBakedShare)->value, minute($baked->minute(BakeEvent::TimeToLook)), is_finite($window) ? minute($window) : '-', $baked->result->browned->topIndex);
    };
    $rows = [['as it is (46 min, 175 °C static)', $read($trout)]];
    foreach ([0, 6, 12, 18, 26] as $minutes) {
        $stages = $minutes === 0 ? [] : [new ShellStage(ShellSupport::Weighted, 190, OvenMode::Static, max(1.0, $minutes * 0.7), Rack::Middle), new ShellStage(ShellSupport::Bare, 190, OvenMode::Static, max(1.0, $minutes * 0.3), Rack::Middle)];
        $rows[] = ["shell $minutes min, 7 of 10 of them weighted", $read($trout->withCrust($trout->crust->withShell($stages, Seal::None)))];
    }
    foreach ([280, 315, 360, 420] as $grams) {
        $rows[] = ["leeks stopped at $grams g", $read(TroutQuiche::withLeeks($grams))];
    }
    foreach ([150, 165, 180, 195] as $celsius) {
        $rows[] = ["$celsius °C static", $read($trout->withBake(new BakePlan([new Stage($celsius, OvenMode::Static, 46)])))];
    }
    $rows[] = ['155 °C fan', $read($trout->withBake(new BakePlan([new Stage(155, OvenMode::Fan, 46)])))];
    $rows[] = ['on hot steel', $read($trout->withBake(new BakePlan($trout->bake->stages, StandsOn::Steel)))];

    return table(['a quiche of trout and leeks', 'comes out with'], $rows);
}

/** Fine and coarse against the fine grid by steps of 2 s. */
function refinement(): string
{
    $rows = [];
    $errors = ['fine' => [], 'coarse' => []];
    foreach (Practice::timed() as $name => [$pie]) {
        $input = BakeInputs::of(Weights::of($pie));
        $true = Simulation::run($input, resolution: Resolution::bySteps(2));
        $cells = [];
        foreach (['fine' => Resolution::fine(), 'coarse' => Resolution::coarse()] as $which => $resolution) {
            $one = Simulation::run($input, resolution: $resolution);
            $error = [
                'set' => 60 * abs(finite($one->minute(BakeEvent::Set)) - finite($true->minute(BakeEvent::Set))), 'gold' => 60 * abs(finite($one->minute(BakeEvent::Golden)) - finite($true->minute(BakeEvent::Golden))),
                'top' => 100 * abs($one->browned->topIndex / max(0.01, $true->browned->topIndex) - 1), 'base' => is_nan($true->basePercent) ? 0.0 : abs($one->basePercent - $true->basePercent),
            ];
            foreach ($error as $what => $value) {
                $errors[$which][$what][] = $value;
            }
            $cells[] = sprintf('%d s / %d s / %.1f %% / %.1f', $error['set'], $error['gold'], $error['top'], $error['base']);
            $closes = sprintf('%.0e, %.2f %%', max(1e-17, $one->massErrorShare), 100 * $one->energyErrorShare);
            if ($which === 'fine') {
                $cells[] = $closes;
            }
        }
        $rows[] = [$name, $cells[0], $cells[2], $cells[1]];
    }
    $tenth = static function (array $values): float {
        sort($values);

        return $values[(int) floor(0.9 * (count($values) - 1))];
    };
    $rows[] = ['**90 in 100**', ...array_map(static fn (array $one): string => sprintf('**%d s / %d s / %.1f %% / %.1f**', $tenth($one['set']), $tenth($one['gold']), $tenth($one['top']), $tenth($one['base'])), array_values($errors)), ''];

    return table(['set, gold, top colour, base in points', 'fine, 20 s', 'coarse, 30 s', 'water and heat that the sums lose'], $rows);
}

function finite(float $minute): float
{
    return is_finite($minute) ? $minute : 0.0;
}

$file = __DIR__.'/../docs/model.md';
$text = (string) file_get_contents($file);
foreach (['practice' => practice(...), 'series' => series(...), 'refinement' => refinement(...)] as $mark => $make) {
    $text = (string) preg_replace("~(<!-- $mark -->\n).*?(\n<!-- /$mark -->)~s", '$1'.strtr($make(), ['\\' => '\\\\', '$' => '\\$']).'$2', $text, 1, $count);
    if ($count !== 1) {
        fwrite(STDERR, "docs/model.md has no place for the table \"$mark\".\n");
        exit(1);
    }
}
file_put_contents($file, $text);
