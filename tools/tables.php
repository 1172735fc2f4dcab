<?php

declare(strict_types=1);

/* Writes the tables of docs/model.md from the model itself, between their marks. `./hojaldre generate` calls it. */

use Hojaldre\Core\Bake\BakeEvent;
use Hojaldre\Core\Bake\Simulation;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\SimulatedBake;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Oven\BakePlan;
use Hojaldre\Core\Oven\OvenMode;
use Hojaldre\Core\Oven\Rack;
use Hojaldre\Core\Oven\Stage;
use Hojaldre\Core\Oven\StandsOn;
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
    foreach (Practice::timed() as $name => [$pie, $from, $to, $event]) {
        $result = Simulation::run(BakeInputs::of(Weights::of($pie)));
        $at = $result->minute($event);
        $verdict = match (true) {
            $at >= $from && $at <= $to => 'in range',
            $at >= (1 - NEAR) * $from && $at <= (1 + NEAR) * $to => 'near',
            default => 'out',
        };
        $rows[] = [$name, "$from to $to, {$event->value}", minute($result->minute(BakeEvent::TimeToLook)).' / '.minute($result->minute(BakeEvent::Set)), minute($result->minute(BakeEvent::Golden)), minute($result->minute(BakeEvent::Safe)), is_nan($result->basePercent) ? '-' : (string) (int) round($result->basePercent), $verdict];
    }

    return table(['what (static oven)', 'practice, min', 'look / set', 'golden', 'safe', 'base, %', ''], $rows);
}

/** The trout quiche with one thing changed at a time. */
function series(): string
{
    $trout = TroutQuiche::pie();
    $read = static function (Pie $pie): string {
        $baked = SimulatedBake::of(Weights::of($pie)) ?? throw new LogicException('There is nothing in it.');
        $window = $baked->minute(BakeEvent::Over) - $baked->minute(BakeEvent::TimeToLook);

        return sprintf('base %d %%, set %s, window %s, top %.1f', (int) round($baked->base()), minute($baked->minute(BakeEvent::Set)), is_finite($window) ? minute($window) : '-', $baked->result->browned->topIndex);
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

function refinement(): string
{
    $rows = [];
    foreach (array_slice(Practice::timed(), 0, 8, true) as $name => [$pie]) {
        $input = BakeInputs::of(Weights::of($pie));
        [$fine, $rough] = [Simulation::run($input), Simulation::run($input, coarse: true)];
        $rows[] = [$name, "{$fine->cells()} / {$rough->cells()}", minute($fine->minute(BakeEvent::Set)).' / '.minute($rough->minute(BakeEvent::Set)), sprintf('%.1f / %.1f', $fine->basePercent, $rough->basePercent), sprintf('%.0e', max(1e-17, $fine->massErrorShare)), sprintf('%.2f %%', 100 * $fine->energyErrorShare)];
    }

    return table(['fine / rough', 'cells', 'set, min', 'base, %', 'water lost by the sums', 'heat'], $rows);
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
