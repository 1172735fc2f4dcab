<?php

declare(strict_types=1);

namespace App\Pie;

use Hojaldre\Core\Forecast\Forecast;
use Illuminate\Console\Command;

/** Bakes the pies whose words are of an older model, so that no list of pies has to wait for it. */
final class ReadVerdictsCommand extends Command
{
    protected $signature = 'pies:read-verdicts';

    protected $description = 'Work out the readings of all pies that an older model read.';

    public function handle(): int
    {
        StoredPie::query()
            ->where(static fn ($query) => $query->whereNull('verdicts_model')->orWhere('verdicts_model', '<>', Forecast::MODEL)->orWhereColumn('verdicts_revision', '<>', 'revision'))
            ->orderBy('kitchen_id')->orderBy('id')
            ->each(static fn (StoredPie $pie) => $pie->readVerdicts());

        return self::SUCCESS;
    }
}
