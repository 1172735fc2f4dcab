<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Plan;

use Hojaldre\Core\Day\Task\Resource;

/** When each task begins at the latest if hands and ovens were without end: the longest way from it to a goal. */
final readonly class LatestStarts
{
    /**
     * @param  list<Aim>  $aims
     * @return list<int>
     */
    public static function of(Network $net, array $aims, int $spareMinutes): array
    {
        $late = array_fill(0, $net->count(), $net->length);
        foreach ($aims as $aim) {
            $late[$aim->task] = min($late[$aim->task], $aim->dueMinute - $spareMinutes - $aim->restMinutes - $net->minutes[$aim->task]);
        }
        foreach (array_reverse(self::sorted($net)) as $task) {
            foreach ($net->after[$task] as [$other, $lag]) {
                if ($lag >= 0) {
                    $late[$task] = min($late[$task], $late[$other] - $lag);
                }
            }
            $late[$task] = self::whenHandsAreThere($net, $task, $late[$task]);
        }

        return array_values($late);
    }

    /** No later than then, and somebody is there when it wants hands. */
    private static function whenHandsAreThere(Network $net, int $task, int $start): int
    {
        $hands = Network::resource(Resource::Hands);
        $free = $net->capacity[$hands];
        for ($start = min($start, $net->length - $net->minutes[$task]); $start > 0; $start--) {
            foreach ($net->parts[$task] as [$from, $minutes, $resource]) {
                if ($resource === $hands && ($free[$start + $from] < 1 || $free[$start + $from + $minutes - 1] < 1)) {
                    continue 2;
                }
            }

            return $start;
        }

        return $start;
    }

    /** @return list<int> each after those that come before it */
    public static function sorted(Network $net): array
    {
        $waits = array_fill(0, $net->count(), 0);
        foreach ($net->follows as $own) {
            foreach ($own as $j) {
                $waits[$j]++;
            }
        }
        $sorted = array_keys(array_filter($waits, static fn (int $one): bool => $one === 0));
        for ($k = 0; $k < count($sorted); $k++) {
            foreach ($net->follows[$sorted[$k]] as $j) {
                if (--$waits[$j] === 0) {
                    $sorted[] = $j;
                }
            }
        }

        return $sorted;
    }
}
