<?php

declare(strict_types=1);

namespace App\Record;

use App\Kitchen\Kitchen;
use Hojaldre\Core\Seasoning\Salt;

/** Salt that this kitchen is taken to like, where that was accepted: what is salted here is salted to it. */
final readonly class AcceptedSalt
{
    /** Per cent of the filling. */
    public static function in(Kitchen $kitchen): float
    {
        $lesson = KitchenLesson::of($kitchen)['salt'] ?? null;

        return $lesson?->state === LessonState::Accepted->value ? $lesson->value : Salt::AIM_PERCENT;
    }
}
