<?php

declare(strict_types=1);

/* A probe that lies in twelve ways, and an honest one, in 200 hidden bakes each: how early is anything called safe? One JSON object a line; exit 1 where a bar is missed. */

use Hojaldre\Core\AtOven\PossibleBakes;
use Hojaldre\Core\Forecast\BakeInputs;
use Hojaldre\Core\Forecast\Kitchens;
use Hojaldre\Core\Forecast\Normal;
use Hojaldre\Core\Forecast\Weights;
use Hojaldre\Core\Tests\AtOven\LyingProbe;
use Hojaldre\Core\Tests\OtherPies;
use Hojaldre\Core\Tests\TroutQuiche;

require __DIR__.'/../../vendor/autoload.php';

$hidden = (int) ($argv[1] ?? 200);
$pies = [TroutQuiche::pie(), TroutQuiche::withRawFish(), OtherPies::deep(), OtherPies::folds()];
$early = $refused = 0;
foreach (['honest', ...LyingProbe::WAYS] as $way) {
    $draw = new Normal(crc32($way) % 100000);
    $was = [];
    foreach ($pies as $n => $pie) {
        $input = BakeInputs::of(Weights::of($pie));
        $possible = PossibleBakes::of($input);
        foreach (Kitchens::drawn(intdiv($hidden, count($pies)), 4100 + $n) as $kitchen) {
            $true = PossibleBakes::run($input, $kitchen);
            $called = LyingProbe::calledSafe($possible, $true, $way, $input->safeCelsius, $draw);
            $was[] = [$called, $called - LyingProbe::isSafe($true, $input->safeCelsius), count($true->celsius)];
        }
    }
    $tooEarly = count(array_filter($was, static fn (array $one): bool => $one[1] < -1.0));
    $never = count(array_filter($was, static fn (array $one): bool => is_infinite($one[0])));
    $early += $tooEarly;
    $refused += $way === 'honest' ? $never : 0;
    $differences = array_values(array_filter(array_column($was, 1), is_finite(...)));
    sort($differences);
    echo json_encode(['name' => "probe, $way", 'runs' => count($was), 'too_early' => $tooEarly, 'never_called_safe' => $never, 'earliest_min' => $differences[0] ?? null, 'median_min' => $differences[intdiv(count($differences), 2)] ?? null], JSON_THROW_ON_ERROR)."\n";
}
echo json_encode(['name' => 'probe, all', 'too_early' => $early, 'honest_refused' => $refused, 'note' => 'bars: none more than a minute too early, no honest one refused'], JSON_THROW_ON_ERROR)."\n";
exit($early + $refused === 0 ? 0 : 1);
