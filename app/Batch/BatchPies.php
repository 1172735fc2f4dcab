<?php

declare(strict_types=1);

namespace App\Batch;

use App\Kitchen\Kitchen;
use App\Pie\PieRevision;
use Hojaldre\Core\Batch\Batch;
use Hojaldre\Core\Batch\PieOfBatch;
use Hojaldre\Core\Refusal\Refusal;
use Hojaldre\Core\Refusal\Refused;

/** The pies of a batch as they were last saved. */
final readonly class BatchPies
{
    /**
     * @return list<PieOfBatch>
     *
     * @throws Refused no-such-pie, for each that is not in the kitchen
     */
    public static function of(Kitchen $kitchen, Batch $batch): array
    {
        $stored = $kitchen->pies()->whereIn('id', array_map(static fn ($line): string => $line->pie, $batch->lines))->get();
        $revisions = PieRevision::newestOf($stored);
        $pies = $refusals = [];
        foreach ($batch->lines as $index => $line) {
            if (isset($revisions[$line->pie])) {
                $pies[] = new PieOfBatch($index + 1, $line, $revisions[$line->pie]->pie());
            } else {
                $refusals[] = new Refusal('no-such-pie', "/batch/lines/$index/pie");
            }
        }
        if ($refusals !== []) {
            throw Refused::with($refusals);
        }

        return $pies;
    }
}
