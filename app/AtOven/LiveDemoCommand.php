<?php

declare(strict_types=1);

namespace App\AtOven;

use App\Kitchen\Kitchen;
use App\Kitchen\User;
use Database\Seeders\DemoBakes;
use Hojaldre\Core\AtOven\LegName;
use Hojaldre\Core\AtOven\LogKind;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;

/** Puts a quiche of the demo kitchen into the oven, some minutes ago, with a probe in it that the stand-in answers for. */
final class LiveDemoCommand extends Command
{
    public const MINUTES = 21;

    protected $signature = 'bakes:live-demo';

    protected $description = 'A bake of the demo kitchen that is in the oven now';

    public function handle(): int
    {
        $kitchen = Kitchen::query()->where('name', 'The Lock House')->first();
        $ada = User::query()->where('email', 'ada@lockhouse.example')->first();
        if ($kitchen === null || $ada === null) {
            $this->line('There is no demo kitchen here: nothing was put into an oven.');

            return self::SUCCESS;
        }
        $in = Carbon::now()->subMinutes(self::MINUTES);
        $bake = DemoBakes::begin($kitchen, $ada, 'Smoked trout and leek quiche', 'Galley fan oven', $in);
        DemoBakes::press($bake, $ada, $in, [
            [LogKind::In, LegName::Shell, '', -80.0, null], [LogKind::Done, LegName::Shell, 'weights-out', -65.0, null], [LogKind::Done, LegName::Shell, 'shell-look', -59.0, null], [LogKind::Done, LegName::Shell, 'out', -59.0, null],
            [LogKind::In, LegName::Bake, '', 0.0, null], [LogKind::Plugged, LegName::Bake, '', 1.0, null],
        ]);
        $band = $bake->possibleBakes();
        StoredReading::put($bake, array_map(static fn (int $half): ReadingWish => new ReadingWish((int) $in->getTimestampMs() + 30_000 * $half, round($band->band($half / 2)[1], 1)), range(2, 2 * self::MINUTES)));

        return self::SUCCESS;
    }
}
