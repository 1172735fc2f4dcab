<?php

declare(strict_types=1);

namespace Hojaldre\Core\Day\Task;

/** What is done on a day, roughly in its order. */
enum TaskKind: string
{
    case Mix = 'mix';
    case Cut = 'cut';
    case Cook = 'cook';
    case Line = 'line';
    case Shell = 'shell';
    case Bind = 'bind';
    case Whisk = 'whisk';
    case Fill = 'fill';
    case Fold = 'fold';
    case Bake = 'bake';
    case Reheat = 'reheat';
    case Unmould = 'unmould';
    case Chill = 'chill';
    case Freeze = 'freeze';

    /** Whether a cook's own pace shows in it; an oven has none. */
    public function isByHand(): bool
    {
        return ! in_array($this, [self::Shell, self::Bake, self::Reheat], true);
    }
}
